<?php

declare(strict_types=1);

namespace Tests\Core\Colour;

use Kalokroma\Colour\Ciede2000;
use Kalokroma\Colour\Closeness;
use Kalokroma\Colour\ColourName;
use Kalokroma\Colour\ColourWords;
use Kalokroma\Colour\Difference;
use Kalokroma\Colour\GreyCard;
use Kalokroma\Colour\HueShift;
use Kalokroma\Colour\Lab;
use Kalokroma\Colour\Lch;
use Kalokroma\Colour\Observer;
use Kalokroma\Colour\Readings;
use Kalokroma\Colour\Reflectance;
use Kalokroma\Colour\SpectrumFit;
use Kalokroma\Colour\Srgb;
use Kalokroma\Colour\SwatchSpectrum;
use Kalokroma\Colour\Temperature;
use Kalokroma\Colour\Xyz;
use Tests\Core\AgreedTestCase;
use Tests\Core\Told;

final class AgreedTest extends AgreedTestCase
{
    private const WORDS = [
        'dark red', 'pale blue-green', 'warm mid grey', 'black', 'white', 'a little yellow', 'very dark brown', 'muted olive', 'bright orange',
        'skin', 'bone', 'steel', '#12a4f0', 'L 40 a 20 b -10', 'deep purple', 'nothing at all', '', 'light', 'teal', 'rust',
    ];

    protected function said(): iterable
    {
        yield 'weights' => Observer::weights();
        $colours = self::colours();
        foreach ($colours as $at => $colour) {
            $name = ColourName::of($colour);
            yield "colour $at" => [
                $colour, $name->words(), $name->hueWord(), Temperature::of($colour), Temperature::warmth($colour),
                Temperature::leant($colour, 6.0), Temperature::leant($colour, -9.0), $colour->toXyz(), $colour->toSrgb()->hex(),
                $colour->toLch(), $colour->value(), $colour->toXyz()->toOklab(), $colour->toXyz()->toLinearRgb(),
            ];
        }
        foreach ($colours as $at => $one) {
            $other = $colours[($at * 7 + 3) % count($colours)];
            $difference = Difference::from($one, $other);
            yield "pair $at" => [
                Ciede2000::between($one, $other), $difference->words(), $difference->leans(), $difference->turns(), $difference->closeness(),
                $one->midway($other), $one->toLch()->turnTo($other->toLch()), HueShift::between($one, $other),
            ];
        }
        yield from self::turning();
        foreach ([0.0, 0.5, 1.0, 1.99, 2.0, 3.5, 5.0, 7.0, 10.0, 12.0, 20.0, 40.0] as $difference) {
            $closeness = Closeness::ofDifference($difference);
            yield "off by $difference" => [$closeness, $closeness->words(), $closeness->upTo()];
        }
        foreach (array_slice($colours, 0, 24) as $at => $colour) {
            $spectrum = SwatchSpectrum::of($colour);
            yield "spectrum $at" => [$spectrum->reflectance, $spectrum->isPaintable(), (new SpectrumFit($colour))->bands()];
        }
        foreach ([0.02, 0.2, 0.5, 0.9] as $share) {
            $grey = Reflectance::flat($share);
            yield "grey $share" => [$grey->toLab(), $grey->luminance(), $grey->toXyz(), Srgb::encode($share), Srgb::decode($share)];
        }
        yield from $this->wrong();
        $photo = [[120, 118, 121], [122, 119, 120], [119, 120, 122], [121, 121, 119]];
        yield 'grey card' => Told::answer(static fn(): array => [GreyCard::of($photo)->gains(), GreyCard::of($photo)->correct([200, 90, 40])]);
        yield 'warm grey card' => Told::answer(static fn(): array => [
            GreyCard::of([[150, 120, 90], [152, 121, 91]])->gains(), GreyCard::of([[150, 120, 90], [152, 121, 91]])->correct([200, 90, 40]),
        ]);
        yield 'readings' => Told::answer(static fn(): mixed => Readings::of([Lab::of(50, 10, 10), Lab::of(51, 9, 11), Lab::of(70, -20, 0)]));
    }

    /** @return iterable<string, mixed> */
    private function wrong(): iterable
    {
        foreach (self::WORDS as $words) {
            yield "said: $words" => [
                Told::answer(static fn(): mixed => ColourWords::of($words)),
                Told::answer(static fn(): Lab => Lab::spoken($words)),
            ];
        }
        foreach (['#12345', 'red', '#GG0000', '#abcdef', 'ABCDEF', '#abc'] as $hex) {
            yield "hex $hex" => Told::answer(static fn(): Srgb => Srgb::parse($hex));
        }
        foreach ([
            [101.0, 0.0, 0.0],
            [-1.0, 0.0, 0.0],
            [50.0, 200.0, 0.0],
            [50.0, 0.0, -200.0],
            [100.0, 0.0, 0.0],
            [NAN, 0.0, 0.0],
        ] as $at => $lab) {
            yield "lab $at" => [Told::answer(static fn(): Lab => Lab::measured(...$lab)), Told::answer(static fn(): Lab => Lab::of(...$lab))];
        }
        yield 'no readings' => Told::answer(static fn(): mixed => Readings::of([]));
        yield 'bands' => Told::answer(static fn(): mixed => Reflectance::of([0.1, 0.2]));
        yield 'xyz' => Xyz::of(0.3, 0.4, 0.2)->toLab();
        yield 'channel' => [
            Told::answer(static fn(): mixed => Srgb::of(1.2, 0.0, 0.0)),
            Told::answer(static fn(): mixed => Lch::of(50, 30, 400)->toLab()),
        ];
        yield 'nearest' => Srgb::nearestTo(Lab::of(60, 90, -90)->toXyz());
    }

    /** @return list<Lab> all round, light and dark, pale and strong */
    private static function colours(): array
    {
        $colours = [];
        foreach ([8, 22, 38, 55, 72, 90] as $lightness) {
            foreach ([2.0, 9.0, 24.0, 48.0] as $ring => $chroma) {
                for ($hue = 9 * $ring; $hue < 360; $hue += 45) {
                    $colours[] = Lch::of($lightness, $chroma, $hue)->toLab();
                }
            }
        }

        return $colours;
    }

    /** @return iterable<string, mixed> where along a way through the colours one is called otherwise than the one before it */
    private static function turning(): iterable
    {
        foreach ([8, 30, 55, 78, 92] as $l) {
            foreach ([4, 9, 16, 34, 60] as $c) {
                $lch = static fn(int $h): ColourName => ColourName::of(Lch::of((float) $l, (float) $c, (float) $h)->toLab());
                yield "round L* $l, chroma $c" => [
                    self::turns(static fn(int $h): string => $lch($h)->hueWord(), 359),
                    self::turns(static fn(int $h): string => $lch($h)->words(), 359),
                    self::turns(static fn(int $h): string => $lch($h)->temperature()->value, 359),
                ];
            }
        }
        foreach ([20, 75, 100, 150, 220, 290, 340] as $h) {
            yield "up hue $h" => self::turns(
                static fn(int $l): string => ColourName::of(Lch::of((float) $l, 24.0, (float) $h)->toLab())->words(),
                100,
            );
            yield "out hue $h" => self::turns(
                static fn(int $c): string => ColourName::of(Lch::of(55.0, (float) $c, (float) $h)->toLab())->words(),
                90,
            );
        }
        foreach ([[1, 0, 0], [0, 1, 0], [0, 0, 1], [-1, 0, 0], [0, -1, 0], [0, 0, -1], [1, 1, 1], [0, 1, -1]] as [$l, $a, $b]) {
            $from = Lab::of(50.0, 12.0, 18.0);
            yield "off toward $l $a $b" => self::turns(static fn(int $tenths): string => Difference::from(
                $from,
                Lab::of(50.0 + $l * $tenths / 10.0, 12.0 + $a * $tenths / 10.0, 18.0 + $b * $tenths / 10.0),
            )->words(), 160);
        }
    }

    /**
     * @param callable(int): string $word
     *
     * @return array<int, string> by the number from which it is said
     */
    private static function turns(callable $word, int $to): array
    {
        $said = [];
        $last = null;
        for ($at = 0; $at <= $to; $at++) {
            $now = $word($at);
            if ($now !== $last) {
                $said[$at] = $last = $now;
            }
        }

        return $said;
    }
}
