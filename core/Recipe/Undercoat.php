<?php

declare(strict_types=1);

namespace Kalokroma\Recipe;

use Kalokroma\Craft\Brush;
use Kalokroma\Craft\Place;
use Kalokroma\Craft\Technique;
use Kalokroma\Mixing\Dilution;
use Kalokroma\Mixing\Mix;
use Kalokroma\Paint\Paint;
use Kalokroma\Simulation\SprayCone;

/**
 * What every area of the model starts from: one colour all over, or dark all over and light from above.
 */
final readonly class Undercoat
{
    public const BASE_STEP = 'undercoat';

    public const LIGHT_STEP = 'undercoat-light';

    private function __construct(
        public Paint $base,
        public ?Paint $light,
        public SprayCone $cone,
    ) {}

    /** @throws IllegalPlan when a paint has no colour */
    public static function plain(Paint $base): self
    {
        self::mustHaveColour('undercoat.base', $base);

        return new self($base, null, SprayCone::ofHalfAngle(SprayCone::USUAL_DEGREES));
    }

    /** @throws IllegalPlan when a paint has no colour */
    public static function zenithal(Paint $base, Paint $light, SprayCone $cone): self
    {
        self::mustHaveColour('undercoat.base', $base);
        self::mustHaveColour('undercoat.light', $light);

        return new self($base, $light, $cone);
    }

    /** @return list<Step> the one or two passes that prime the whole model */
    public function steps(): array
    {
        $steps = [$this->step(self::BASE_STEP, Technique::Primer, $this->base, Brush::SprayCan, null)];
        if ($this->light !== null) {
            $steps[] = $this->step(self::LIGHT_STEP, Technique::SprayFromAbove, $this->light, Brush::Airbrush, $this->cone);
        }

        return $steps;
    }

    /** "Marsh Black, Bone Primer from above within 45°" */
    public function words(): string
    {
        return $this->light === null
            ? $this->base->name
            : sprintf('%s, %s from above within %d°', $this->base->name, $this->light->name, (int) round($this->cone->halfAngleDegrees));
    }

    public function holds(string $stepId): bool
    {
        return in_array($stepId, [self::BASE_STEP, self::LIGHT_STEP], true);
    }

    private function step(string $id, Technique $technique, Paint $paint, Brush $brush, ?SprayCone $cone): Step
    {
        return Step::of($id, $technique, Mix::single($paint), Dilution::none(), $technique->usual()['coats'], $brush, Place::Everywhere, '', $cone);
    }

    private static function mustHaveColour(string $field, Paint $paint): void
    {
        if ($paint->isClear()) {
            throw IllegalPlan::notPrimer($field, $paint->name);
        }
    }
}
