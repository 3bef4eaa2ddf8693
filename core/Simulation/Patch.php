<?php

declare(strict_types=1);

namespace Kalokroma\Simulation;

/** A share of a zone that looks alike, and the spots it belongs to. */
final readonly class Patch
{
    /**
     * @param float $share of the zone, 0…1
     * @param array<string, true> $marks
     */
    private function __construct(
        public float $share,
        public Coating $coating,
        public array $marks = [],
    ) {}

    public static function whole(Coating $coating): self
    {
        return new self(1.0, $coating);
    }

    public function isMarked(?string $mark): bool
    {
        return $mark !== null && isset($this->marks[$mark]);
    }

    public function marked(string $mark): self
    {
        return new self($this->share, $this->coating, $this->marks + [$mark => true]);
    }

    public function as(Coating $coating): self
    {
        return new self($this->share, $coating, $this->marks);
    }

    /** So much of it. */
    public function part(float $share): self
    {
        return new self($this->share * $share, $this->coating, $this->marks);
    }

    /** Both as one sees them from where they are not told apart; marks are those of the larger. */
    public function with(self $other): self
    {
        [$large, $small] = $this->share >= $other->share ? [$this, $other] : [$other, $this];
        $share = $this->share + $other->share;

        return new self(
            $share,
            $large->coating === $small->coating ? $large->coating : $large->coating->beside($small->coating, $small->share / $share),
            $large->marks,
        );
    }
}
