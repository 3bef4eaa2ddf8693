<?php

declare(strict_types=1);

namespace Kalokroma\Relief;

use Kalokroma\Planning\Rehearsal;
use Kalokroma\Recipe\Area;
use Kalokroma\Simulation\Application;
use Kalokroma\Simulation\Surface;

/**
 * An area after each of its stages at every exposure to the sprays: what a figure is coloured from. The strip takes each zone to look one
 * way; on a sculpt shoulders and belly have faces too, and the light from above gets to one of them only.
 */
final readonly class PaintedArea
{
    /** Shares of a spray between which a place's own lies, evenly spaced. */
    private const LEVELS = [0.0, 0.25, 0.5, 0.75, 1.0];

    /** Where two sprays cross, fewer of each will do. */
    private const LEVELS_OF_TWO = [0.0, 0.5, 1.0];

    private const ANY = [1.0];

    /**
     * @param list<float> $above shares of what comes from above
     * @param list<float> $below shares of what comes from below
     * @param list<PaintedStage> $stages bare plastic first
     */
    private function __construct(
        public Area $area,
        public array $above,
        public array $below,
        public array $stages,
    ) {}

    public static function of(Rehearsal $rehearsal, Area $area): self
    {
        $applications = $rehearsal->applications($area);
        $isLit = self::isSprayed($applications, false);
        $isLitFromBelow = self::isSprayed($applications, true);
        $levels = $isLit && $isLitFromBelow ? self::LEVELS_OF_TWO : self::LEVELS;
        $above = $isLit ? $levels : self::ANY;
        $below = $isLitFromBelow ? $levels : self::ANY;
        $at = [];
        foreach ($below as $fromBelow) {
            foreach ($above as $fromAbove) {
                foreach (self::surfaces($area, $applications, $fromAbove, $fromBelow) as $stage => $surface) {
                    $at[$stage][] = $surface;
                }
            }
        }
        $stages = [];
        $grain = null;
        foreach ($at as $stage => $surfaces) {
            $application = $applications[$stage - 1] ?? null;
            $grain = $application === null ? null : Grain::of($application->technique) ?? $grain;
            $stages[] = PaintedStage::of($application, $surfaces, $grain);
        }

        return new self($area, $above, $below, $stages);
    }

    /** @param list<Application> $applications */
    private static function isSprayed(array $applications, bool $isFromBelow): bool
    {
        return array_any(
            $applications,
            static fn(Application $application): bool => $application->cone !== null && $application->cone->isFromBelow === $isFromBelow,
        );
    }

    /**
     * @param list<Application> $applications
     *
     * @return non-empty-list<Surface> bare plastic first
     */
    private static function surfaces(Area $area, array $applications, float $above, float $below): array
    {
        $surfaces = [$surface = Surface::bare($area->texture)];
        foreach ($applications as $application) {
            $surfaces[] = $surface = $surface->after($application->exposed($above, $below));
        }

        return $surfaces;
    }
}
