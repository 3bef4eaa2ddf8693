<?php

declare(strict_types=1);

namespace Kalokroma\Quilt;

use Kalokroma\Colour\Ciede2000;
use Kalokroma\Colour\Lab;
use Kalokroma\Colour\Lch;
use Kalokroma\Colour\Temperature;
use Kalokroma\Recipe\Area;
use Kalokroma\Recipe\Neighbours;
use Kalokroma\Simulation\Look;

/** One area moved just enough to be told from all it touches. */
final readonly class Shift
{
    /**
     * ΔE₀₀ of two areas as a whole from which they are told apart at arm's length; a little over the review's bound, so that it holds when
     * painted.
     */
    private const APART = 9.0;

    private const STEP = 1.5;

    private const MOST_STEPS = 24;

    private const DARKEST = 8.0;

    private const LIGHTEST = 92.0;

    /** @param Look $look all its zones moved alike */
    private function __construct(
        public Area $area,
        public string $words,
        public Lab $aim,
        public float $by,
        public Look $look,
    ) {}

    /**
     * @param array<string, Look> $looks by area id
     *
     * @return list<self> one for each way to go, the least change first; none where it is told apart already
     */
    public static function apart(Area $area, Neighbours $neighbours, array $looks): array
    {
        $others = array_map(
            static fn(Area $one): Lab => $looks[$one->id]->mean(),
            array_values(array_filter($neighbours->touching($area), static fn(Area $one): bool => isset($looks[$one->id]))),
        );
        $mean = $looks[$area->id]->mean();
        if (self::nearest($mean, $others) >= self::APART) {
            return [];
        }
        $found = [];
        foreach (self::ways() as $words => $way) {
            for ($steps = 1; $steps <= self::MOST_STEPS; $steps++) {
                $to = $way($mean, self::STEP * $steps);
                if ($to === null) {
                    break;
                }
                if (self::nearest($to, $others) >= self::APART) {
                    $found[] = self::of($area, $words, $mean, $to, $looks[$area->id]);
                    break;
                }
            }
        }
        usort($found, static fn(self $one, self $other): int => $one->by <=> $other->by);

        return $found;
    }

    /** @return array<string, callable(Lab, float): ?Lab> null where the way ends */
    private static function ways(): array
    {
        $lift = static fn(Lab $one, float $by): ?Lab => $one->lightness + $by > self::LIGHTEST
            || $one->lightness + $by < self::DARKEST ? null : Lab::of($one->lightness + $by, $one->a, $one->b);
        $vivid = static function (Lab $one, float $by): ?Lab {
            $polar = $one->toLch();

            return $polar->chroma + $by < 0.0 || $polar->chroma < self::STEP
                ? null
                : Lch::of($polar->lightness, $polar->chroma + $by, $polar->hue)->toLab();
        };

        return [
            'lighter' => static fn(Lab $one, float $by): ?Lab => $lift($one, $by),
            'darker' => static fn(Lab $one, float $by): ?Lab => $lift($one, -$by),
            'warmer' => static fn(Lab $one, float $by): Lab => Temperature::leant($one, $by, 60.0),
            'cooler' => static fn(Lab $one, float $by): Lab => Temperature::leant($one, -$by, 60.0),
            'livelier' => static fn(Lab $one, float $by): ?Lab => $vivid($one, $by),
            'calmer' => static fn(Lab $one, float $by): ?Lab => $vivid($one, -$by),
        ];
    }

    private static function of(Area $area, string $words, Lab $from, Lab $to, Look $look): self
    {
        $moved = array_map(static fn(Lab $one): Lab => Lab::of(
            max(0.0, min(100.0, $one->lightness + $to->lightness - $from->lightness)),
            $one->a + $to->a - $from->a,
            $one->b + $to->b - $from->b,
        ), $look->colours);

        return new self($area, $words, $moved[self::FACE], Ciede2000::between($from, $to), Look::of($look->texture, $moved));
    }

    /** @param list<Lab> $others */
    private static function nearest(Lab $to, array $others): float
    {
        return $others === [] ? INF : min(array_map(static fn(Lab $other): float => Ciede2000::between($to, $other), $others));
    }

    private const FACE = 2;
}
