<?php

declare(strict_types=1);

namespace Tests\Core\Writing;

use Kalokroma\Colour\Srgb;
use Kalokroma\Craft\AreaSize;
use Kalokroma\Craft\BodyType;
use Kalokroma\Craft\FinishLevel;
use Kalokroma\Craft\Importance;
use Kalokroma\Craft\Material;
use Kalokroma\Craft\Nature;
use Kalokroma\Craft\Place;
use Kalokroma\Craft\Texture;
use Kalokroma\Craft\Zone;
use Kalokroma\Exchange\DocumentPaints;
use Kalokroma\Exchange\PlanDocument;
use Kalokroma\Exchange\PlanWriter;
use Kalokroma\Paint\Kind;
use Kalokroma\Paint\Paint;
use Kalokroma\Recipe\Area;
use Kalokroma\Recipe\ModelKind;
use Kalokroma\Recipe\Step;
use Kalokroma\Recipe\Undercoat;
use Kalokroma\Writing\PaintBox;
use Kalokroma\Writing\Proposal;
use Kalokroma\Writing\School;
use Kalokroma\Writing\Writer;
use Kalokroma\Writing\WritingWish;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;

/** Recipes written from the demo's shelf, held against what painters say of such areas, and against the review. */
final class WriterTest extends TestCase
{
    /** What it has mixed once it knows for all tests. */
    private static ?PaintBox $box = null;

    public static function tearDownAfterClass(): void
    {
        self::$box = null;
    }

    private const COLOURS = [
        '#e2b21f', '#f2f2ee', '#8a8d90', '#67482f', '#c08a6c', '#1f1f21', '#a3231f', '#26508a', '#3f6b35', '#5a3a72', '#d98a9c', '#2f7f7a',
        '#d56a1c', '#e6dcc0', '#b18e5f', '#f4e9a0',
    ];

    private const GROUNDS = ['#1c1c1e', '#7f8183', '#e4dcc6', '#5e3a22'];

    /** @return iterable<string, array{int}> */
    public static function seeds(): iterable
    {
        for ($seed = 1; $seed <= 16; $seed++) {
            yield "wish $seed" => [$seed];
        }
    }

    /** Whatever is asked for: what is written can be kept, opened again, painted in order, and the review has nothing to say of it. */
    #[DataProvider('seeds')]
    public function testNoRecipeRaisesAFindingOfItsOwn(int $seed): void
    {
        mt_srand($seed);
        $of = static fn(array $list): mixed => $list[mt_rand(0, count($list) - 1)];
        $proposals = self::write(
            $of(Texture::cases()),
            $of(Material::cases()),
            $of(self::COLOURS),
            $of(self::GROUNDS),
            $of(FinishLevel::cases()),
            $of(AreaSize::cases()),
        );

        self::assertNotEmpty($proposals);
        foreach ($proposals as $proposal) {
            self::assertSame([], $proposal->remarks, $proposal->school->value);
            self::assertNotEmpty($proposal->area->steps);
            foreach ($proposal->area->steps as $step) {
                self::assertNotNull($step->mix, $step->id);
                self::assertNotSame('', $proposal->reasons[$step->id]);
            }
            $written = PlanWriter::write($proposal->plan);
            self::assertSame($written, PlanWriter::write(PlanDocument::of($written)->plan(DocumentPaints::of($written))));
        }
    }

    /** Never yellow over black: something that covers comes first, and nobody paints eight coats. */
    public function testAYellowOilskinOverBlack(): void
    {
        foreach (self::write(Texture::BroadFolds, Material::Cloth, '#e2b21f', '#1c1c1e') as $proposal) {
            $first = $proposal->area->steps[0];
            self::assertNotContains(
                'Oilskin Yellow',
                array_map(static fn(Paint $one): string => $one->name, $first->paints()),
                $proposal->school->value,
            );
            self::assertLessThanOrEqual(4, max(array_map(static fn(Step $step): int => $step->coats, $proposal->area->steps)));
            foreach ([Zone::Face, Zone::Raised] as $zone) {
                $hue = $proposal->strip->final()->at($zone)->toLch()->hue;
                self::assertGreaterThan(66.0, $hue, $zone->value);
                self::assertLessThan(97.0, $hue, 'Over black it reads greenish.');
            }
            self::assertSame([], $proposal->missing);
        }
    }

    public function testAWhiteHeronIsBegunGreyAndWhiteIsOnlyOnTheEdges(): void
    {
        foreach (self::write(Texture::FurOrFeather, Material::Fur, '#f2f2ee', '#7f8183', FinishLevel::Display, AreaSize::Large) as $proposal) {
            $look = $proposal->strip->final();
            self::assertLessThan(84.0, $look->at(Zone::Face)->lightness, $proposal->school->value);
            self::assertGreaterThan($look->at(Zone::Face)->lightness + 5.0, $look->at(Zone::Edge)->lightness);
            self::assertTrue($look->isReadable(Importance::Normal));
        }
    }

    public function testAWinchIsMetalFirst(): void
    {
        $proposals = self::write(Texture::HardEdgedPanel, Material::Metal, '#8a8d90', '#1c1c1e');

        self::assertSame([School::TrueMetal, School::NonMetallicMetal], [$proposals[0]->school, $proposals[1]->school]);
        self::assertSame(Kind::Metallic, $proposals[0]->area->steps[0]->mix?->ingredients[0]->paint->kind);
        foreach ($proposals[1]->area->steps as $step) {
            self::assertNotSame(Kind::Metallic, $step->mix?->ingredients[0]->paint->kind);
        }
    }

    public function testRedIsLitThroughOrange(): void
    {
        foreach (self::write(Texture::BroadFolds, Material::Cloth, '#a3231f', '#e4dcc6') as $proposal) {
            $hue = $proposal->strip->final()->at(Zone::Edge)->toLch()->hue;
            self::assertGreaterThan(40.0, $hue, $proposal->school->value);
            self::assertLessThan(75.0, $hue, $proposal->school->value);
        }
    }

    /** A wash all over a panel dries blotchy, and on broad folds too; where there is relief it does the work. */
    public function testWashesGoWhereTheyRun(): void
    {
        $washes = static fn(Texture $texture): array => array_values(array_filter(
            self::write($texture, Material::Cloth, '#26508a', '#7f8183', size: AreaSize::Large, school: School::WashAndHighlight)[0]->area->steps,
            static fn(Step $step): bool => $step->technique->does(Nature::Washes),
        ));

        self::assertSame([Place::Everywhere], array_map(static fn(Step $step): Place => $step->place, $washes(Texture::CloseFolds)));
        self::assertSame([Place::Recesses], array_map(static fn(Step $step): Place => $step->place, $washes(Texture::HardEdgedPanel)));
        self::assertSame([], $washes(Texture::BroadFolds));
    }

    /** Navy is too dark to be washed: nobody is told of a wash that is not there. */
    public function testWhatShowsNoShadeIsCalledWhatItIs(): void
    {
        $dark = self::write(Texture::CloseFolds, Material::Cloth, '#151f38', '#7f8183', school: School::WashAndHighlight)[0];
        $light = self::write(Texture::CloseFolds, Material::Cloth, '#5a7ab0', '#7f8183', school: School::WashAndHighlight)[0];

        self::assertSame(['base and highlights', 'wash and highlight'], [$dark->label(), $light->label()]);
        self::assertStringNotContainsString('wash', $dark->reason());
        self::assertStringContainsString('wash', $light->reason());
    }

    /** Metal gets its depth from any wash that soils, and where nothing brighter is at hand its own light again. */
    public function testMetalIsWashedAndLitAgain(): void
    {
        $shelf = array_values(array_filter(
            DemoPaints::owned(),
            static fn(Paint $one): bool => in_array($one->name, ['Chain Steel', 'Umber Wash', 'Tar'], true),
        ));
        $wish = self::wish(Texture::ScalesOrChain, Material::Metal, '#85898e', '#1c1c1e');
        $mail = (new Writer(new PaintBox($shelf)))->write($wish, School::TrueMetal)[0];

        self::assertSame(
            ['basecoat Chain Steel', 'wash Umber Wash', 'drybrush Chain Steel'],
            array_map(static fn(Step $step): string => "{$step->technique->id} {$step->words()}", $mail->area->steps),
        );
        self::assertContains('Highlight: nothing at hand is light enough.', $mail->unreached);
        $look = $mail->strip->final();
        self::assertGreaterThan($look->at(Zone::Face)->lightness + 5.0, $look->at(Zone::Raised)->lightness);
    }

    /** Blue and green on either side of it make a teal, however grey it is. */
    public function testATealIsMixedOfBlueAndGreen(): void
    {
        $shelf = array_values(array_filter(
            DemoPaints::owned(),
            static fn(Paint $one): bool => in_array($one->name, ['Harbour Blue', 'Weed Green', 'Heron White', 'Pewter Sky', 'Tar'], true),
        ));
        $teal = (new Writer(new PaintBox($shelf)))->write(self::wish(Texture::BroadFolds, Material::Cloth, '#5c7f86', '#7f8183'), School::LayerUp)[0];

        self::assertLessThan(8.0, $teal->off(Srgb::parse('#5c7f86')->toLab()));
    }

    /** Who owns an airbrush sprays what is large, and the light below a transparent. */
    public function testWithAnAirbrushLargeAreasAreSprayed(): void
    {
        $steps = static function (AreaSize $size, School $school, bool $hasAirbrush): array {
            $wish = self::wish(Texture::CloseFolds, Material::Cloth, '#3f6b35', '#1c1c1e', FinishLevel::TableReady, $size);
            $asked = new WritingWish($wish->area, $wish->target, $wish->model, $wish->undercoat, hasAirbrush: $hasAirbrush);

            return array_map(
                static fn(Step $step): string => $step->technique->id,
                (new Writer(new PaintBox(DemoPaints::owned())))->write($asked, $school)[0]->area->steps ?? [],
            );
        };

        self::assertSame('spray-layer', $steps(AreaSize::Main, School::WashAndHighlight, true)[0]);
        self::assertSame('spray-layer', $steps(AreaSize::Large, School::LayerUp, true)[0]);
        self::assertSame('basecoat', $steps(AreaSize::Small, School::WashAndHighlight, true)[0]);
        self::assertSame('basecoat', $steps(AreaSize::Main, School::WashAndHighlight, false)[0]);
        self::assertSame(['spray-from-above', 'one-coat'], array_slice($steps(AreaSize::Main, School::ZenithalAndTransparents, true), 0, 2));
    }

    public function testOverDarkATransparentGetsASketchOfLightFirst(): void
    {
        $over = static fn(string $ground): string => self::write(
            Texture::CloseFolds,
            Material::Cloth,
            '#3f6b35',
            $ground,
            school: School::ZenithalAndTransparents,
        )[0]->area->steps[0]->technique->id;

        self::assertSame(['patting', 'one-coat'], [$over('#1c1c1e'), $over('#e4dcc6')]);
    }

    /** An empty shelf gets a recipe with paints to buy; one paint is not enough for a ladder, and is said so; nothing at all is no recipe. */
    public function testFromNothingFromOnePaintAndFromNowhere(): void
    {
        $wish = self::wish(Texture::CloseFolds, Material::Cloth, '#26508a', '#7f8183');
        $bought = (new Writer(new PaintBox([], DemoPaints::forSale(...))))->write($wish);
        $blue = array_values(array_filter(DemoPaints::owned(), static fn(Paint $one): bool => $one->name === 'Harbour Blue'));
        $one = (new Writer(new PaintBox($blue)))->write($wish, School::LayerUp);

        self::assertGreaterThan(1, count($bought));
        foreach ($bought as $proposal) {
            self::assertNotEmpty($proposal->missing);
            $names = array_unique(array_merge(
                ...array_map(
                    static fn(Step $step): array => array_map(static fn(Paint $paint): string => $paint->name, $step->paints()),
                    $proposal->area->steps,
                )
            ));
            self::assertEqualsCanonicalizing($names, array_map(static fn(Paint $paint): string => $paint->name, $proposal->missing));
        }
        self::assertNotEmpty($one[0]->unreached);
        self::assertSame([], (new Writer(new PaintBox([])))->write($wish));
        self::assertSame([], (new Writer(new PaintBox([DemoPaints::owned()[0]])))->write($wish), 'A blue out of a red is no advice.');
    }

    /** A recipe is not written from as many pots as tones: what is open is used again where it does. */
    public function testFewPotsAreOpened(): void
    {
        foreach (['#26508a', '#67482f', '#3f6b35'] as $hex) {
            foreach (self::write(Texture::CloseFolds, Material::Cloth, $hex, '#7f8183') as $proposal) {
                self::assertLessThanOrEqual(count($proposal->area->steps) + 2, $proposal->pots(), "$hex {$proposal->school->value}");
            }
        }
    }

    public function testTheSameQuestionGetsTheSameAnswer(): void
    {
        $steps = static fn(): array => array_map(
            static fn(Proposal $one): array => array_map(
                static fn(Step $step): string => "{$step->id} {$step->words()} $step->coats",
                $one->area->steps,
            ),
            self::write(Texture::Skin, Material::Skin, '#c08a6c', '#e4dcc6'),
        );

        self::assertSame($steps(), $steps());
    }

    /** @return list<Proposal> */
    private static function write(
        Texture $texture,
        Material $material,
        string $target,
        string $ground,
        FinishLevel $level = FinishLevel::TableReady,
        AreaSize $size = AreaSize::Medium,
        ?School $school = null,
    ): array {
        return (new Writer(self::$box ??= new PaintBox(DemoPaints::owned(), DemoPaints::forSale(...))))->write(
            self::wish($texture, $material, $target, $ground, $level, $size),
            $school,
        );
    }

    private static function wish(
        Texture $texture,
        Material $material,
        string $target,
        string $ground,
        FinishLevel $level = FinishLevel::TableReady,
        AreaSize $size = AreaSize::Medium,
    ): WritingWish {
        return new WritingWish(
            Area::of('a', 'Area', $texture, $size, Importance::Normal, material: $material),
            Srgb::parse($target)->toLab(),
            ModelKind::of('Model', BodyType::OnFoot, 32, $level),
            Undercoat::plain(Paint::of('ground', 'Ground', Kind::Primer, Srgb::parse($ground)->toLab())),
        );
    }
}
