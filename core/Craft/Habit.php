<?php

declare(strict_types=1);

namespace Kalokroma\Craft;

/** What one painter does otherwise than the tables say. Null: as the tables say. */
final readonly class Habit
{
    public const MOST_MINUTES = 240.0;
    public const MOST_DRY_MINUTES = 10080;

    public function __construct(
        public string $technique,
        public ?int $coats = null,
        public ?int $paint = null,
        public ?int $thinner = null,
        public ?Thinner $with = null,
        public ?Brush $brush = null,
        public ?int $neatness = null,
        public ?float $minutes = null,
        public ?int $dryMinutes = null,
    ) {}

    public function on(Technique $technique): Technique
    {
        return $technique->with(
            $technique->usual->with($this->coats, $this->paint, $this->thinner, $this->with, $this->brush),
            $this->neatness,
            $this->minutes,
            $this->dryMinutes,
        );
    }
}
