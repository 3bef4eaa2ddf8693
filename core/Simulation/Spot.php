<?php

declare(strict_types=1);

namespace Kalokroma\Simulation;

use Kalokroma\Craft\Place;
use Kalokroma\Craft\Zone;

/** One place inside a zone that whatever is named for it goes to: a mark on the face, the tips of a mane, half of an earlier mark. */
final readonly class Spot
{
    /** Of the mark within which another lies. */
    private const HALF = 0.5;

    /**
     * @param string $mark what tells it from the rest of the zone
     * @param float $share of the zone, or of what it lies within, 0…1
     * @param string|null $within mark of what it lies in; null: in the zone
     * @param string|null $beside mark of what it never lies on
     */
    private function __construct(
        public string $mark,
        public float $share,
        public ?string $within = null,
        public ?string $beside = null,
    ) {}

    /**
     * @param string|null $within id of the step on half of whose mark it lies
     *
     * @return self|null null where the place takes the zone as a whole
     */
    public static function of(Place $place, Zone $zone, ?string $within = null): ?self
    {
        if ($place->share($zone) >= 1.0) {
            return null;
        }
        if ($place === Place::Patch && $within !== null) {
            return new self("in $within", self::HALF, self::by($within));
        }

        return new self($place->value, $place->share($zone), null, match ($place) {
            Place::Tips => Place::Roots->value,
            Place::Roots => Place::Tips->value,
            default => null,
        });
    }

    /** The mark that a step leaves. */
    public static function by(string $stepId): string
    {
        return "by $stepId";
    }
}
