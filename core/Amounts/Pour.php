<?php

declare(strict_types=1);

namespace Kalokroma\Amounts;

use Kalokroma\Craft\Thinner;
use Kalokroma\Paint\Paint;

/** So many drops out of one pot, or of water. */
final readonly class Pour
{
    private function __construct(
        public ?Paint $paint,
        public ?Thinner $thinner,
        public int $drops,
        public float $ml,
        public ?Sprayed $sprayed = null,
    ) {}

    /** @param int $drops one or more */
    public static function of(Paint $paint, int $drops, float $dropMl): self
    {
        return new self($paint, null, $drops, $drops * $dropMl);
    }

    /** Out of a can: no drops, but a share of it. */
    public static function fromCan(Paint $paint, Sprayed $sprayed): self
    {
        return new self($paint, null, 0, $sprayed->potMl(), $sprayed);
    }

    /** @param Paint|null $pot what it is thinned with, when the plan names it */
    public static function thinning(Thinner $thinner, ?Paint $pot, int $drops, float $dropMl): self
    {
        return new self($pot, $thinner, $drops, $drops * $dropMl);
    }

    /**
     * @param list<self> $pours
     *
     * @return array<string, self> by pot, in the order of first need
     */
    public static function together(array $pours): array
    {
        $together = [];
        foreach ($pours as $one) {
            $together[$one->key()] = isset($together[$one->key()]) ? $together[$one->key()]->and($one) : $one;
        }

        return $together;
    }

    /** So many drops of the same. */
    public function inDrops(int $drops, float $dropMl): self
    {
        return new self($this->paint, $this->thinner, $drops, $drops * $dropMl);
    }

    public function isThinner(): bool
    {
        return $this->thinner !== null;
    }

    public function name(): string
    {
        return $this->paint->name ?? $this->thinner->value ?? '';
    }

    /** The same for all that comes out of one pot. */
    public function key(): string
    {
        return $this->paint === null ? 'thinner '.$this->thinner?->value : 'paint '.$this->paint->id;
    }

    public function and(self $more): self
    {
        $sprayed = $this->sprayed === null || $more->sprayed === null ? $this->sprayed ?? $more->sprayed : $this->sprayed->and($more->sprayed);

        return new self($this->paint, $this->thinner, $this->drops + $more->drops, $this->ml + $more->ml, $sprayed);
    }
}
