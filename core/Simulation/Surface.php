<?php

declare(strict_types=1);

namespace Kalokroma\Simulation;

use Kalokroma\Colour\Reflectance;
use Kalokroma\Craft\Texture;
use Kalokroma\Craft\Zone;
use Kalokroma\Paint\Finish;

/**
 * What an area reflects at the moment, zone by zone.
 */
final readonly class Surface
{
    /** Reflectance of the pale grey plastic and resin most models are cast in. */
    private const BARE = 0.28;

    /** @param array<string, Coating> $zones by Zone value */
    private function __construct(
        public Texture $texture,
        private array $zones,
    ) {}

    /** A model fresh from the mould. */
    public static function bare(Texture $texture): self
    {
        $grey = Coating::bare(Reflectance::flat(self::BARE), Finish::Satin->white());

        return new self($texture, array_fill_keys(array_map(static fn(Zone $zone): string => $zone->value, Zone::cases()), $grey));
    }

    /** The films on a zone, apart from the skin on top of them: what the next coat lies on. */
    public function at(Zone $zone): Reflectance
    {
        return $this->zones[$zone->value]->films;
    }

    /** Lays the coats of a stage on what is there. */
    public function after(Application $application): self
    {
        $zones = [];
        foreach (Zone::cases() as $zone) {
            $thickness = $application->coats * $application->coatThickness($zone, $this->texture);
            $zones[$zone->value] = $this->zones[$zone->value]->under($application->film, $thickness, $application->skinWhite, $application->tints);
        }

        return new self($this->texture, $zones);
    }

    public function look(): Look
    {
        return Look::of($this->texture, array_map(
            fn(Zone $zone) => $this->zones[$zone->value]->colour(),
            Zone::cases(),
        ));
    }
}
