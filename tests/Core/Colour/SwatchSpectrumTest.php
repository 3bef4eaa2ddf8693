<?php

declare(strict_types=1);

namespace Tests\Core\Colour;

use Kalokroma\Colour\Ciede2000;
use Kalokroma\Colour\Lab;
use Kalokroma\Colour\Observer;
use Kalokroma\Colour\Reflectance;
use Kalokroma\Colour\Srgb;
use Kalokroma\Colour\SwatchSpectrum;
use Kalokroma\Colour\Xyz;
use Kalokroma\Paint\Paint;
use PHPUnit\Framework\TestCase;
use Random\Engine\Mt19937;
use Random\Randomizer;
use Tests\Core\Paints;

final class SwatchSpectrumTest extends TestCase
{
    /** Steps along each side of the screen's cube. */
    private const LATTICE = 16;

    /** Share of a perfect white within which a colour counts as lying beyond what paint can do. */
    private const EDGE = 1e-4;

    /** ΔE₀₀ by which a colour at the very edge may be missed, where only a spiked curve would meet it. */
    private const AT_THE_EDGE = 0.5;

    private const DIRECTIONS = 3000;

    public function testEveryColourThatFitsComesBackAndTheFewOthersSayThatTheyDoNot(): void
    {
        $beyond = $atTheEdge = 0;
        foreach ($this->lattice() as $colour) {
            $spectrum = SwatchSpectrum::of($colour->toLab());
            foreach ($spectrum->reflectance->bands as $band) {
                self::assertGreaterThanOrEqual(SwatchSpectrum::DARKEST, $band);
                self::assertLessThanOrEqual(SwatchSpectrum::LIGHTEST, $band);
            }
            if ($spectrum->isPaintable()) {
                continue;
            }
            if ($this->isBeyondPaint($colour->toXyz())) {
                $beyond++;
                self::assertLessThan(2.5, $spectrum->difference, $colour->hex());
            } else {
                $atTheEdge++;
                self::assertLessThan(self::AT_THE_EDGE, $spectrum->difference, $colour->hex().' has a spectrum');
            }
        }

        self::assertLessThan(self::LATTICE ** 3 / 50, $beyond);
        self::assertLessThan(self::LATTICE ** 3 / 80, $atTheEdge);
    }

    /** What a mix looks like must not hang on the last step of a swatch that somebody typed. */
    public function testTheNextSwatchMakesNearlyTheSameMix(): void
    {
        $random = new Randomizer(new Mt19937(4));
        $partners = array_map(static fn(string $hex): Paint => Paints::of($hex), ['#f4f4f0', '#1a1a1a', '#f2c521', '#b0242a', '#24508c']);
        for ($i = 0; $i < 60; $i++) {
            $rgb = $i === 0 ? [0x48, 0x2b, 0] : [$random->getInt(6, 240), $random->getInt(6, 240), $random->getInt(6, 240)];
            $next = $rgb;
            $next[$i === 0 ? 2 : $random->getInt(0, 2)]++;
            [$one, $other] = [Paints::of(vsprintf('#%02x%02x%02x', $rgb)), Paints::of(vsprintf('#%02x%02x%02x', $next))];
            $step = Ciede2000::between($one->colour(), $other->colour());
            foreach ($partners as $partner) {
                $moved = Ciede2000::between(Paints::mix(1, $one, 1, $partner)->colour(), Paints::mix(1, $other, 1, $partner)->colour());
                self::assertLessThan(max(1.1, 1.2 * $step), $moved, "$one->name and $other->name, each with $partner->name");
            }
        }
    }

    public function testCurvesAreSmooth(): void
    {
        foreach (['#b0242a', '#e0ac1c', '#2f7f86', '#7d5a8c', '#6b4226', '#efeadd'] as $hex) {
            $bands = SwatchSpectrum::of(Srgb::parse($hex)->toLab())->reflectance->bands;
            for ($i = 1; $i < Observer::BANDS; $i++) {
                self::assertLessThan(0.16, abs($bands[$i] - $bands[$i - 1]), "$hex at band $i");
            }
        }
    }

    public function testAFlatReflectanceIsGrey(): void
    {
        $grey = Reflectance::flat(0.18)->toLab();

        self::assertEqualsWithDelta(49.4961, $grey->lightness, 1e-3);
        self::assertEqualsWithDelta(0.0, hypot($grey->a, $grey->b), 1e-9);
    }

    public function testScreenWhiteIsOutOfReach(): void
    {
        $white = SwatchSpectrum::of(Lab::of(100, 0, 0));

        self::assertFalse($white->isPaintable());
        self::assertEqualsWithDelta(SwatchSpectrum::LIGHTEST, $white->reflectance->bands[15], 0.01);
    }

    /** @return iterable<Srgb> */
    private function lattice(): iterable
    {
        $last = self::LATTICE - 1;
        for ($red = 0; $red <= $last; $red++) {
            for ($green = 0; $green <= $last; $green++) {
                for ($blue = 0; $blue <= $last; $blue++) {
                    yield Srgb::of($red / $last, $green / $last, $blue / $last);
                }
            }
        }
    }

    /**
     * All colours of reflectances between two limits form a convex body. A colour is outside it exactly when, in some direction, it lies
     * further out than the body reaches; the body's reach is the sum of each band's better limit. Many directions, evenly spread, are tried.
     */
    private function isBeyondPaint(Xyz $colour): bool
    {
        for ($i = 0; $i < self::DIRECTIONS; $i++) {
            $up = 1 - 2 * ($i + 0.5) / self::DIRECTIONS;
            $turn = $i * M_PI * (3 - sqrt(5));
            $side = sqrt(1 - $up * $up);
            if ($this->outside($colour, [$side * cos($turn), $up, $side * sin($turn)]) > -self::EDGE) {
                return true;
            }
        }

        return false;
    }

    /** @param array{float, float, float} $direction */
    private function outside(Xyz $colour, array $direction): float
    {
        [$weightX, $weightY, $weightZ] = Observer::weights();
        $reach = 0.0;
        foreach ($weightX as $band => $weight) {
            $along = $direction[0] * $weight + $direction[1] * $weightY[$band] + $direction[2] * $weightZ[$band];
            $reach += $along * ($along > 0 ? SwatchSpectrum::LIGHTEST : SwatchSpectrum::DARKEST);
        }

        return $direction[0] * $colour->x + $direction[1] * $colour->y + $direction[2] * $colour->z - $reach;
    }
}
