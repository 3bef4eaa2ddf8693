<?php

declare(strict_types=1);

namespace Tests\Core\Simulation;

use Kalokroma\Craft\CraftBook;
use Kalokroma\Craft\Technique;
use Kalokroma\Craft\Zone;
use Kalokroma\Planning\Rehearsal;
use Kalokroma\Simulation\Look;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;
use Tests\Core\PlanSketch;

/** What each technique does to a surface, as facts that hold whatever the numbers are. */
final class TechniqueLooksTest extends TestCase
{
    /** @return iterable<string, array{string}> */
    public static function techniques(): iterable
    {
        foreach (CraftBook::standard()->techniques() as $technique) {
            yield $technique->id => [$technique->id];
        }
    }

    /** Every technique can be planned and leaves a stage, and only where something is put on does it change what is seen. */
    #[DataProvider('techniques')]
    public function testEveryTechniqueLeavesAStage(string $id): void
    {
        $technique = Technique::of($id);
        $paint = match ($technique->takes->value) {
            'colour', 'colour-or-nothing' => $id === 'wash'
                ? 'umber-wash'
                : 'sand', 'grime' => 'grime', 'powder' => 'dust', 'paste' => 'mud', 'varnish' => explode('-', $id)[0],
            'decal-fluid' => 'setting', 'chipping-fluid' => 'lifter', default => '',
        };
        $stages = self::strip("undercoat black\narea a scales-or-chain main cloth\n basecoat brown\n $id $paint")->stages;

        self::assertCount(3, $stages);
        $isInvisible = in_array(
            $id,
            [
                'touch-up', 'clean-up', 'decal', 'decal-softener', 'wipe-back', 'feather', 'chipping-fluid', 'grit', 'tuft', 'mask',
                'unmask', 'glue-part', 'matt-coat',
            ],
            true,
        );
        self::assertSame($isInvisible, $stages[2]->change < 0.01, "It changes the surface by {$stages[2]->change}.");
    }

    public function testMetalHasABrightEdgeAndADarkCoreThatTintsKeepAndOpaquesAndMattKill(): void
    {
        $range = static fn(string $then): float => self::range("undercoat grey\narea a hard-edged-panel main metal\n basecoat steel x2\n $then");
        $bare = $range('');
        self::assertGreaterThan(15.0, $bare);
        self::assertGreaterThan(0.6 * $bare, $range('glaze ruby'));
        self::assertLessThan(4.0, $range('basecoat mid-grey x4'));
        self::assertLessThan(0.5 * $bare, $range('matt-coat matt'));
        self::assertEqualsWithDelta($bare, $range('gloss-coat gloss'), 3.0);
    }

    public function testGlossDeepensAndMattLiftsTheDarks(): void
    {
        $value = static fn(string $coat): float => self::look(
            "undercoat grey\narea a broad-folds main cloth\n basecoat coal x3\n $coat",
        )->at(Zone::Face)->lightness;

        self::assertLessThan($value('') - 1.0, $value('gloss-coat gloss'));
        self::assertGreaterThan($value('gloss-coat gloss') + 2.0, $value("gloss-coat gloss\n matt-coat matt"));
    }

    public function testChipsBareWhatLiesUnderTheFluidAndNothingWithoutIt(): void
    {
        $recipe = static fn(string $fluid): Look => self::look(
            "undercoat black\narea a hard-edged-panel main armour\n basecoat leather x3\n $fluid\n basecoat pale-grey x5\n chip",
        );
        $unchipped = self::look("undercoat black\narea a hard-edged-panel main armour\n basecoat leather x3\n basecoat pale-grey x5");

        self::assertLessThan($unchipped->at(Zone::Edge)->lightness - 5.0, $recipe('chipping-fluid lifter')->at(Zone::Edge)->lightness);
        self::assertEqualsWithDelta($unchipped->at(Zone::Recess)->lightness, $recipe('chipping-fluid lifter')->at(Zone::Recess)->lightness, 0.6);
        self::assertEqualsWithDelta($unchipped->at(Zone::Edge)->lightness, $recipe('')->at(Zone::Edge)->lightness, 0.01);
    }

    public function testSpiritWipesGrimeOffWhatStandsUpUnlessItWasSealed(): void
    {
        $recipe = static fn(string $between): Look => self::look(
            "undercoat grey\narea a hard-edged-panel main armour\n basecoat sand x3\n gloss-coat gloss\n solvent-wash grime all 1:0\n $between\n wipe-back",
        );
        $clean = self::look("undercoat grey\narea a hard-edged-panel main armour\n basecoat sand x3\n gloss-coat gloss");

        self::assertEqualsWithDelta($clean->at(Zone::Raised)->lightness, $recipe('')->at(Zone::Raised)->lightness, 2.5);
        self::assertLessThan($clean->at(Zone::Recess)->lightness - 8.0, $recipe('')->at(Zone::Recess)->lightness);
        self::assertLessThan($clean->at(Zone::Raised)->lightness - 3.0, $recipe('satin-coat satin')->at(Zone::Raised)->lightness);
    }

    public function testColouredLightFallsOnOneFlankOnly(): void
    {
        $look = self::look("undercoat grey\narea a broad-folds main cloth\n basecoat navy x3\n coloured-light orange side left x4");
        $plain = self::look("undercoat grey\narea a broad-folds main cloth\n basecoat navy x3");

        self::assertNotNull($look->left);
        self::assertNotNull($look->right);
        self::assertGreaterThan(8.0, $look->left[Zone::Face->index()]->b - $plain->at(Zone::Face)->b);
        self::assertEqualsWithDelta($plain->at(Zone::Raised)->b, $look->right[Zone::Raised->index()]->b, 0.01);
        self::assertNull($plain->left);
        self::assertNull(self::look("undercoat grey\narea a broad-folds main cloth\n basecoat navy x3\n coloured-light orange side front")->left);
    }

    public function testAWetBlendHasItsSecondColourHigherAndOneToneBetween(): void
    {
        $look = self::look("undercoat grey\narea a broad-folds main cloth\n wet-blend navy over sky all 1:0 x4");
        $values = array_map(static fn(Zone $zone): float => $look->at($zone)->lightness, [Zone::LowerSide, Zone::Face, Zone::Raised]);

        self::assertGreaterThan($values[0] + 8.0, $values[1]);
        self::assertGreaterThan($values[1] + 8.0, $values[2]);
    }

    /** Each colour of a blend is as thin as it was mixed: the upper zones know nothing of the lower colour's water. */
    public function testEachColourOfABlendIsAsThinAsItWasMixed(): void
    {
        $look = static fn(string $dilution): \Kalokroma\Simulation\Look => self::look(
            "undercoat black\narea a broad-folds main cloth\n wet-blend navy over sky all $dilution x1",
        );
        [$thick, $thin] = [$look('1:0'), $look('1:5')];

        self::assertEqualsWithDelta($thick->at(Zone::Raised)->lightness, $thin->at(Zone::Raised)->lightness, 0.01);
        self::assertGreaterThan(1.0, abs($thick->at(Zone::LowerSide)->lightness - $thin->at(Zone::LowerSide)->lightness));
    }

    public function testStipplingCoversPartOfTheGround(): void
    {
        $brown = self::look("undercoat grey\narea a broad-folds main cloth\n basecoat brown x3")->at(Zone::Face)->lightness;
        $full = self::look("undercoat grey\narea a broad-folds main cloth\n basecoat brown x3\n basecoat sand x6")->at(Zone::Face)->lightness;
        $stippled = self::look(
            "undercoat grey\narea a broad-folds main cloth\n basecoat brown x3\n stipple sand 1:0 x1",
        )->at(Zone::Face)->lightness;

        self::assertGreaterThan($brown + 0.3 * ($full - $brown), $stippled);
        self::assertLessThan($brown + 0.8 * ($full - $brown), $stippled);
    }

    public function testPattingLaysASolidFilmWhereADrybrushOnlyDusts(): void
    {
        $lit = static fn(string $technique): float => self::look(
            "undercoat black\narea a scales-or-chain main metal\n $technique mid-grey x1",
        )->at(Zone::Raised)->lightness;

        self::assertGreaterThan($lit('drybrush') + 10.0, $lit('patting'));
    }

    public function testAFloodedWashDarkensMoreThanAThinOneAndEverySealedGrimeStays(): void
    {
        $recess = static fn(string $load): float => self::look(
            "undercoat white\narea a close-folds main cloth\n wash umber-wash load $load",
        )->at(Zone::Recess)->lightness;

        self::assertLessThan($recess('normal'), $recess('flooded'));
        self::assertLessThan($recess('thin'), $recess('normal'));
    }

    public function testAMaskKeepsTheWholeModelsSprayOff(): void
    {
        $plan = PlanSketch::plan(
            "undercoat grey\narea a smooth-panel main armour\n basecoat sand x3\n mask\n unmask\nwhole\n spray-layer coal x4\norder a-1 a-2 whole-1 a-3",
        );
        $open = PlanSketch::plan(
            "undercoat grey\narea a smooth-panel main armour\n basecoat sand x3\nwhole\n spray-layer coal x4\norder a-1 whole-1",
        );
        $value = static fn($plan): float => Rehearsal::of($plan)->strip($plan->areas[0])->final()->at(Zone::Face)->lightness;

        self::assertGreaterThan(60.0, $value($plan));
        self::assertLessThan(30.0, $value($open));
    }

    public function testUndercoatsFromBelowAndAboveReachTheirOwnSides(): void
    {
        $look = self::look("undercoat black below purple light bone\narea a broad-folds main cloth");

        self::assertGreaterThan($look->at(Zone::Recess)->lightness, $look->at(Zone::Edge)->lightness);
        self::assertGreaterThan(8.0, $look->at(Zone::LowerSide)->toLch()->chroma);
    }

    private static function strip(string $sketch): \Kalokroma\Simulation\Strip
    {
        $plan = PlanSketch::plan($sketch);

        return Rehearsal::of($plan)->strip($plan->areas[0]);
    }

    private static function look(string $sketch): Look
    {
        return self::strip($sketch)->final();
    }

    private static function range(string $sketch): float
    {
        return self::look($sketch)->at(Zone::Edge)->lightness - self::look($sketch)->at(Zone::Recess)->lightness;
    }
}
