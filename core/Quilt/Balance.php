<?php

declare(strict_types=1);

namespace Kalokroma\Quilt;

use Kalokroma\Colour\Lab;
use Kalokroma\Colour\Temperature;
use Kalokroma\Craft\Zone;
use Kalokroma\Recipe\Area;
use Kalokroma\Simulation\Look;

/** A scheme judged as a whole from arm's length: how light and dark, warm and cool, lively and quiet it is, and what the eye goes to. */
final readonly class Balance
{
    /** L* up to which an area counts as dark from afar, and from which as light. */
    private const DARK_TO = 38.0;

    private const LIGHT_FROM = 64.0;

    /** Lightness between the darkest and the lightest area under which a model is one grey lump from afar. */
    private const VALUES_APART = 20.0;

    /** Chroma from which an area is lively. */
    private const LIVELY = 36.0;

    /** Share of the model up to which a lively colour is a spot, and degrees of hue that it is off the main one. */
    private const SPOT_SHARE = 0.2;

    private const SPOT_TURN = 24.0;

    /** Share from which one temperature is the whole scheme. */
    private const ALL_OF_ONE = 0.85;

    /**
     * @param array<string, array{area: Area, mean: Lab, face: Lab, low: float, high: float}> $values by area id, the darkest first
     * @param array{dark: float, mid: float, light: float} $tones shares, adding up to 1
     * @param array{warm: float, neutral: float, cool: float} $temperatures shares, adding up to 1
     * @param float $lively share in lively colours
     * @param list<Area> $spots small areas in a lively colour that is not the main one
     */
    private function __construct(
        public array $values,
        public array $tones,
        public array $temperatures,
        public float $lively,
        public array $spots,
        public ?Area $main,
    ) {}

    /**
     * @param list<Area> $areas those that have colour
     * @param array<string, Look> $looks by area id
     */
    public static function of(array $areas, array $looks): self
    {
        $values = [];
        $tones = ['dark' => 0.0, 'mid' => 0.0, 'light' => 0.0];
        $temperatures = ['warm' => 0.0, 'neutral' => 0.0, 'cool' => 0.0];
        $lively = $all = 0.0;
        $main = null;
        foreach ($areas as $area) {
            $look = $looks[$area->id];
            $mean = $look->mean();
            $share = $area->size->share();
            $all += $share;
            $values[$area->id] = [
                'area' => $area,
                'mean' => $mean,
                'face' => $look->at(Zone::Face),
                'low' => min(array_column($look->colours, 'lightness')),
                'high' => max(array_column($look->colours, 'lightness')),
            ];
            $tones[match (true) {
                $mean->lightness <= self::DARK_TO => 'dark',
                $mean->lightness >= self::LIGHT_FROM => 'light',
                default => 'mid',
            }] += $share;
            $temperatures[Temperature::of($mean)->value] += $share;
            $lively += $look->at(Zone::Face)->toLch()->chroma >= self::LIVELY ? $share : 0.0;
            $main = $main === null || $share > $main->size->share() ? $area : $main;
        }
        uasort($values, static fn(array $one, array $other): int => $one['mean']->lightness <=> $other['mean']->lightness);
        $part = static fn(float $sum): float => $sum / max(1e-9, $all);

        return new self(
            $values,
            ['dark' => $part($tones['dark']), 'mid' => $part($tones['mid']), 'light' => $part($tones['light'])],
            ['warm' => $part($temperatures['warm']), 'neutral' => $part($temperatures['neutral']), 'cool' => $part($temperatures['cool'])],
            $part($lively),
            $main === null ? [] : self::spotsIn($values, $main, $all),
            $main,
        );
    }

    /** @return list<string> what is to be said of it, each with its reason */
    public function words(): array
    {
        return count($this->values) < 2 ? [] : [$this->valueWords(), $this->temperatureWords(), $this->spotWords(), $this->livelyWords()];
    }

    private function valueWords(): string
    {
        $lightness = array_map(static fn(array $one): float => $one['mean']->lightness, array_values($this->values));
        $apart = $lightness[count($lightness) - 1] - $lightness[0];
        if (count($lightness) > 1 && $apart < self::VALUES_APART) {
            return sprintf(
                'From afar all areas lie within %d values of each other: the model reads as one lump. Make one of them clearly lighter or darker.',
                (int) round($apart),
            );
        }
        $most = array_search(max($this->tones), $this->tones, true);

        return match (true) {
            $this->tones['dark'] > self::ALL_OF_ONE => 'Nearly all of it is dark: light edges and one light area keep it from becoming a hole.',
            $this->tones['light'] > self::ALL_OF_ONE => 'Nearly all of it is light: deep shadows, or one dark area, give it hold.',
            default => sprintf(
                'Mostly %s in value, with %s.',
                $most,
                implode(
                    ' and ',
                    array_keys(array_filter(
                        $this->tones,
                        static fn(float $share, string $tone): bool => $share > 0.0 && $tone !== $most,
                        ARRAY_FILTER_USE_BOTH,
                    )),
                )
                    ?: 'nothing beside it',
            ),
        };
    }

    private function temperatureWords(): string
    {
        [$warm, $cool] = [$this->temperatures['warm'], $this->temperatures['cool']];

        return match (true) {
            $warm > self::ALL_OF_ONE => 'All of it is warm. That holds together; one cool place, a metal or a shadow, would make the warm glow.',
            $cool > self::ALL_OF_ONE => 'All of it is cool. That holds together; one warm place, a leather or a light, would lift it.',
            $warm > 0.0 && $cool > 0.0 => sprintf('%s, with %s against it.', $warm >= $cool ? 'Warm' : 'Cool', $warm >= $cool ? 'cool' : 'warm'),
            default => sprintf('%s and greys.', $warm >= $cool ? 'Warm tones' : 'Cool tones'),
        };
    }

    private function spotWords(): string
    {
        $names = array_column($this->spots, 'name');

        return match (count($names)) {
            0 => 'No spot colour: a small, lively place in another hue is what the eye would go to first.',
            1 => sprintf('Spot colour: %s. Repeated in one or two small places it ties a mixed batch together.', $names[0]),
            default => sprintf('Spot colours: %s.', implode(', ', $names)),
        };
    }

    private function livelyWords(): string
    {
        return match (true) {
            $this->lively > 0.7 => 'Most of it is lively: a muted area beside them lets the lively ones shine.',
            $this->lively === 0.0 => 'Everything is muted: that is calm, and one saturated place would show it.',
            default => 'Lively and muted areas set each other off.',
        };
    }

    /**
     * @param array<string, array{area: Area, mean: Lab, face: Lab, low: float, high: float}> $values
     *
     * @return list<Area>
     */
    private static function spotsIn(array $values, Area $main, float $all): array
    {
        $of = $values[$main->id]['face']->toLch();
        $spots = [];
        foreach ($values as $value) {
            $polar = $value['face']->toLch();
            $turn = abs($of->turnTo($polar));
            if (
                $value['area'] !== $main
                && $polar->chroma >= self::LIVELY
                && $value['area']->size->share() <= self::SPOT_SHARE * $all
                && ($of->chroma < self::LIVELY / 2 || $turn >= self::SPOT_TURN)
            ) {
                $spots[] = $value['area'];
            }
        }

        return $spots;
    }
}
