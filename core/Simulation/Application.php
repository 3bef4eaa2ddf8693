<?php

declare(strict_types=1);

namespace Kalokroma\Simulation;

use Kalokroma\Craft\Flank;
use Kalokroma\Craft\Load;
use Kalokroma\Craft\Nature;
use Kalokroma\Craft\Place;
use Kalokroma\Craft\Side;
use Kalokroma\Craft\Technique;
use Kalokroma\Craft\Texture;
use Kalokroma\Craft\Zone;
use Kalokroma\Otherwise;
use Kalokroma\Paint\Optics;

/**
 * One stage as it meets the surface: which film, by which technique, where, how often.
 */
final readonly class Application
{
    use Otherwise;

    /** One part in fifteen of water is no paint any more. */
    private const NO_PAINT = 1 / 16;

    /**
     * @param string $id whatever tells this stage from the others
     * @param Optics|null $film null when nothing that has colour is put on
     * @param float $strength share of paint in what the brush carries, 0…1
     * @param bool $tints transparent paint, which never hides
     * @param float $skinWhite reflectance the dry film's skin adds by its finish
     * @param bool $isMetal metal paint, which has a sheen
     * @param array{film: Optics, strength: float, tints: bool}|null $second the other colour of a blend; it lies higher
     * @param string|null $within id of the step on half of whose mark it lies
     */
    public function __construct(
        public string $id,
        public Technique $technique,
        public Place $place,
        public ?Optics $film,
        public float $strength,
        public int $coats,
        public bool $tints = false,
        public ?SprayCone $cone = null,
        public float $skinWhite = 0.01,
        public bool $isMetal = false,
        public ?Side $side = null,
        public Load $load = Load::Normal,
        public ?array $second = null,
        public ?string $within = null,
    ) {}

    /**
     * The same at a place of which it is known what sprays get to it.
     *
     * @param float $above share of what comes from above, 0…1
     * @param float $below share of what comes from below
     */
    public function exposed(float $above, float $below): self
    {
        if ($this->cone === null) {
            return $this;
        }

        return $this->but(cone: $this->cone->landing($this->cone->isFromBelow ? $below : $above));
    }

    /** So little paint in the thinner that no number of coats makes a film of it. */
    public function isTooThinToCover(): bool
    {
        return $this->strength <= self::NO_PAINT;
    }

    /** Thickness of one coat in a zone, in standard coats. */
    public function coatThickness(Zone $zone, Texture $texture, Flank $flank = Flank::Left): float
    {
        $deposit = $this->technique->deposit($zone, $texture, $this->load);
        $reach = $this->reach($zone, $flank);

        return $this->strength * ($this->technique->deposit->tapers ? min($deposit, $reach) : $deposit * $reach);
    }

    /** How much of what is put down gets to a zone, 0…1. */
    public function reach(Zone $zone, Flank $flank = Flank::Left): float
    {
        $side = $this->place === Place::FacingSide ? ($this->side ?? Side::Front)->reach($zone, $flank) : 1.0;

        return $side * $this->place->reach($zone) * ($this->cone?->reach($zone) ?? 1.0);
    }

    /** Share of a zone that one coat touches, 0…1; of a spot in it where it goes to one. */
    public function share(Zone $zone): float
    {
        return $this->technique->deposit->share($zone);
    }

    /** Where in a zone it goes: on half of the mark it was to lie within, or where all marks lie when there is no such mark. */
    public function spot(Zone $zone, Patches $there): ?Spot
    {
        return Spot::of($this->place, $zone, $this->within !== null && $there->bears(Spot::by($this->within)) ? $this->within : null);
    }

    /** @return list<float> how much of it each zone gets, against the one that gets most: where one sees that it was done */
    public function lands(Texture $texture): array
    {
        $amounts = array_map(function (Zone $zone) use ($texture): float {
            $layer = $this->layer($zone, $texture, Flank::Left);

            return $this->share($zone) * ($layer === null && $this->film === null ? $this->reach($zone) : $layer->thickness ?? 0.0);
        }, Zone::cases());
        $most = max($amounts);

        return array_map(static fn(float $amount): float => $most > 0.0 ? $amount / $most : 0.0, $amounts);
    }

    /** It takes off what lies above the chipping fluid, and puts on nothing. */
    public function scratches(): bool
    {
        return $this->film === null && $this->technique->does(Nature::Chips);
    }

    public function tellsFlanksApart(): bool
    {
        return $this->place === Place::FacingSide && $this->side?->tellsFlanksApart() === true;
    }

    /** It can be asked how many coats it needs to cover. */
    public function isMeantToCover(): bool
    {
        return $this->film !== null && $this->technique->isMeantToCover() && ! $this->tints;
    }

    /**
     * Of a blend the first colour lies low, the second high, and between them one tone of both, where they were joined.
     *
     * @return array{film: Optics, strength: float, tints: bool}
     */
    private function laidOn(Zone $zone, Optics $film): array
    {
        $first = ['film' => $film, 'strength' => $this->strength, 'tints' => $this->tints];
        if ($this->second === null || $zone === Zone::Recess || $zone === Zone::LowerSide) {
            return $first;
        }
        if ($zone !== Zone::Face) {
            return $this->second;
        }
        $second = $this->second;

        return [
            'film' => Optics::mixed([[$film, $this->strength], [$second['film'], $second['strength']]]),
            'strength' => ($this->strength + $second['strength']) / 2,
            'tints' => $this->tints && $second['tints'],
        ];
    }

    /** In how many goes it is laid: each coat that falls where it falls is one of its own. */
    public function goes(): int
    {
        return $this->technique->does(Nature::Scatters) ? $this->coats : 1;
    }

    /** What one go leaves on a zone; null when nothing that has colour. */
    public function layer(Zone $zone, Texture $texture, Flank $flank): ?Layer
    {
        $thickness = $this->coats / $this->goes() * $this->coatThickness($zone, $texture, $flank);
        if ($this->film === null || $thickness <= 0.0) {
            return null;
        }
        ['film' => $film, 'strength' => $strength, 'tints' => $tints] = $this->laidOn($zone, $this->film);

        return new Layer(
            $film,
            $thickness * $strength / $this->strength,
            $this->skinWhite,
            $tints,
            $this->isMetal,
            $this->technique->does(Nature::Solvent),
            $this->technique->does(Nature::Pigments),
        );
    }
}
