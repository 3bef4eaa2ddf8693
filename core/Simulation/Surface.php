<?php

declare(strict_types=1);

namespace Kalokroma\Simulation;

use Kalokroma\Colour\Lab;
use Kalokroma\Colour\Reflectance;
use Kalokroma\Craft\Flank;
use Kalokroma\Craft\Nature;
use Kalokroma\Craft\Place;
use Kalokroma\Craft\Texture;
use Kalokroma\Craft\Zone;
use Kalokroma\Paint\Finish;

/**
 * What an area reflects at the moment, zone by zone. Its two flanks are the same until light from one side tells them apart.
 */
final readonly class Surface
{
    /** Reflectance of the pale grey plastic and resin most models are cast in. */
    private const BARE = 0.28;

    /** Share of grime that spirit takes off recess, lower side, face, raised, edge. */
    private const WIPED = [0.25, 0.55, 0.9, 0.95, 0.95];

    /**
     * @param array<string, Patches> $left by Zone value
     * @param array<string, Patches>|null $right null while it is as the left one
     * @param Patches|null $rim the edge of the base; null while nothing was done to it
     */
    private function __construct(
        public Texture $texture,
        private array $left,
        private ?array $right = null,
        private ?Patches $rim = null,
    ) {}

    /** A model fresh from the mould. */
    public static function bare(Texture $texture): self
    {
        return self::ground($texture, Reflectance::flat(self::BARE), Finish::Satin->white());
    }

    /**
     * Any ground, the same everywhere.
     *
     * @param float $white reflectance that its skin adds
     */
    public static function ground(Texture $texture, Reflectance $reflectance, float $white): self
    {
        $ground = Patches::one(Coating::bare($reflectance, $white));

        return new self($texture, array_fill_keys(array_column(Zone::cases(), 'value'), $ground));
    }

    /** The films on a zone, apart from the skin on top of them: what the next coat lies on. */
    public function at(Zone $zone): Reflectance
    {
        return $this->left[$zone->value]->films();
    }

    public function isMetal(Zone $zone = Zone::Face): bool
    {
        return $this->left[$zone->value]->isMetal();
    }

    /** Share of a zone's colour that is a metal's, which shines: 0 (none) to 1 (bare metal paint). */
    public function sheen(Zone $zone): float
    {
        return $this->left[$zone->value]->sheen();
    }

    /** How glossy the skin on top of the face is: 0 (matt) to 1. */
    public function gloss(): float
    {
        return $this->left[Zone::Face->value]->gloss();
    }

    /** Lays the coats of a stage on what is there. */
    public function after(Application $application): self
    {
        if ($application->technique->does(Nature::Rims)) {
            return new self($this->texture, $this->left, $this->right, $this->rimAfter($this->rim ?? $this->left[Zone::Face->value], $application));
        }
        $splits = $this->right !== null || $application->tellsFlanksApart();

        return new self(
            $this->texture,
            $this->flankAfter($this->left, Flank::Left, $application),
            $splits ? $this->flankAfter($this->right ?? $this->left, Flank::Right, $application) : null,
            // What comes as a mist reaches the rim too; a brush stays off it.
            $this->rim !== null && $application->technique->does(Nature::Seals, Nature::Sprays)
                ? $this->rimAfter($this->rim, $application)
                : $this->rim,
        );
    }

    private function rimAfter(Patches $rim, Application $application): Patches
    {
        return self::zoneAfter($rim, 1.0, $application->layer(Zone::Face, $this->texture, Flank::Left), $application, null);
    }

    public function look(): Look
    {
        $look = $this->right === null
            ? Look::of($this->texture, self::colours($this->left))
            : Look::ofFlanks($this->texture, self::colours($this->left), self::colours($this->right));

        $mark = $this->left[Zone::Face->value]->spot(Place::Patch->value, Zone::Face);
        $look = $mark === null ? $look : $look->marked($mark);

        return $this->rim === null ? $look : $look->rimmed($this->rim->colour(Zone::Face));
    }

    /** Its two flanks differ. */
    public function isSided(): bool
    {
        return $this->right !== null;
    }

    /** @return list<array{colour: Lab, share: float}> what lies on a patch of the face, outermost first, and its share of the face */
    public function marks(): array
    {
        return $this->left[Zone::Face->value]->spot(Place::Patch->value, Zone::Face)['on'] ?? [];
    }

    /** From near, without what lies on a patch of the face. */
    public function tones(Flank $flank): Tones
    {
        $zones = $flank === Flank::Left ? $this->left : $this->right ?? $this->left;

        return Tones::of(array_map(static fn(Zone $zone): Broken => $zones[$zone->value]->broken(Place::Patch->value, $zone), Zone::cases()));
    }

    /**
     * @param array<string, Patches> $flank
     *
     * @return non-empty-list<Lab>
     */
    private static function colours(array $flank): array
    {
        return array_map(static fn(Zone $zone): Lab => $flank[$zone->value]->colour($zone), Zone::cases());
    }

    /**
     * Zones that were the same and get the same stay the same, and are worked out once.
     *
     * @param array<string, Patches> $zones
     *
     * @return array<string, Patches>
     */
    private function flankAfter(array $zones, Flank $flank, Application $application): array
    {
        $done = [];
        foreach (Zone::cases() as $zone) {
            $before = $zones[$zone->value];
            $layer = $application->layer($zone, $this->texture, $flank);
            $share = self::shareChanged($zone, $flank, $application);
            $key = sprintf(
                '%d %d %.17g %.17g',
                spl_object_id($before),
                $layer === null ? 0 : spl_object_id($layer->film),
                $layer->thickness ?? 0.0,
                $share,
            );
            $spot = $application->spot($zone, $before);
            $zones[$zone->value] = $done[$key.' '.$spot?->mark] ??= self::zoneAfter($before, $share, $layer, $application, $spot);
        }

        return $zones;
    }

    private static function shareChanged(Zone $zone, Flank $flank, Application $application): float
    {
        $technique = $application->technique;
        $reach = $application->reach($zone, $flank);

        return match (true) {
            $technique->does(Nature::Seals) => $reach > 0.0 ? $application->share($zone) : 0.0,
            $technique->does(Nature::LaysChippingFluid) => 1.0,
            $technique->does(Nature::WipesBack) => $reach * self::WIPED[$zone->index()],
            $application->scratches() => $reach * $application->share($zone),
            default => $application->share($zone),
        };
    }

    private static function zoneAfter(Patches $before, float $share, ?Layer $layer, Application $application, ?Spot $spot): Patches
    {
        $technique = $application->technique;
        if ($layer !== null && ! $technique->does(Nature::Seals)) {
            for ($go = 0; $go < $application->goes(); $go++) {
                $before = $before->changed(
                    static fn(Coating $one): Coating => $one->under($layer),
                    $share,
                    $spot,
                    $spot === null ? null : Spot::by($application->id),
                );
            }

            return $before;
        }

        return match (true) {
            $technique->does(Nature::Seals) => $before->changed(
                static fn(Coating $one): Coating => $one->varnished($application->skinWhite),
                $share,
                $spot,
            ),
            $technique->does(Nature::LaysChippingFluid) => $before->changed(static fn(Coating $one): Coating => $one->withFluid(), $share, $spot),
            $technique->does(Nature::WipesBack) => $before
                ->changed(static fn(Coating $one): Coating => $one->wetted())
                ->changed(static fn(Coating $one): Coating => $one->wiped(), $share, $spot),
            $application->scratches() => $before->changed(static fn(Coating $one): Coating => $one->scratched(), $share, $spot),
            default => $before,
        };
    }
}
