<?php

declare(strict_types=1);

namespace Tests\Core\Quilt;

use Kalokroma\Colour\Ciede2000;
use Kalokroma\Colour\Lab;
use Kalokroma\Colour\Srgb;
use Kalokroma\Craft\AreaSize;
use Kalokroma\Craft\BodyType;
use Kalokroma\Craft\FinishLevel;
use Kalokroma\Craft\Importance;
use Kalokroma\Craft\Texture;
use Kalokroma\Paint\Kind;
use Kalokroma\Paint\Paint;
use Kalokroma\Quilt\Balance;
use Kalokroma\Quilt\Harmony;
use Kalokroma\Quilt\KeyArea;
use Kalokroma\Quilt\Shift;
use Kalokroma\Recipe\Area;
use Kalokroma\Recipe\ModelKind;
use Kalokroma\Recipe\Neighbours;
use Kalokroma\Recipe\Plan;
use Kalokroma\Recipe\Undercoat;
use Kalokroma\Simulation\Look;
use PHPUnit\Framework\TestCase;
use Tests\Core\Writing\DemoPaints;

/** A scheme as a whole: brown on brown is a lump, one orange lens is a spot, and what is moved is moved just enough. */
final class SchemeTest extends TestCase
{
    public function testBrownOnBrownReadsAsOneLump(): void
    {
        [$plan, $looks] = self::painted([
            'coat' => ['#5a4030', AreaSize::Main],
            'hat' => ['#4f382a', AreaSize::Medium],
            'boots' => ['#5e4636', AreaSize::Small],
        ]);
        $words = implode(' ', Balance::of($plan->areas, $looks)->words());

        self::assertStringContainsString('one lump', $words);
        self::assertStringContainsString('All of it is warm', $words);
        self::assertStringContainsString('No spot colour', $words);
    }

    public function testAnOrangeLensOnAGreyModelIsTheSpotColour(): void
    {
        [$plan, $looks] = self::painted([
            'armour' => ['#5b6066', AreaSize::Main],
            'cloth' => ['#c9c4b8', AreaSize::Large],
            'lens' => ['#e0701c', AreaSize::Speck],
        ]);
        $balance = Balance::of($plan->areas, $looks);

        self::assertSame(['lens'], array_map(static fn(Area $one): string => $one->id, $balance->spots));
        self::assertSame(['armour', 'lens', 'cloth'], array_keys($balance->values), 'The darkest first.');
        self::assertEqualsWithDelta(1.0, array_sum($balance->tones), 1e-9);
        self::assertEqualsWithDelta(1.0, array_sum($balance->temperatures), 1e-9);
        self::assertStringContainsString('Spot colour: lens', implode(' ', $balance->words()));
    }

    /** Each way leads just past the bound: a step less would not do, and every other neighbour is kept clear of too. */
    public function testAnAreaIsMovedJustEnoughToBeToldFromAllItTouches(): void
    {
        [$plan, $looks] = self::painted([
            'coat' => ['#5a4030', AreaSize::Main],
            'hat' => ['#553c2e', AreaSize::Medium],
            'scarf' => ['#77614e', AreaSize::Medium],
        ]);
        $hat = $plan->areas[1];
        $shifts = Shift::apart($hat, Neighbours::of($plan), $looks);

        self::assertNotEmpty($shifts);
        self::assertSame($shifts, self::sorted($shifts));
        foreach ($shifts as $shift) {
            foreach (['coat', 'scarf'] as $other) {
                self::assertGreaterThanOrEqual(8.9, Ciede2000::between($shift->look->mean(), $looks[$other]->mean()), "$shift->words, $other");
            }
        }
        self::assertLessThan(14.0, $shifts[0]->by, 'Not farther than need be.');
        self::assertSame(
            [],
            Shift::apart(
                $plan->areas[2],
                Neighbours::of($plan),
                ['coat' => $looks['coat'], 'scarf' => Look::flat(Texture::Skin, Lab::of(90.0, 0.0, 0.0)), 'hat' => $looks['hat']],
            ),
        );
    }

    /** Dark to 38, light from 64, and middle between; what lies on the bound counts with the lighter. */
    public function testTonesAreSharedOutByValue(): void
    {
        foreach ([['#595959', 'dark'], ['#7a7a7a', 'mid'], ['#9b9b9b', 'mid'], ['#a0a0a0', 'light'], ['#f0f0f0', 'light']] as [$hex, $tone]) {
            [$plan, $looks] = self::painted(['coat' => [$hex, AreaSize::Main], 'hat' => [$hex, AreaSize::Small]]);
            $most = array_search(1.0, array_map(static fn(float $share): float => round($share, 9), Balance::of($plan->areas, $looks)->tones), true);

            self::assertStringContainsString($tone, (string) $most, "$hex, value {$looks['coat']->mean()->lightness}");
        }
    }

    public function testATriadLiesAThirdOfTheCircleToBothSides(): void
    {
        $red = Lab::of(50.0, 50.0, 0.0);
        $lab = static fn(float $hue): Lab => Lab::of(50.0, 45 * cos(deg2rad($hue)), 45 * sin(deg2rad($hue)));
        $paint = static fn(string $id, float $hue): Paint => Paint::of($id, $id, Kind::Opaque, $lab($hue));
        $paints = [$paint('a', 120.0), $paint('b', 240.0), $paint('c', 312.0), $paint('d', 180.0), $paint('e', 30.0)];
        $found = array_column(array_map(static fn(Harmony $one): array => [$one->name, $one->paints], Harmony::with($red, $paints)), 1, 0);
        $ids = static fn(array $all): array => array_map(static fn(Paint $one): string => $one->id, $all);

        self::assertEqualsCanonicalizing(['a', 'b'], $ids($found['triad']));
        self::assertSame('d', $ids($found['complement'])[0]);
        self::assertSame('e', $ids($found['neighbour'])[0]);
    }

    public function testWhatGoesWithAColourIsFoundOnTheShelf(): void
    {
        $blue = Srgb::parse('#26508a')->toLab();
        $found = array_column(array_map(static fn(Harmony $one): array => [$one->name, $one], Harmony::with($blue, DemoPaints::owned())), 1, 0);

        self::assertSame(['complement', 'near-complement', 'triad', 'neighbour'], array_keys($found));
        foreach ($found['complement']->paints as $paint) {
            $turn = abs(fmod($paint->colour()->toLch()->hue - $blue->toLch()->hue + 540.0, 360.0) - 180.0);
            self::assertGreaterThan(158.0, $turn, $paint->name);
        }
        self::assertNotEmpty($found['complement']->paints);
        self::assertSame([], Harmony::with(Lab::of(50.0, 1.0, 2.0), DemoPaints::owned()), 'A grey goes with everything.');
        self::assertSame([[], [], [], []], array_map(static fn(Harmony $one): array => $one->paints, Harmony::with($blue, [])));
    }

    public function testTheFewAreasThatMakeOrBreakTheModelAreSolvedOrARisk(): void
    {
        [$plan, $looks] = self::painted(['armour' => ['#5b6066', AreaSize::Main], 'lens' => ['#e0701c', AreaSize::Speck]]);
        $balance = Balance::of($plan->areas, $looks);
        $told = static fn(array $painted): array => array_map(
            static fn(KeyArea $one): array => [$one->area->id, $one->isSolved],
            KeyArea::of($plan, $balance, $painted),
        );

        self::assertSame([['armour', false], ['lens', false]], $told([]));
        $marked = Plan::of(
            'Plan',
            $plan->model,
            $plan->undercoat,
            [$plan->areas[0], Area::of('lens', 'Lens', Texture::TinyDetail, AreaSize::Speck, Importance::EyeCatcher)],
        );
        self::assertSame(['lens'], array_map(static fn(KeyArea $one): string => $one->area->id, KeyArea::of($marked, $balance, [])));
    }

    /**
     * @param array<string, array{string, AreaSize}> $areas colour and size by id; each touches all others
     *
     * @return array{Plan, array<string, Look>}
     */
    private static function painted(array $areas): array
    {
        $list = $looks = [];
        foreach ($areas as $id => [$hex, $size]) {
            $list[] = Area::of($id, $id, Texture::Skin, $size, Importance::Normal, array_values(array_diff(array_keys($areas), [$id])));
            $looks[$id] = Look::flat(Texture::Skin, Srgb::parse($hex)->toLab());
        }

        return [Plan::of('Plan', ModelKind::of('Model', BodyType::OnFoot, 32, FinishLevel::TableReady), Undercoat::bare(), $list), $looks];
    }

    /**
     * @param list<Shift> $shifts
     *
     * @return list<Shift>
     */
    private static function sorted(array $shifts): array
    {
        usort($shifts, static fn(Shift $one, Shift $other): int => $one->by <=> $other->by);

        return $shifts;
    }
}
