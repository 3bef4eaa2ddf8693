<?php

declare(strict_types=1);

namespace Kalokroma\Simulation;

use Kalokroma\Craft\FinishLevel;
use Kalokroma\Craft\Zone;
use Kalokroma\Paint\Coverage;

/**
 * How many coats a covering stage needs over what it meets, and in which zone the most.
 */
final readonly class CoatForecast
{
    /** Zones that get at least this much of a coat are meant to be covered; the rest is feathering. */
    private const MEANT = 0.8;

    private function __construct(
        public ?int $needed,
        public Zone $hardestZone,
        public float $coatThickness,
        /** So thin that there is no number of coats to tell. */
        public bool $isTooThin,
    ) {}

    /** Null when the stage is not meant to cover; tiny details are never asked to. */
    public static function of(Application $application, Surface $before, FinishLevel $finish): ?self
    {
        if ($application->film === null || ! $application->isMeantToCover() || ! $before->texture->isAskedToCover()) {
            return null;
        }
        $hardest = null;
        $known = [];
        foreach (Zone::cases() as $zone) {
            $thickness = $application->coatThickness($zone, $before->texture);
            if ($zone === Zone::Recess || $application->place->reach($zone) < self::MEANT) {
                continue;
            }
            $isTooThin = $application->isTooThinToCover();
            $ground = $before->at($zone);
            $key = sprintf('%d %.17g', spl_object_id($ground), $thickness);
            $known[$key] ??= [$isTooThin ? null : Coverage::of($application->film, $ground, $thickness, $finish->coverTolerance())->coats];
            [$coats] = $known[$key];
            if ($hardest === null || ($coats ?? PHP_INT_MAX) > ($hardest->needed ?? PHP_INT_MAX)) {
                $hardest = new self($coats, $zone, $thickness, $isTooThin);
            }
        }

        return $hardest;
    }
}
