<?php

declare(strict_types=1);

namespace Tests\Core\Writing;

use Kalokroma\Colour\Srgb;
use Kalokroma\Craft\AreaSize;
use Kalokroma\Craft\BodyType;
use Kalokroma\Craft\FinishLevel;
use Kalokroma\Craft\Importance;
use Kalokroma\Craft\Material;
use Kalokroma\Craft\Place;
use Kalokroma\Craft\Technique;
use Kalokroma\Craft\Texture;
use Kalokroma\Craft\Thinner;
use Kalokroma\Mixing\Dilution;
use Kalokroma\Mixing\Mix;
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

/** A recipe that is written anew leaves alone what the painter made of it. */
final class KeepingTest extends TestCase
{
    public function testAsWrittenUntilItIsTouched(): void
    {
        $step = self::written('#26508a', School::LayerUp)->area->steps[1];

        self::assertTrue($step->isAsWritten());
        self::assertFalse($step->inCoats($step->coats + 1)->isAsWritten());
        self::assertFalse($step->at(Place::Corners)->isAsWritten());
        self::assertFalse($step->with($step->mix, Dilution::of(1, 9, Thinner::Water))->isAsWritten());
        self::assertTrue($step->inCoats($step->coats + 1)->inCoats($step->coats)->isAsWritten(), 'Taken back, it is as it was.');
    }

    /** @return iterable<string, array{School, int}> */
    public static function touches(): iterable
    {
        foreach ([School::LayerUp, School::WashAndHighlight, School::StippledUndertone, School::DrybrushBuildUp] as $school) {
            foreach ([0, 1, 2] as $at) {
                yield "{$school->value}, step $at" => [$school, $at];
            }
        }
    }

    #[DataProvider('touches')]
    public function testTheTouchedRungStaysAndTheOthersAreWrittenAnew(School $school, int $at): void
    {
        $area = self::written('#26508a', $school)->area;
        $touched = $area->steps[$at]->inCoats($area->steps[$at]->coats + 1);
        $area = $area->withStep($touched);

        $again = self::written('#a3231f', $school, $area, [$touched->id])->area;

        self::assertEquals($touched, $again->step($touched->id));
        $rungs = array_map(static fn(Step $one): string => $one->more->written->rung ?? '', $again->steps);
        self::assertCount(count($rungs), array_unique($rungs), 'No rung is painted twice: '.implode(', ', $rungs));
        self::assertSame(
            [],
            array_intersect(
                array_map(static fn(Step $one): string => $one->id, $again->steps),
                array_diff(array_map(static fn(Step $one): string => $one->id, $area->steps), [$touched->id]),
            ),
        );
        self::assertGreaterThan(1, count($again->steps));
    }

    /** What belongs to no rung goes where it stood. */
    public function testAStepOfOnesOwnStaysBehindWhatItStoodBehind(): void
    {
        $area = self::written('#26508a', School::LayerUp)->area;
        $pattern = Step::usual('pattern', Technique::of('freehand'), mix: Mix::single(DemoPaints::owned()[0]));
        $steps = $area->steps;
        array_splice($steps, 2, 0, [$pattern]);

        $again = self::written('#a3231f', School::LayerUp, $area->withSteps($steps), ['pattern'])->area;

        self::assertEquals($pattern, $again->step('pattern'));
        self::assertSame(
            array_search($pattern, $steps, true),
            array_search('pattern', array_map(static fn(Step $one): string => $one->id, $again->steps), true),
        );
    }

    public function testABaseWrittenByHandIsTakenForTheBase(): void
    {
        $base = Step::usual('mine', Technique::of('basecoat'), mix: Mix::single(DemoPaints::owned()[0]));
        $again = self::written('#a3231f', School::WashAndHighlight, self::area()->withSteps([$base]), ['mine'])->area;

        self::assertSame('mine', $again->steps[0]->id);
        self::assertNotContains('basecoat', array_map(static fn(Step $one): string => $one->technique->id, array_slice($again->steps, 1)));
    }

    /** @param list<string> $keep */
    private static function written(string $colour, School $school, ?Area $area = null, array $keep = []): Proposal
    {
        static $writing = 0;

        return (new Writer(new PaintBox(DemoPaints::owned(), DemoPaints::forSale(...))))->write(new WritingWish(
            $area ?? self::area(),
            Srgb::parse($colour)->toLab(),
            ModelKind::of('Model', BodyType::OnFoot, 32, FinishLevel::TableReady),
            Undercoat::bare(),
            'writing'.++$writing,
            keep: $keep,
        ), $school)[0];
    }

    private static function area(): Area
    {
        return Area::of('a', 'Area', Texture::CloseFolds, AreaSize::Large, Importance::Normal, material: Material::Cloth);
    }
}
