<?php

declare(strict_types=1);

namespace Kalokroma\Relief;

use Kalokroma\Craft\Zone;
use Kalokroma\Simulation\Application;
use Kalokroma\Simulation\Look;
use Kalokroma\Simulation\Surface;

/** What an area looks like after one of its stages, at each exposure. */
final readonly class PaintedStage
{
    /**
     * @param string|null $stepId null for bare plastic
     * @param list<Look> $looks by exposure: from above fastest, then from below
     * @param list<float> $sheen of a metal by zone, 0…1
     * @param float $gloss 0 (matt) to 1
     * @param list<float> $lands how much of the step each zone gets, 0…1
     */
    private function __construct(
        public ?string $stepId,
        public array $looks,
        public array $sheen,
        public float $gloss,
        public array $lands,
    ) {}

    /**
     * @param Application|null $application that leaves it; null for bare plastic
     * @param non-empty-list<Surface> $surfaces by exposure
     */
    public static function of(?Application $application, array $surfaces): self
    {
        $surface = $surfaces[count($surfaces) - 1];

        return new self(
            $application?->id,
            array_map(static fn(Surface $one): Look => $one->look(), $surfaces),
            array_map($surface->sheen(...), Zone::cases()),
            $surface->gloss(),
            $application?->lands($surface->texture) ?? array_fill(0, count(Zone::cases()), 1.0),
        );
    }
}
