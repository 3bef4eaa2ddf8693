<?php

declare(strict_types=1);

namespace Tests\Core\Simulation;

use Kalokroma\Craft\FinishLevel;
use Kalokroma\Craft\Importance;
use Kalokroma\Craft\Place;
use Kalokroma\Craft\Technique;
use Kalokroma\Craft\Texture;
use Kalokroma\Craft\Zone;
use Kalokroma\Paint\Kind;
use Kalokroma\Paint\Paint;
use Kalokroma\Simulation\Application;
use Kalokroma\Simulation\SprayCone;
use Kalokroma\Simulation\Strip;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;
use Tests\Core\Paints;

final class StripTest extends TestCase
{
    /** @return iterable<array{Texture}> */
    public static function textures(): iterable
    {
        foreach (Texture::cases() as $texture) {
            yield $texture->value => [$texture];
        }
    }

    #[DataProvider('textures')]
    public function testSharesOfAZoneAddUpToTheSurface(Texture $texture): void
    {
        $sum = array_sum(array_map(static fn(Zone $zone): float => $texture->share($zone), Zone::cases()));

        self::assertEqualsWithDelta(1.0, $sum, 1e-9);
    }

    #[DataProvider('textures')]
    public function testLightFromAboveThenATransparentRisesInValueFromDownToUp(Texture $texture): void
    {
        $strip = $this->strip($texture, [
            $this->stage(Technique::of('primer'), Paints::of('#1d1d1e', 0.95, Kind::Primer), coats: 2),
            $this->stage(Technique::of('spray-from-above'), Paints::of('#ddd3b8', 0.9, Kind::Primer), cone: 45),
            $this->stage(Technique::of('one-coat'), Paints::of('#2f7f8a', 0.12, Kind::OneCoat)),
        ]);

        $before = -1.0;
        foreach ($strip->final()->colours as $i => $colour) {
            self::assertGreaterThanOrEqual($before - 0.01, $colour->lightness, "$texture->value zone $i");
            $before = $colour->lightness;
        }
        self::assertGreaterThan(15.0, $strip->final()->relief());
    }

    public function testAWiderConeLeavesLessShadow(): void
    {
        $landed = array_map(static fn(float $degrees): float => SprayCone::ofHalfAngle($degrees)->reach(Zone::LowerSide), [20, 45, 70, 90]);
        $sorted = $landed;
        sort($sorted);

        self::assertSame($sorted, $landed);
        self::assertSame(0.0, $landed[0]);
        self::assertGreaterThan(SprayCone::ofHalfAngle(45)->reach(Zone::Face), SprayCone::ofHalfAngle(45)->reach(Zone::Edge));
    }

    public function testABrownWashOverBoneDarkensTheRecessThreeTimesAsMuchAsTheRaisedParts(): void
    {
        foreach ([Texture::ScalesOrChain, Texture::FurOrFeather, Texture::CloseFolds] as $texture) {
            $strip = $this->strip($texture, [
                $this->stage(Technique::of('basecoat'), Paints::of('#d8c9a3', 0.8), coats: 6),
                $this->stage(Technique::of('wash'), Paints::of('#b88c60', 0.06, Kind::Wash)),
            ]);
            $drop = fn(Zone $zone): float => $strip->stages[0]->look->at($zone)->lightness - $strip->stages[1]->look->at($zone)->lightness;

            self::assertGreaterThanOrEqual(3 * $drop(Zone::Raised), $drop(Zone::Recess), $texture->value);
            self::assertGreaterThan(0.5, $drop(Zone::Raised));
        }
    }

    public function testMoreDilutionNeverDarkensMore(): void
    {
        $before = 0.0;
        foreach ([1.0, 0.5, 0.25, 0.1] as $strength) {
            $strip = $this->strip(Texture::CloseFolds, [
                $this->stage(Technique::of('basecoat'), Paints::of('#d8c9a3', 0.8), coats: 6),
                $this->stage(Technique::of('wash'), Paints::of('#b88c60', 0.06, Kind::Wash), strength: $strength),
            ]);
            $value = $strip->final()->at(Zone::Recess)->lightness;
            self::assertGreaterThan($before, $value);
            $before = $value;
        }
    }

    public function testAWashBeforeTheDrybrushKeepsBrightEdgesAndAfterItDullsThem(): void
    {
        $base = $this->stage(Technique::of('basecoat'), Paints::of('#5f7a45', 0.84), coats: 4);
        $wash = $this->stage(Technique::of('wash'), Paints::of('#76716d', 0.09, Kind::Wash));
        $drybrush = $this->stage(Technique::of('drybrush'), Paints::of('#b9c795', 0.7), coats: 2);
        $washedFirst = $this->strip(Texture::FurOrFeather, [$base, $wash, $drybrush])->final();
        $washedLast = $this->strip(Texture::FurOrFeather, [$base, $drybrush, $wash])->final();

        self::assertGreaterThan($washedLast->at(Zone::Edge)->lightness + 2, $washedFirst->at(Zone::Edge)->lightness);
    }

    public function testADrybrushLeavesTheRecessesAlone(): void
    {
        $strip = $this->strip(Texture::ScalesOrChain, [
            $this->stage(Technique::of('basecoat'), Paints::of('#3b3c3e', 0.97), coats: 2),
            $this->stage(Technique::of('drybrush'), Paints::of('#c3c7ca', 0.94), coats: 3),
        ]);

        self::assertSame($strip->stages[0]->look->at(Zone::Recess)->lightness, $strip->final()->at(Zone::Recess)->lightness);
        self::assertGreaterThan($strip->final()->at(Zone::Raised)->lightness, $strip->final()->at(Zone::Edge)->lightness);
        self::assertTrue($strip->final()->isReadable(Importance::Normal));
    }

    public function testTheForecastIsWhatTheStripThenShows(): void
    {
        $yellow = Paints::of('#e0ac1c', 0.5);
        $ground = $this->stage(Technique::of('primer'), Paints::of('#7f8183', 0.93, Kind::Primer), coats: 2);
        $planned = $this->strip(Texture::BroadFolds, [$ground, $this->stage(Technique::of('basecoat'), $yellow, strength: 0.5)])->stages[1];
        $needed = $planned->forecast?->needed;
        self::assertNotNull($needed);
        self::assertGreaterThan(1, $needed);

        $enough = $this->strip(
            Texture::BroadFolds,
            [$ground, $this->stage(Technique::of('basecoat'), $yellow, strength: 0.5, coats: $needed)],
        )->stages[1];
        $tooFew = $this->strip(
            Texture::BroadFolds,
            [$ground, $this->stage(Technique::of('basecoat'), $yellow, strength: 0.5, coats: $needed - 1)],
        )->stages[1];
        $off = static fn($stage): float => max(array_map(
            static fn(Zone $zone): float => \Kalokroma\Colour\Ciede2000::between($yellow->colour(), $stage->look->at($zone)),
            [Zone::LowerSide, Zone::Face, Zone::Raised, Zone::Edge],
        ));

        self::assertLessThanOrEqual(FinishLevel::TableReady->coverTolerance() + 0.05, $off($enough));
        self::assertGreaterThan(FinishLevel::TableReady->coverTolerance() - 0.05, $off($tooFew));
    }

    public function testCoatsAreCountedWhereTheyAreMeantToCover(): void
    {
        $black = $this->stage(Technique::of('primer'), Paints::of('#232325', 0.95, Kind::Primer), coats: 3);
        $red = Paints::of('#b8202a', 0.6);
        $everywhere = $this->strip(Texture::ScalesOrChain, [$black, $this->stage(Technique::of('basecoat'), $red)])->stages[1]->forecast;
        // A deep recess gets less of every coat, and is left to the shade.
        self::assertNotSame(Zone::Recess, $everywhere?->hardestZone);
        // The lower side, where a layer is feathered, would take more.
        $layer = new Application('layer', Technique::of('layer'), Place::AllButRecesses, $red->optics(), 1.0, 1);
        $feathered = $this->strip(Texture::SmoothPanel, [$black, $layer])->stages[1]->forecast;
        self::assertNotSame(Zone::LowerSide, $feathered?->hardestZone);
        self::assertSame(
            $this->strip(Texture::SmoothPanel, [$black, $this->stage(Technique::of('basecoat'), $red)])->stages[1]->forecast?->needed,
            $feathered?->needed,
        );
    }

    public function testOnePartInSixteenIsNoPaintAnyMoreAndOneInElevenIs(): void
    {
        $forecast = fn(float $strength) => $this->strip(
            Texture::BroadFolds,
            [$this->stage(Technique::of('basecoat'), Paints::of('#8a5a34', 0.84), strength: $strength)],
        )->stages[0]->forecast;

        self::assertSame([true, null], [$forecast(1 / 16)?->isTooThin, $forecast(1 / 16)?->needed]);
        self::assertFalse($forecast(1 / 11)?->isTooThin);
    }

    public function testGlossDeepensAndMattLifts(): void
    {
        $black = $this->stage(Technique::of('primer'), Paints::of('#232325', 0.95, Kind::Primer), coats: 3);
        $ink = Paints::of('#2f7f8a', 0.04, Kind::Ink);
        $under = fn(float $skin): float => $this->strip(
            Texture::SmoothPanel,
            [$black, new Application('ink', Technique::of('one-coat'), Place::Everywhere, $ink->optics(), 1.0, 1, true, null, $skin)],
        )->final()->at(Zone::Face)->lightness;

        self::assertLessThan($under(0.005) - 0.5, $under(0.0));
        self::assertLessThan($under(0.010) - 0.5, $under(0.005));
    }

    public function testTransparentPaintIsNeverAskedToCover(): void
    {
        $strip = $this->strip(Texture::BroadFolds, [$this->stage(Technique::of('basecoat'), Paints::of('#b88c60', 0.06, Kind::Wash), tints: true)]);

        self::assertNull($strip->stages[0]->forecast);
    }

    /** @param list<Application> $stages */
    private function strip(Texture $texture, array $stages): Strip
    {
        return Strip::of($texture, $stages, FinishLevel::TableReady);
    }

    private function stage(
        Technique $technique,
        Paint $paint,
        int $coats = 1,
        float $strength = 1.0,
        ?float $cone = null,
        bool $tints = false,
    ): Application {
        return new Application(
            $technique->id,
            $technique,
            Place::Everywhere,
            $paint->optics(),
            $strength,
            $coats,
            $tints,
            $cone === null ? null : SprayCone::ofHalfAngle($cone),
        );
    }
}
