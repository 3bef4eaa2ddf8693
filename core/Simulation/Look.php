<?php

declare(strict_types=1);

namespace Kalokroma\Simulation;

use Kalokroma\Colour\Ciede2000;
use Kalokroma\Colour\ColourName;
use Kalokroma\Colour\Lab;
use Kalokroma\Colour\Xyz;
use Kalokroma\Craft\Importance;
use Kalokroma\Craft\Texture;
use Kalokroma\Craft\Zone;

/**
 * The colours of an area's five zones at one moment.
 */
final readonly class Look
{
    /**
     * @param non-empty-list<Lab> $colours in the order of Zone::cases()
     * @param non-empty-list<Lab>|null $left of the two flanks, where they differ
     * @param non-empty-list<Lab>|null $right
     * @param Lab|null $rim the edge of the base, where it was painted
     * @param array{plain: Lab, on: list<array{colour: Lab, share: float}>}|null $mark what lies on a patch of the face, outermost first,
     *     and the face round it
     */
    private function __construct(
        public Texture $texture,
        public array $colours,
        public ?array $left = null,
        public ?array $right = null,
        public ?Lab $rim = null,
        public ?array $mark = null,
    ) {}

    /** @param non-empty-list<Lab> $colours in the order of Zone::cases() */
    public static function of(Texture $texture, array $colours): self
    {
        return new self($texture, $colours);
    }

    /** One colour in all zones. */
    public static function flat(Texture $texture, Lab $colour): self
    {
        return new self($texture, array_map(static fn(Zone $zone): Lab => $colour, Zone::cases()));
    }

    /**
     * Of an area lit from one side: seen from a step back it is both flanks at once.
     *
     * @param non-empty-list<Lab> $left
     * @param non-empty-list<Lab> $right
     */
    public static function ofFlanks(Texture $texture, array $left, array $right): self
    {
        return new self($texture, array_map(static fn(Lab $one, Lab $other): Lab => $one->midway($other), $left, $right), $left, $right);
    }

    /** The same with the edge of the base in a colour of its own. */
    public function rimmed(Lab $rim): self
    {
        return new self($this->texture, $this->colours, $this->left, $this->right, $rim, $this->mark);
    }

    /**
     * The same with a mark on its face told apart; the face's colour stays what one sees from a step back.
     *
     * @param array{plain: Lab, on: list<array{colour: Lab, share: float}>} $mark
     */
    public function marked(array $mark): self
    {
        return new self($this->texture, $this->colours, $this->left, $this->right, $this->rim, $mark);
    }

    public function at(Zone $zone): Lab
    {
        return $this->colours[$zone->index()];
    }

    /** Value of the darkest zone. */
    public function lowestValue(): int
    {
        return min(array_map(static fn(Lab $colour): int => $colour->value(), $this->colours));
    }

    /** Value of the lightest zone. */
    public function highestValue(): int
    {
        return max(array_map(static fn(Lab $colour): int => $colour->value(), $this->colours));
    }

    /** |ΔL*| between recess and raised parts: what carries to arm's length. */
    public function relief(): float
    {
        return abs($this->at(Zone::Raised)->lightness - $this->at(Zone::Recess)->lightness);
    }

    public function isReadable(Importance $importance): bool
    {
        return $this->relief() >= $importance->readableRange();
    }

    /** What one would call the area from a step back: the colour of its face, of each flank where they differ. */
    public function words(): string
    {
        if ($this->left !== null && $this->right !== null) {
            $face = Zone::Face->index();
            [$left, $right] = [ColourName::of($this->left[$face])->words(), ColourName::of($this->right[$face])->words()];

            return $left === $right ? $left : "$left on the left, $right on the right";
        }

        return ColourName::of($this->at(Zone::Face))->words();
    }

    /** The area seen as one from far enough away: the light of all zones by their shares. */
    public function mean(): Lab
    {
        $x = $y = $z = 0.0;
        foreach (Zone::cases() as $zone) {
            $light = $this->at($zone)->toXyz();
            $share = $this->texture->share($zone);
            [$x, $y, $z] = [$x + $share * $light->x, $y + $share * $light->y, $z + $share * $light->z];
        }

        return Xyz::of($x, $y, $z)->toLab();
    }

    /** ΔE₀₀ to another look, zones weighed by their share of the surface. */
    public function differenceTo(self $other): float
    {
        $sum = 0.0;
        foreach (Zone::cases() as $zone) {
            [$here, $there] = [$this->at($zone), $other->at($zone)];
            $sum += $here === $there ? 0.0 : $this->texture->share($zone) * Ciede2000::between($here, $there);
        }

        return $sum;
    }
}
