<?php

declare(strict_types=1);

namespace Kalokroma\Craft;

use InvalidArgumentException;
use Kalokroma\Otherwise;
use Kalokroma\Paint\Finish;

/**
 * A way of putting paint on, or what else is done to a model. All of them stand in techniques.md.
 */
final readonly class Technique
{
    use Otherwise;

    public const NEAT = 2;

    /**
     * @param string $id as plan files name it
     * @param int $rank its turn in the order of the work: lower comes earlier
     * @param int $neatness 0 (very messy) … 3 (clean edges)
     * @param float $minutes hands-on, for one coat of a medium area of one model
     * @param int $dryMinutes at 20 °C and 50 % humidity, until the next coat may go on top
     * @param string $next id of what most recipes go on with
     * @param string $hint what matters in the hand
     * @param list<Nature> $natures
     * @param list<Hazard> $hazards
     * @param Finish|null $leaves what the surface shines like after a varnish
     */
    public function __construct(
        public string $id,
        public string $label,
        public Family $family,
        public int $rank,
        public Takes $takes,
        public Deposit $deposit,
        public Usual $usual,
        public int $neatness,
        public float $minutes,
        public int $dryMinutes,
        public string $next,
        public string $hint,
        public array $natures = [],
        public array $hazards = [],
        public ?Finish $leaves = null,
    ) {}

    /**
     * The technique as it is usually done.
     *
     * @throws InvalidArgumentException when there is none of this id
     */
    public static function of(string $id): self
    {
        return CraftBook::standard()->technique($id) ?? throw new InvalidArgumentException(sprintf('No technique has the id "%s".', $id));
    }

    /** Thickness of one undiluted coat, in standard coats. A load that the technique does not know is a normal one. */
    public function deposit(Zone $zone, Texture $texture, Load $load = Load::Normal): float
    {
        return in_array($load, $this->loads(), true)
            ? $load->ofNormal() * $this->deposit->thickness($zone, $texture, $load)
            : $this->deposit->thickness($zone, $texture);
    }

    /** @return list<Load> how full the brush may be; none where it is not asked */
    public function loads(): array
    {
        return match (true) {
            $this->does(Nature::Dusts) => Load::ofDryBrushes(),
            $this->family === Family::Shade && $this->does(Nature::Washes) => Load::ofWashes(),
            default => [],
        };
    }

    public function is(self $other): bool
    {
        return $this->id === $other->id;
    }

    public function does(Nature ...$any): bool
    {
        foreach ($any as $nature) {
            if (in_array($nature, $this->natures, true)) {
                return true;
            }
        }

        return false;
    }

    /** It is meant to hide what lies under it, so a number of coats to cover can be asked for. */
    public function isMeantToCover(): bool
    {
        return $this->does(Nature::Covers);
    }

    public function isNeat(): bool
    {
        return $this->neatness >= self::NEAT;
    }

    /**
     * What an editor has to ask for; the rest is as it is.
     *
     * @return list<string> of coats, dilution, place, brush, second, side, borders, part, load, spirit
     */
    public function asks(): array
    {
        $isHandled = $this->family === Family::Handling;

        return array_keys(array_filter([
            'coats' => ! $isHandled && $this->takes !== Takes::Nothing && ! $this->does(Nature::LaysDecal, Nature::Chips, Nature::SitsInWetPaste),
            'dilution' => in_array($this->takes, [Takes::Colour, Takes::Grime, Takes::Powder, Takes::ColourOrNothing], true),
            'place' => ! $isHandled,
            'brush' => ! $isHandled,
            'second' => $this->does(Nature::BlendsTwo),
            'side' => $this->does(Nature::LightsFromOneSide),
            'borders' => $this->does(Nature::LinesBorders),
            'part' => $this->does(Nature::Glues),
            'load' => $this->loads() !== [],
            'spirit' => $this->does(Nature::Solvent, Nature::Streaks) && ! $this->does(Nature::WipesBack),
        ]));
    }

    /** The brush has to get there, unhindered by what stands before it. */
    public function needsRoom(): bool
    {
        return $this->family->isBrushed() && ! $this->does(Nature::NeedsNoRoom);
    }

    /** It makes paint hold on bare plastic. */
    public function primes(): bool
    {
        return $this->does(Nature::Primes);
    }

    /** A coat that takes gloss and sheen away. */
    public function dulls(): bool
    {
        return $this->leaves === Finish::Matt || $this->leaves === Finish::Satin;
    }

    public function glosses(): bool
    {
        return $this->leaves === Finish::Gloss;
    }

    /** The same with what a painter does otherwise. */
    public function with(?Usual $usual = null, ?int $neatness = null, ?float $minutes = null, ?int $dryMinutes = null): self
    {
        return $this->but(
            usual: $usual ?? $this->usual,
            neatness: $neatness ?? $this->neatness,
            minutes: $minutes ?? $this->minutes,
            dryMinutes: $dryMinutes ?? $this->dryMinutes,
        );
    }
}
