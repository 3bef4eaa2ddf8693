<?php

declare(strict_types=1);

namespace Kalokroma\Review\Rules;

use Closure;
use Kalokroma\Colour\Lab;
use Kalokroma\Craft\AreaSize;
use Kalokroma\Craft\Texture;
use Kalokroma\Craft\Zone;
use Kalokroma\Mixing\Mix;
use Kalokroma\Paint\Paint;
use Kalokroma\Planning\Pass;
use Kalokroma\Recipe\Area;
use Kalokroma\Recipe\Edit\ChangeStep;
use Kalokroma\Recipe\Step;
use Kalokroma\Review\AtHand;
use Kalokroma\Review\Finding;
use Kalokroma\Review\Mend;
use Kalokroma\Review\Neutral;
use Kalokroma\Review\Rule;
use Kalokroma\Review\Scene;
use Kalokroma\Review\Severity;

/** Two areas of one model, of different stuff, that end in the same black, or the same white. */
final class NeutralTwins extends Rule
{
    /** In a* and b*. */
    private const WITHIN = 3.0;

    /** Paints looked at, the nearest first. */
    private const TRIED = 6;

    /**
     * @param string $name "black" or "white"
     * @param string $bound words: "below value 30"
     * @param Closure(Lab): bool $is whether a colour is one
     * @param Lab $warmer how far off the colour lies that one of them is leant to
     */
    private function __construct(
        string $id,
        private readonly string $name,
        private readonly string $bound,
        private readonly Closure $is,
        private readonly Lab $warmer,
        private readonly string $otherSchool,
    ) {
        parent::__construct($id);
    }

    public static function blacks(string $id): self
    {
        $bound = sprintf('below value %d', (int) Neutral::BLACK_BELOW);

        return new self(
            $id,
            'black',
            $bound,
            Neutral::isBlack(...),
            Lab::of(3.0, 4.0, 5.0),
            'Told by their edges alone two blacks can be the same.',
        );
    }

    public static function whites(string $id): self
    {
        $bound = sprintf('above value %d', (int) Neutral::WHITE_ABOVE);

        return new self($id, 'white', $bound, Neutral::isWhite(...), Lab::of(0.0, 1.0, 7.0), 'On a pale model one white may be enough.');
    }

    public function check(Scene $scene): iterable
    {
        $areas = array_values(array_filter(
            $scene->plan->areas,
            fn(Area $one): bool => $one->size !== AreaSize::Speck && $one->texture !== Texture::TinyDetail && ! $one->ground
                && $scene->own($one) !== [] && ($this->is)($scene->final($one, Zone::Raised)),
        ));
        foreach ($areas as $at => $one) {
            foreach (array_slice($areas, $at + 1) as $other) {
                if (
                    $one->material !== $other->material
                    && self::leanAlike($scene->final($one, Zone::Raised), $scene->final($other, Zone::Raised))
                ) {
                    return [$this->finding($scene, $one, $other)];
                }
            }
        }

        return [];
    }

    private static function leanAlike(Lab $one, Lab $other): bool
    {
        return abs($one->a - $other->a) <= self::WITHIN && abs($one->b - $other->b) <= self::WITHIN;
    }

    private function finding(Scene $scene, Area $one, Area $other): Finding
    {
        $moved = $one->size->share() <= $other->size->share() ? $one : $other;
        $light = array_find(
            array_reverse($scene->own($moved)),
            static fn(Pass $pass): bool => $pass->step->mix?->isClear() === false && ! $pass->step->mix->isTransparent()
                && $pass->step->place->reach(Zone::Raised) >= 0.5,
        );
        $stays = $scene->final($moved === $one ? $other : $one, Zone::Raised);

        return $this->found(
            Severity::Taste,
            $moved->id,
            $light?->step->id,
            "{$one->name} and {$other->name} are the same {$this->name}.",
            "Both end {$this->bound} and within 3 of each other in hue and chroma, though they are of different stuff.",
            $this->otherSchool,
            $light === null ? [] : $this->mends($scene, $moved, $light->step, $stays),
        );
    }

    /**
     * The nearest paint that leans the light of an area warm enough to be told from the other.
     *
     * @return list<Mend>
     */
    private function mends(Scene $scene, Area $moved, Step $light, Lab $stays): array
    {
        $colour = $scene->final($moved, Zone::Raised);
        $candidates = $scene->atHand()->sorted(
            Lab::of($colour->lightness + $this->warmer->lightness, $colour->a + $this->warmer->a, $colour->b + $this->warmer->b),
            static fn(Paint $paint): bool => AtHand::covers($paint) && $light->technique->takes->accepts($paint->kind)
                && ! self::leanAlike($paint->colour(), $colour)
                && $paint->colour()->toLch()->chroma < 25.0 && abs($paint->colour()->lightness - $colour->lightness) < 15.0,
        );
        foreach (array_slice($candidates, 0, self::TRIED) as $paint) {
            $leant = $light->with(Mix::single($paint));
            $then = $scene->rehearsal->stripAs($moved->withStep($leant))->final()->at(Zone::Raised);
            if (! self::leanAlike($then, $stays)) {
                return [new Mend(sprintf('Lean %s warm: %s', $moved->name, $paint->name), new ChangeStep($leant))];
            }
        }

        return [];
    }
}
