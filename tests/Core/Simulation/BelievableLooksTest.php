<?php

declare(strict_types=1);

namespace Tests\Core\Simulation;

use Kalokroma\Colour\Ciede2000;
use Kalokroma\Craft\Zone;
use Kalokroma\Planning\Rehearsal;
use Kalokroma\Simulation\Look;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;
use Tests\Core\PlanSketch;

/** What painters see on their models, with the figures they would put to it, over many paints and reliefs. */
final class BelievableLooksTest extends TestCase
{
    private const TEXTURES = [
        'smooth-panel', 'hard-edged-panel', 'broad-folds', 'close-folds', 'fur-or-feather', 'scales-or-chain', 'skin', 'rope-or-grain',
        'rubble',
    ];

    private const DARKS = ['coal', 'dark-brown', 'navy', 'dark-green'];

    private const LIGHTS = ['tan', 'sand', 'pale-grey', 'skin', 'sky', 'leather'];

    /** @return iterable<string, array{string}> */
    public static function textures(): iterable
    {
        foreach (self::TEXTURES as $texture) {
            yield $texture => [$texture];
        }
    }

    #[DataProvider('textures')]
    public function testARimLeavesTheGroundInsideIt(string $texture): void
    {
        $ground = self::look("undercoat grey\narea a $texture main ground ground\n basecoat brown x3\n drybrush sand");
        $rimmed = self::look("undercoat grey\narea a $texture main ground ground\n basecoat brown x3\n drybrush sand\n rim coal");

        self::assertSame(self::hexes($ground), self::hexes($rimmed));
        self::assertNull($ground->rim);
        self::assertLessThan(16.0, $rimmed->rim->lightness ?? 100.0);
    }

    public function testTheWholeModelsRimIsOnItsBaseOnly(): void
    {
        $plan = PlanSketch::plan(
            "undercoat grey\narea a broad-folds main cloth\n basecoat red\narea b rubble medium ground ground\n basecoat brown\nwhole\n rim coal",
        );
        [$cloth, $ground] = array_map(static fn($area): Look => Rehearsal::of($plan)->strip($area)->final(), $plan->areas);

        self::assertNull($cloth->rim);
        self::assertNotNull($ground->rim);
    }

    #[DataProvider('textures')]
    public function testMarksOfOneAreaLieInOnePlace(string $texture): void
    {
        $recipe = "undercoat grey\narea a $texture main cloth\n basecoat red x3";
        $plain = self::look($recipe)->at(Zone::Face)->lightness;
        $mark = self::look("$recipe\n freehand ivory 1:0 x8 patch\n freehand coal 1:0 x8 patch within a-2")->mark;
        self::assertNotNull($mark, 'a mark is told apart from the face round it');
        self::assertEqualsWithDelta(self::look($recipe)->at(Zone::Face)->lightness, $mark['plain']->lightness, 1e-6);
        self::assertEqualsWithDelta([0.15, 0.15], array_column($mark['on'], 'share'), 1e-6);
        self::assertGreaterThan(80.0, $mark['on'][0]['colour']->lightness);
        self::assertLessThan(20.0, $mark['on'][1]['colour']->lightness);
        self::assertNull(self::look($recipe)->mark);
        $once = self::look("$recipe\n freehand ivory 1:0 x8 patch")->at(Zone::Face)->lightness;
        $often = self::look($recipe.str_repeat("\n freehand ivory 1:0 x4 patch", 6))->at(Zone::Face)->lightness;
        $within = self::look("$recipe\n freehand ivory 1:0 x8 patch\n freehand coal 1:0 x3 patch within a-2")->at(Zone::Face)->lightness;
        $over = self::look("$recipe\n freehand ivory 1:0 x8 patch\n freehand coal 1:0 x3 patch")->at(Zone::Face)->lightness;

        self::assertEqualsWithDelta($once, $often, 1.0);
        self::assertGreaterThan($plain + 15.0, $once);
        self::assertLessThan($once - 6.0, $within);
        self::assertLessThan($within - 6.0, $over);
    }

    public function testTipsAndRootsNeverLieOnEachOther(): void
    {
        $mane = "undercoat grey\narea a fur-or-feather main hair\n basecoat red x3";
        $tips = self::look("$mane\n layer ivory 1:0 x8 tips");
        $both = self::look("$mane\n layer ivory 1:0 x8 tips\n layer coal 1:0 x4 roots");
        $apart = self::look("$mane\n layer ivory 1:0 x8 tips\n layer ivory 1:0 x8 roots");

        self::assertGreaterThan($tips->at(Zone::Raised)->lightness + 8.0, $apart->at(Zone::Raised)->lightness);
        self::assertLessThan($tips->at(Zone::Raised)->lightness - 1.0, $both->at(Zone::Raised)->lightness);
    }

    /** Two passes of a normal dry brush hardly touch the faces; three heavy ones of metal leave them a dark metal, and cover what stands up. */
    #[DataProvider('textures')]
    public function testADryBrushLeavesWhatItsLoadSays(string $texture): void
    {
        foreach (['steel', 'brass'] as $metal) {
            $heavy = self::look("undercoat black\narea a $texture main metal\n drybrush $metal load heavy x3");
            self::assertGreaterThan(20.0, $heavy->at(Zone::Face)->lightness, $metal);
            self::assertLessThan(35.0, $heavy->at(Zone::Face)->lightness, $metal);
            self::assertGreaterThan(45.0, $heavy->at(Zone::Raised)->lightness, $metal);
        }
        foreach (self::DARKS as $dark) {
            foreach (self::LIGHTS as $light) {
                $painted = self::look("undercoat grey\narea a $texture main other\n basecoat $dark x3");
                $normal = self::look("undercoat grey\narea a $texture main other\n basecoat $dark x3\n drybrush $light x2");
                self::assertLessThan(8.0, $normal->at(Zone::Face)->lightness - $painted->at(Zone::Face)->lightness, "$light on $dark");
                $pale = self::look("undercoat grey\narea a $texture main other\n basecoat $light x4");
                $dusted = self::look("undercoat grey\narea a $texture main other\n basecoat $light x4\n drybrush $dark load dusting x1");
                $fall = $pale->at(Zone::Edge)->lightness - $dusted->at(Zone::Edge)->lightness;
                self::assertLessThan(8.0, $fall, "$dark on $light");
                self::assertGreaterThan(0.5, $fall, "$dark on $light");
            }
        }
    }

    public function testBuffingReachesAPanelsFace(): void
    {
        foreach (['smooth-panel', 'hard-edged-panel'] as $texture) {
            $bare = self::look("undercoat black\narea a $texture main metal")->at(Zone::Face)->lightness;
            $buffed = self::look("undercoat black\narea a $texture main metal\n drybrush steel load heavy x3")->at(Zone::Face)->lightness;

            self::assertGreaterThan($bare + 8.0, $buffed);
        }
    }

    /** Each coat falls somewhere else too: what two leave free, four cover. */
    public function testStipplingCoversMoreWithEachCoatAndAtLastAll(): void
    {
        foreach (['purple', 'red', 'brown'] as $ground) {
            $yellow = self::look("undercoat white\narea a broad-folds main cloth\n basecoat yellow x6")->at(Zone::Face);
            $off = [];
            foreach ([0, 1, 2, 4, 8, 12] as $coats) {
                $step = $coats === 0 ? '' : "\n stipple yellow 1:0 x$coats";
                $off[] = Ciede2000::between(
                    $yellow,
                    self::look("undercoat grey\narea a broad-folds main cloth\n basecoat $ground x3$step")->at(Zone::Face),
                );
            }
            $sorted = $off;
            rsort($sorted);

            self::assertSame($sorted, $off, $ground);
            self::assertLessThan(5.0, $off[5], $ground);
            $hue = self::look(
                "undercoat grey\narea a broad-folds main cloth\n basecoat $ground x3\n stipple ochre x3\n stipple yellow x5",
            )->at(Zone::Face)->toLch()->hue;
            self::assertGreaterThan(72.0, $hue, $ground);
        }
    }

    /** One coat leaves half of the ground free, two a quarter. */
    public function testOneStippledCoatLeavesHalfFree(): void
    {
        foreach ([1 => 0.5, 2 => 0.25, 3 => 0.125] as $coats => $free) {
            $light = static fn(string $recipe): float => self::look(
                "undercoat black\narea a broad-folds main cloth\n basecoat coal x3\n$recipe",
            )->at(Zone::Face)->toXyz()->y;
            [$ground, $full] = [$light(''), $light('basecoat tan 1:0 x12')];

            self::assertEqualsWithDelta(1.0 - $free, ($light("stipple tan 1:0 x$coats") - $ground) / ($full - $ground), 0.09, "$coats coats");
        }
    }

    #[DataProvider('textures')]
    public function testLayeredShadeIsDeepestInTheFoldAndFadesOut(string $texture): void
    {
        foreach (['sky' => 'navy', 'tan' => 'dark-brown', 'lime' => 'dark-green', 'pink' => 'dark-red', 'pale-grey' => 'soot'] as $base => $shade) {
            $look = self::look("undercoat grey\narea a $texture main cloth\n basecoat $base x5\n layered-shade $shade");
            $value = static fn(Zone $zone): float => $look->at($zone)->lightness;

            self::assertLessThan($value(Zone::LowerSide) - 2.0, $value(Zone::Recess), $base);
            self::assertLessThan($value(Zone::Face) - 8.0, $value(Zone::LowerSide), $base);
            self::assertLessThan($value(Zone::Raised) - 3.0, $value(Zone::Face), $base);
        }
    }

    /** Varnish and spirit run into powder: half of its cover goes, what is left is darker, and spirit takes it off. */
    public function testPowderSinksUnderVarnishAndIsWipedWithSpirit(): void
    {
        foreach (['coal', 'dark-brown', 'navy', 'leather'] as $ground) {
            $recipe = "undercoat grey\narea a close-folds main cloth\n basecoat $ground x4";
            $recess = static fn(string $more) => self::look("$recipe\n$more")->at(Zone::Recess);
            [$bare, $dusty] = [$recess(''), $recess('pigments dust')];
            foreach (['satin-coat satin', 'matt-coat matt'] as $coat) {
                $under = $recess("pigments dust\n $coat");
                $without = $recess($coat);

                self::assertLessThan($dusty->lightness - 2.0, $under->lightness, $ground);
                self::assertLessThan(0.75 * Ciede2000::between($bare, $dusty), Ciede2000::between($without, $under), $ground);
                self::assertGreaterThan(2.0, Ciede2000::between($without, $under), $ground);
            }
            self::assertLessThan($dusty->lightness - 2.0, $recess("pigments dust\n wipe-back")->lightness, $ground);
            $low = static fn(string $more) => self::look("$recipe\n$more")->at(Zone::LowerSide)->lightness;
            self::assertLessThan(0.5 * ($low('pigments dust') - $low('')), $low("pigments dust\n wipe-back") - $low(''), $ground);
        }
    }

    private static function look(string $sketch): Look
    {
        $plan = PlanSketch::plan($sketch);

        return Rehearsal::of($plan)->strip($plan->areas[0])->final();
    }

    /** @return list<string> */
    private static function hexes(Look $look): array
    {
        return array_map(static fn($colour): string => $colour->toSrgb()->hex(), $look->colours);
    }
}
