<?php

declare(strict_types=1);

namespace Tests\Core\Exchange;

use Kalokroma\Craft\Load;
use Kalokroma\Craft\Technique;
use Kalokroma\Exchange\DocumentPaints;
use Kalokroma\Exchange\Faulty;
use Kalokroma\Exchange\PlanDocument;
use Kalokroma\Exchange\PlanWriter;
use Kalokroma\Recipe\Edit\DuplicateArea;
use Kalokroma\Recipe\Edit\RemoveStep;
use Kalokroma\Recipe\Edit\SwapTechnique;
use Kalokroma\Recipe\Plan;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;
use Tests\Core\PlanSketch;

/** What came with version 3 of the form, and which version a file is written in. */
final class FormVersionTest extends TestCase
{
    private const MARKS = "area a broad-folds main cloth\n basecoat red x3\n freehand ivory patch\n freehand coal patch within a-2";

    /** @return iterable<string, array{int, string}> */
    public static function sketches(): iterable
    {
        yield 'nothing new' => [2, "area a broad-folds main cloth\n basecoat red\n wash umber-wash load flooded"];
        yield 'a load of the dry brush' => [3, "area a broad-folds main cloth\n basecoat red\n drybrush sand load heavy"];
        yield 'a usual load' => [2, "area a broad-folds main cloth\n basecoat red\n drybrush sand load normal"];
        yield 'tips' => [3, "area a fur-or-feather main hair\n basecoat red\n layer sand tips"];
        yield 'a mark within another' => [3, self::MARKS];
        yield 'marks by themselves' => [2, "area a broad-folds main cloth\n basecoat red x3\n freehand ivory patch"];
    }

    #[DataProvider('sketches')]
    public function testAFileSaysTheVersionItNeeds(int $version, string $sketch): void
    {
        $written = PlanWriter::write(PlanSketch::plan($sketch));

        self::assertSame($version, $written['version']);
        $again = PlanDocument::ofFile($written);
        self::assertSame($written, $again->saying($again->plan(DocumentPaints::of($written)))->fields);
    }

    /** Fields of the newest form that are not known here are kept, and so is what tells others that they stand there. */
    public function testWhatIsOnlyKeptCountsToo(): void
    {
        $document = [
            'version' => 3,
            'roles' => [['id' => 'r', 'name' => 'Leader']],
        ] + PlanSketch::document("area a broad-folds main cloth\n basecoat red");
        $plan = PlanDocument::ofFile($document)->plan(DocumentPaints::of($document));

        self::assertSame(3, PlanDocument::ofFile($document)->saying($plan)->fields['version']);
    }

    public function testAMarkThatIsGoneIsNotLainWithin(): void
    {
        $plan = PlanSketch::plan(self::MARKS);
        self::assertSame('a-2', $plan->areas[0]->steps[2]->more->within);
        self::assertNull((new RemoveStep('a-2'))->applyTo($plan)->areas[0]->steps[1]->more->within);
        self::assertNull((new SwapTechnique('a-3', Technique::of('glaze')))->applyTo($plan)->areas[0]->steps[2]->more->within);
        $copy = (new DuplicateArea('a', 'b'))->applyTo($plan)->areas[1];
        self::assertSame($copy->steps[1]->id, $copy->steps[2]->more->within);
    }

    public function testAnotherTechniqueForgetsTheLoad(): void
    {
        $plan = PlanSketch::plan("area a broad-folds main cloth\n basecoat red\n drybrush sand load heavy");

        self::assertSame(Load::Normal, (new SwapTechnique('a-2', Technique::of('layer')))->applyTo($plan)->areas[0]->steps[1]->more->load);
    }

    /** @return iterable<string, array{string, string, string}> sketch, field, words */
    public static function faults(): iterable
    {
        yield 'a wash is not heavy' => [
            "area a broad-folds main cloth\n basecoat red\n wash umber-wash load heavy",
            'areas.0.steps.1.load',
            'Wash is thin or normal or flooded, not heavy.',
        ];
        yield 'a mark that is not there' => [
            "area a broad-folds main cloth\n basecoat red\n freehand ivory patch within a-9",
            'areas.0.steps.1.within',
            'The step within whose mark this lies is not in the recipe. Name one that is, or none.',
        ];
        yield 'within itself' => [
            "area a broad-folds main cloth\n basecoat red\n freehand ivory patch within a-2",
            'areas.0.steps.1.within',
            'The step within whose mark this lies is not in the recipe. Name one that is, or none.',
        ];
    }

    #[DataProvider('faults')]
    public function testWhatCannotBeNamesItsField(string $sketch, string $field, string $words): void
    {
        try {
            $this->plan($sketch);
            self::fail('It was read.');
        } catch (Faulty $faulty) {
            self::assertSame([$field, $words], [$faulty->faults[0]->field, $faulty->faults[0]->message]);
        }
    }

    private function plan(string $sketch): Plan
    {
        return PlanSketch::plan($sketch);
    }
}
