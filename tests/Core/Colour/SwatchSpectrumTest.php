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

    public function testEveryColourThatFitsComesBackAndTheFewOthersSayThatTheyDoNot(): void
    {
        $others = 0;
        $directions = $this->directions();
        foreach ($this->lattice() as $colour) {
            $spectrum = SwatchSpectrum::of($colour->toLab());
            foreach ($spectrum->reflectance->bands as $band) {
                self::assertGreaterThanOrEqual(SwatchSpectrum::DARKEST, $band);
                self::assertLessThanOrEqual(SwatchSpectrum::LIGHTEST, $band);
            }
            if (! $spectrum->isPaintable()) {
                $others++;
                self::assertTrue($this->isBeyondPaint($colour->toXyz(), $directions), $colour->hex().' has a spectrum and was missed by '.$spectrum->difference);
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
     * All colours of reflectances between two limits form a convex body. A colour is outside it exactly when, in some direction,
     * it lies further out than the body reaches; the body's reach is the sum of each band's better limit.
     *
     * @return list<array{array{float, float, float}, float}> direction and reach
     */
    private function directions(): array
    {
        [$weightX, $weightY, $weightZ] = Observer::weights();
        $directions = [];
        for ($i = 0; $i < 4000; $i++) {
            $height = 1 - 2 * ($i + 0.5) / 4000;
            $turn = $i * M_PI * (3 - sqrt(5));
            $direction = [sqrt(1 - $height ** 2) * cos($turn), $height, sqrt(1 - $height ** 2) * sin($turn)];
            $reach = 0.0;
            foreach ($weightX as $band => $weight) {
                $along = $direction[0] * $weight + $direction[1] * $weightY[$band] + $direction[2] * $weightZ[$band];
                $reach += $along * ($along > 0 ? SwatchSpectrum::LIGHTEST : SwatchSpectrum::DARKEST);
            }
            $directions[] = [$direction, $reach];
        }

        return $directions;
    }

    /** @param list<array{array{float, float, float}, float}> $directions */
    private function isBeyondPaint(Xyz $colour, array $directions): bool
    {
        $margin = 2e-4;
        foreach ($directions as [[$x, $y, $z], $reach]) {
            if ($x * $colour->x + $y * $colour->y + $z * $colour->z > $reach - $margin) {
                return true;
            }
        }

        return false;
    }
}
