<?php

declare(strict_types=1);

namespace Tests\Core\Paint;

use Kalokroma\Colour\Lab;
use Kalokroma\Paint\BottleColour;
use Kalokroma\Paint\Coverage;
use Kalokroma\Paint\Drawdown;
use Kalokroma\Paint\Finish;
use Kalokroma\Paint\Kind;
use Kalokroma\Paint\Measured;
use Kalokroma\Paint\NamedTint;
use Kalokroma\Paint\Opacity;
use Kalokroma\Paint\Optics;
use Kalokroma\Paint\Paint;
use Kalokroma\Paint\PaintGuess;
use Kalokroma\Paint\Reading;
use Kalokroma\Paint\Skin;
use Kalokroma\Paint\Source;
use Kalokroma\Paint\UsualOpacity;
use Tests\Core\AgreedTestCase;
use Tests\Core\Paints;
use Tests\Core\Told;

final class AgreedTest extends AgreedTestCase
{
    private const SWATCHES = [
        '#0c0c0d', '#2b2d30', '#808285', '#f4f4f0', '#fffbe8', '#7a1614', '#c8321e', '#e07a1a', '#e8b923', '#f3e03a', '#5f8f2f', '#1f5c34',
        '#1f9a8e', '#2f62ad', '#1d2a66', '#5a2f7a', '#c2447c', '#f0b8c0', '#5d3f2a', '#b99263', '#d9c39a', '#8d8f93',
    ];

    private const NAMES = [
        'Oxblood', 'Bone White', 'Deep Sea Wash', 'Dark Iron', 'Old Brass', 'Gloss Varnish', 'Flow Medium', 'Red Ink', 'Mud Paste', 'Rust Pigment',
        'Grey Primer', 'Glowing Green', 'Sepia Shade', 'Clear Orange', 'Thing', 'Sun Yellow', 'Turquoise', 'Light Leather', 'Chipping Fluid', '',
    ];

    protected function said(): iterable
    {
        foreach (Kind::cases() as $kind) {
            yield "kind $kind->value" => [$kind->label(), $kind->isTransparent(), $kind->isClear(), $kind->isMixable()];
            foreach ($kind->isClear() ? [] : self::SWATCHES as $at => $hex) {
                $swatch = Paints::lab($hex);
                if ($at % 2 === strlen($kind->value) % 2) {
                    $optics = Paints::of($hex, null, $kind)->workOutOptics();
                    yield "$kind->value $hex" => [
                        Opacity::estimate($kind, $swatch), Opacity::estimate($kind, $swatch, 'Pale White'), $optics, $optics->masstone()->toLab(),
                        $optics->contrast(), $optics
                            ->over(Paints::surface('#1c1c1c'), 1.0)
                            ->toLab(), $optics
                            ->over(Paints::surface('#f2f2f2'), 2.0)
                            ->toLab(),
                        $optics->wetted()
                            ->masstone()
                            ->toLab(), $optics
                            ->times(0.4)
                            ->contrast(), Told::answer(static fn(): Lab => BottleColour::overWhite($swatch, $kind)),
                        Told::answer(static fn(): Lab => NamedTint::overWhite($swatch, $kind)), Paints::of($hex, null, $kind)->colour(),
                    ];
                }
            }
        }
        foreach (self::SWATCHES as $at => $hex) {
            $optics = Paints::of($hex, 0.5 + 0.02 * $at)->optics();
            $other = Paints::of(self::SWATCHES[($at + 5) % count(self::SWATCHES)], 0.7)->optics();
            $ground = Paints::surface(self::SWATCHES[($at + 9) % count(self::SWATCHES)]);
            yield "of $hex" => [
                UsualOpacity::of(Paints::lab($hex)), Coverage::of($optics, $ground, 0.8, 3.0), Coverage::of($optics, $ground, 0.2, 1.0),
                Optics::mixed([[$optics, 2.0], [$other, 1.0]])->masstone()->toLab(), Skin::tinted($optics, 1.0, $ground, 0.02),
                Skin::under($ground, 0.03), Optics::transparent($ground, 0.05)->over($ground, 1.0)->toLab(),
            ];
        }
        foreach ([0.0, 0.1, 0.35, 0.7, 0.95] as $share) {
            yield "skin $share" => [Skin::seen($share), Skin::within($share), Told::answer(static fn(): mixed => Opacity::of($share))];
        }
        foreach (Finish::cases() as $finish) {
            yield "finish $finish->value" => $finish->white();
        }
        foreach (Source::cases() as $source) {
            yield "source $source->value" => [$source->label(), Told::answer(static fn(): mixed => Reading::of($source, 3, 'card.jpg'))];
        }
        foreach (self::NAMES as $name) {
            yield "named $name" => [PaintGuess::of($name), PaintGuess::of($name, Kind::Metallic)];
        }
        yield from $this->films();
    }

    /** @return iterable<string, mixed> */
    private function films(): iterable
    {
        $films = [
            [12, 0, 0, 78, 4, 12],
            [30, 20, 15, 62, 35, 30],
            [70, 2, 6, 84, 1, 5],
            [60, 0, 0, 40, 0, 0],
            [5, 0, 0, 96, 0, 0],
            [40, 30, -20, 41, 30, -20],
        ];
        foreach ($films as $at => [$l, $a, $b, $l2, $a2, $b2]) {
            yield "film $at" => Told::answer(static function () use ($l, $a, $b, $l2, $a2, $b2): array {
                $film = Drawdown::of(Lab::of($l, $a, $b), Lab::of($l2, $a2, $b2));
                $measured = Measured::nothing()->withFilm($film, Reading::of(Source::Typed, 1), Kind::OneCoat);

                return [$film->opacity(), $film->optics(), $measured, $measured->photos()];
            });
        }
        $cards = [[0.0, 96.0], [30.0, 75.0], [20.0, 95.0], [50.0, 50.0], [60.0, 62.0], [95.0, 20.0], [10.0, 13.0], [10.0, 18.0]];
        foreach ($cards as [$black, $white]) {
            foreach ([[12, 40], [50, 50], [88, 94], [3, 96], [94, 95.5]] as [$overBlack, $overWhite]) {
                yield "card $black to $white, $overBlack and $overWhite"
                    => Told::answer(static function () use ($black, $white, $overBlack, $overWhite): array {
                        $film = Drawdown::of(Lab::of($overBlack, 2, 3), Lab::of($overWhite, 2, 3), Lab::of($black, 0, 0), Lab::of($white, 0, 0));

                        return [$film->opacity(), $film->optics()];
                    });
            }
        }
        foreach ([-1, 0, 1, Reading::MOST, Reading::MOST + 1] as $times) {
            yield "read $times times" => Told::answer(static fn(): Reading => Reading::of(Source::Photo, $times));
        }
        $by = Reading::of(Source::Photo, 2, 'a.jpg');
        $card = Drawdown::of(Lab::of(30, 20, 15), Lab::of(62, 35, 30));
        $known = Measured::nothing()->withColour(Lab::of(40, 10, 10), $by)->withStrength(Opacity::of(0.6), $by);
        yield 'measured one after the other' => [
            $known->withFilm($card, $by, Kind::Opaque), $known->withFilm($card, Reading::of(Source::Typed, 1), Kind::Opaque),
            $known->withFilm($card, Reading::of(Source::Typed, 1), Kind::Ink), Measured::nothing()->withColour(Lab::of(9, 0, 0), $by)
                ->withFilm($card, $by, Kind::Opaque),
            Measured::nothing()->withFilm($card, $by, Kind::Opaque)->withStrength(Opacity::of(0.2), $by),
            Measured::nothing()->withFilm($card, $by, Kind::Opaque)->withColour(Lab::of(50, 0, 0), $by),
        ];
        foreach (['#8e2f2a', '#2f62ad', '#e8b923', '#3a3836'] as $hex) {
            foreach (Kind::cases() as $kind) {
                yield "named $hex, $kind->value" => Told::answer(static fn(): Lab => NamedTint::overWhite(Paints::lab($hex), $kind));
            }
            yield "tinting $hex" => Paint::of('a', 'A', Kind::Ink, Paints::lab($hex), Opacity::of(0.06))->optics();
        }
        yield 'measured' => [
            Measured::nothing(), Measured::nothing()->withColour(Lab::of(40, 10, 10), Reading::of(Source::Photo, 2, 'a.jpg')),
            Measured::nothing()->withStrength(Opacity::of(0.6), Reading::of(Source::Mix, 1)),
        ];
        foreach ([-0.1, 0.0, 1.0, 1.1, NAN] as $wrong) {
            yield 'opacity '.json_encode(is_nan($wrong) ? 'none' : $wrong) => Told::answer(static fn(): mixed => Opacity::of($wrong));
        }
        yield 'no swatch' => Told::answer(static fn(): mixed => Paint::of('a', 'Nameless', Kind::Opaque, null));
        yield 'too many readings' => Told::answer(static fn(): mixed => Reading::of(Source::Photo, 100_000));
    }
}
