<?php

declare(strict_types=1);

namespace Tests\Core\Colour;

use Kalokroma\Colour\Lab;
use Kalokroma\Colour\Observer;
use Kalokroma\Colour\Reflectance;
use Kalokroma\Colour\Srgb;
use Kalokroma\Colour\SwatchSpectrum;
use Kalokroma\Colour\Xyz;
use PHPUnit\Framework\TestCase;

final class SwatchSpectrumTest extends TestCase
{
    /** Steps along each side of the screen's cube. */
    private const LATTICE = 16;

    /** Share of a perfect white within which a colour counts as lying on the edge of what paint can do. */
    private const EDGE = 1e-4;

    public function testEveryColourThatFitsComesBackAndTheFewOthersSayThatTheyDoNot(): void
    {
        $others = 0;
        foreach ($this->lattice() as $colour) {
            $spectrum = SwatchSpectrum::of($colour->toLab());
            foreach ($spectrum->reflectance->bands as $band) {
                self::assertGreaterThanOrEqual(SwatchSpectrum::DARKEST, $band);
                self::assertLessThanOrEqual(SwatchSpectrum::LIGHTEST, $band);
            }
            if (! $spectrum->isPaintable()) {
                $others++;
                self::assertTrue($this->isBeyondPaint($colour->toXyz(), $spectrum->reflectance->toXyz()), $colour->hex().' has a spectrum and was missed by '.$spectrum->difference);
                self::assertLessThan(2.5, $spectrum->difference, $colour->hex());
            }
        }

        self::assertLessThan(self::LATTICE ** 3 / 50, $others);
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
     * further out than the body reaches; the body's reach is the sum of each band's better limit. The direction to try is that in
     * which the curve found would have to go on: if even the body's outermost point does not reach the colour there, nothing does.
     */
    private function isBeyondPaint(Xyz $colour, Xyz $found): bool
    {
        $wanted = $colour->toLab();
        $miss = static fn(float $x, float $y, float $z): float => self::squaredDistance(Xyz::of($x, $y, $z)->toLab(), $wanted);
        $step = 1e-7;
        $here = $miss($found->x, $found->y, $found->z);
        $direction = [
            $here - $miss($found->x + $step, $found->y, $found->z),
            $here - $miss($found->x, $found->y + $step, $found->z),
            $here - $miss($found->x, $found->y, $found->z + $step),
        ];
        $length = sqrt($direction[0] ** 2 + $direction[1] ** 2 + $direction[2] ** 2);

        return $this->outside($colour, [$direction[0] / $length, $direction[1] / $length, $direction[2] / $length]) > -self::EDGE;
    }

    private static function squaredDistance(Lab $one, Lab $other): float
    {
        return ($one->lightness - $other->lightness) ** 2 + ($one->a - $other->a) ** 2 + ($one->b - $other->b) ** 2;
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
