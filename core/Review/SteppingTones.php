<?php

declare(strict_types=1);

namespace Kalokroma\Review;

use Kalokroma\Colour\Lab;
use Kalokroma\Colour\Reflectance;
use Kalokroma\Craft\FinishLevel;
use Kalokroma\Craft\Technique;
use Kalokroma\Mixing\Dilution;
use Kalokroma\Paint\Coverage;
use Kalokroma\Paint\Paint;
use Kalokroma\Recipe\Step;
use Kalokroma\Simulation\Stage;

/** The tones between a dark ground and a weak light colour (grey, lighter grey, ochre, tan) that make the fewest coats in all. */
final readonly class SteppingTones
{
    /** Candidates looked at for each of one and two tones. */
    private const MOST = 12;

    /**
     * @param list<array{paint: Paint, coats: int}> $paints darkest first
     * @param int $then coats of the colour itself over the last of them
     */
    private function __construct(
        public array $paints,
        public int $then,
    ) {}

    public function total(): int
    {
        return $this->then + array_sum(array_column($this->paints, 'coats'));
    }

    /** Null when no tone at hand helps. */
    public static function to(Step $step, Stage $stage, AtHand $atHand, FinishLevel $finish): ?self
    {
        $mix = $step->mix;
        $zone = $stage->forecast?->hardestZone;
        if ($mix === null || $zone === null) {
            return null;
        }
        $ground = $stage->before->at($zone);
        $goal = $mix->colour();
        $thickness = $stage->forecast->coatThickness;
        $usual = Dilution::usual(Technique::of('basecoat')->usual)->strength();
        $coats = static fn(Paint $paint, Reflectance $under): ?int => Coverage::of(
            $paint->optics(),
            $under,
            $usual,
            $finish->coverTolerance(),
        )->coats;
        $best = null;
        foreach (self::candidates($atHand, $ground->toLab(), $goal) as $paint) {
            $first = $coats($paint, $ground);
            $then = Coverage::of($mix->optics(), $paint->optics()->masstone(), $thickness, $finish->coverTolerance())->coats;
            if ($first === null || $first > Step::MOST_COATS || $then === null || $then > Step::MOST_COATS) {
                continue;
            }
            $tones = new self([['paint' => $paint, 'coats' => $first]], $then);
            $best = $best === null || $tones->total() < $best->total() ? $tones : $best;
        }

        return $best !== null && $best->total() < ($stage->forecast->needed ?? PHP_INT_MAX) ? $best : null;
    }

    /** @return list<Paint> opaque paints between the two, the nearest to halfway first */
    private static function candidates(AtHand $atHand, Lab $ground, Lab $goal): array
    {
        $half = Lab::of(0.35 * $ground->lightness + 0.65 * $goal->lightness, 0.6 * $goal->a, 0.6 * $goal->b);

        return array_slice($atHand->sorted($half, static fn(Paint $one): bool => AtHand::covers($one)
            && $one->colour()->lightness > $ground->lightness && $one->colour()->lightness < $goal->lightness), 0, self::MOST);
    }
}
