<?php

declare(strict_types=1);

namespace Kalokroma\Relief;

use Kalokroma\Colour\Lab;
use Kalokroma\Craft\Flank;
use Kalokroma\Craft\Place;
use Kalokroma\Craft\Zone;
use Kalokroma\Simulation\Application;
use Kalokroma\Simulation\Surface;
use Kalokroma\Simulation\Tones;

/** What an area looks like after one of its stages, at each exposure. */
final readonly class PaintedStage
{
    /**
     * @param string|null $stepId null for bare plastic
     * @param non-empty-list<Tones> $left by exposure: from above fastest, then from below
     * @param non-empty-list<Tones>|null $right of the other flank, where it differs
     * @param Grain|null $grain how its flecks lie; null where there are none
     * @param list<array{colour: Lab, share: float}> $marks what lies on a patch of it, outermost first, each within the one before, and
     *     the share of the face within its outline
     * @param list<float> $sheen of a metal by zone, 0…1
     * @param float $gloss 0 (matt) to 1
     * @param list<float> $lands how much of the step each zone gets, 0…1
     * @param float|null $landsWithin share of the face within the outline of the mark that the step goes to; null when it goes to no mark
     */
    private function __construct(
        public ?string $stepId,
        public array $left,
        public ?array $right,
        public ?Grain $grain,
        public array $marks,
        public array $sheen,
        public float $gloss,
        public array $lands,
        public ?float $landsWithin,
    ) {}

    /**
     * @param Application|null $application that leaves it; null for bare plastic
     * @param non-empty-list<Surface> $surfaces by exposure
     * @param Grain|null $grain of the last step until then that left some of its place as it was
     */
    public static function of(?Application $application, array $surfaces, ?Grain $grain): self
    {
        $surface = $surfaces[count($surfaces) - 1];
        $left = array_map(static fn(Surface $one): Tones => $one->tones(Flank::Left), $surfaces);
        $right = $surface->isSided() ? array_map(static fn(Surface $one): Tones => $one->tones(Flank::Right), $surfaces) : null;
        $isBroken = array_any([...$left, ...$right ?? []], static fn(Tones $one): bool => $one->flecks !== null);

        return new self(
            $application?->id,
            $left,
            $right,
            $isBroken ? $grain ?? Grain::Flecks : null,
            self::marks($surface),
            array_map($surface->sheen(...), Zone::cases()),
            $surface->gloss(),
            $application?->lands($surface->texture) ?? array_fill(0, count(Zone::cases()), 1.0),
            $application?->place === Place::Patch ? Place::Patch->share(Zone::Face) : null,
        );
    }

    /** @return list<float> of each zone that its flecks take; both flanks and all exposures have as many */
    public function shares(): array
    {
        return $this->left[count($this->left) - 1]->shares;
    }

    /** @return list<array{colour: Lab, share: float}> */
    private static function marks(Surface $surface): array
    {
        $left = $surface->marks();
        $marks = [];
        while ($left !== []) {
            // What is left of the outer one lies round the inner ones.
            $within = array_sum(array_map(static fn(array $one): float => $one['share'], $left));
            $marks[] = ['colour' => array_shift($left)['colour'], 'share' => $within];
        }

        return $marks;
    }
}
