<?php

declare(strict_types=1);

namespace Kalokroma\Recipe;

use Kalokroma\Craft\BodyType;
use Kalokroma\Craft\FinishLevel;

/** The figure a plan is for. */
final readonly class ModelKind
{
    public const LEAST_HEIGHT_MM = 3;

    public const MOST_HEIGHT_MM = 1000;

    private function __construct(
        public string $name,
        public BodyType $bodyType,
        public int $heightMm,
        public FinishLevel $finishLevel,
    ) {}

    /** @throws IllegalPlan when nameless, or smaller or larger than any miniature */
    public static function of(string $name, BodyType $bodyType, int $heightMm, FinishLevel $finishLevel): self
    {
        Plan::mustBeNamed('model.name', $name);
        if ($heightMm < self::LEAST_HEIGHT_MM || $heightMm > self::MOST_HEIGHT_MM) {
            throw IllegalPlan::heightMm($heightMm);
        }

        return new self($name, $bodyType, $heightMm, $finishLevel);
    }

    /** Paintable surface, as a figure of its body type and height has it. */
    public function surfaceCm2(): float
    {
        return $this->bodyType->surfacePerSquareHeight() * ($this->heightMm / 10.0) ** 2;
    }
}
