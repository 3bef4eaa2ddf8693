<?php

declare(strict_types=1);

namespace Tests\Core\Recipe;

use Kalokroma\Amounts\Amounts;
use Kalokroma\Craft\Zone;
use Kalokroma\Exchange\DocumentPaints;
use Kalokroma\Exchange\Faulty;
use Kalokroma\Exchange\PlanDocument;
use Kalokroma\Planning\Pass;
use Kalokroma\Planning\Rehearsal;
use Kalokroma\Planning\SquadPlan;
use Kalokroma\Recipe\Edit\RemoveStep;
use Kalokroma\Recipe\IllegalPlan;
use Kalokroma\Recipe\Plan;
use Kalokroma\Schedule\Item;
use Kalokroma\Schedule\Job;
use Kalokroma\Schedule\Scheduler;
use Kalokroma\Schedule\Work;
use PHPUnit\Framework\TestCase;
use Tests\Core\PlanSketch;
use Tests\Core\Schedule\Schedules;

/** A loose part may be primed otherwise than the rest: seen in its strips, primed in a pass of its own, and counted by itself. */
final class PartUndercoatTest extends TestCase
{
    private const SKETCH = "undercoat black\narea coat broad-folds main cloth\n basecoat navy x2\narea field hard-edged-panel medium armour part shield\n one-coat moss\narea rim hard-edged-panel small armour part shield\n one-coat moss";

    public function testItsAreasStandOnItAndTheOthersOnThePlans(): void
    {
        $plan = self::plan(['base' => 'white']);
        $first = static fn(string $area): float => $plan->strip(
            $plan->area($area) ?? self::fail($area),
        )->stages[0]->look->at(Zone::Face)->lightness;

        self::assertGreaterThan(80.0, $first('field'));
        self::assertLessThan(25.0, $first('coat'));
        // The transparent glows over white, and over black it is gone.
        $final = static fn(Plan $of): float => Rehearsal::of($of)->strip(
            $of->area('field') ?? self::fail('field'),
        )->final()->at(Zone::Face)->toLch()->chroma;
        self::assertGreaterThan($final(self::plan(null)) + 10.0, $final($plan));
    }

    public function testItIsPrimedInAPassOfItsOwn(): void
    {
        $plan = self::plan(['base' => 'white']);
        $rehearsal = Rehearsal::of($plan);
        $primed = array_values(array_filter($rehearsal->order()->passes, static fn(Pass $one): bool => $one->isUndercoat));
        [$body, $shield] = array_map(static fn(Pass $one): string => $one->step->id, $primed);

        self::assertCount(2, $primed);
        self::assertSame('undercoat', $body);
        self::assertTrue($plan->isOfUndercoat($shield));
        $ids = static fn(string $area): array => array_map(
            static fn(Pass $one): string => $one->step->id,
            $rehearsal->run($plan->area($area) ?? self::fail($area)),
        );
        self::assertSame(['undercoat', 'coat-1'], $ids('coat'));
        self::assertSame([$shield, 'field-1'], $ids('field'));
        // What is laid on the shield waits for its own primer only.
        $job = Job::of(SquadPlan::alike($plan, 3));
        $schedule = Scheduler::schedule(Work::of([$job]), Schedules::endless());
        Schedules::mustHold($schedule, $job, Schedules::endless());
        self::assertContains($shield, array_map(static fn(Item $one): string => $one->pass->step->id, $schedule->items));
        $this->expectException(IllegalPlan::class);
        (new RemoveStep($shield))->applyTo($plan);
    }

    public function testPrimerIsSharedOutBySurface(): void
    {
        $ml = static fn(Plan $plan): array => array_map(static fn(float $one): float => round($one, 3), Amounts::of($plan, 10)->totals());
        [$whole, $apart] = [$ml(self::plan(null)), $ml(self::plan(['base' => 'white']))];

        self::assertLessThan($whole['black'], $apart['black']);
        self::assertEqualsWithDelta($whole['black'], $apart['black'] + $apart['white'], 0.01 * $whole['black']);
    }

    public function testItGoesIntoAFileAndOutAgain(): void
    {
        $document = self::document(['base' => 'white', 'light' => 'bone', 'method' => 'airbrush']);
        $read = PlanDocument::ofPlan(PlanDocument::ofFile($document)->plan(DocumentPaints::of($document)));

        self::assertSame(
            ['white', 'bone', 'airbrush'],
            [
                $read->fields['parts'][0]['undercoat']['base'],
                $read->fields['parts'][0]['undercoat']['light'],
                $read->fields['parts'][0]['undercoat']['method'],
            ],
        );
        self::assertSame(
            ['id', 'name'],
            array_keys(PlanDocument::ofPlan(self::plan(null))->fields['parts'][0]),
            'nothing is said of what is not there',
        );
        self::assertArrayHasKey('bone', PlanDocument::ofFile($document)->plan(DocumentPaints::of($document))->paints());
    }

    public function testWhatCannotBeIsSaidByItsField(): void
    {
        foreach ([
            'base' => ['base' => 'nobody'],
            'method' => ['base' => 'white', 'method' => 'roller'],
            'coneDegrees' => ['base' => 'white', 'coneDegrees' => 500],
        ] as $field => $undercoat) {
            $document = self::document($undercoat);
            try {
                PlanDocument::ofFile($document)->plan(DocumentPaints::of($document));
                self::fail($field);
            } catch (Faulty $faulty) {
                self::assertSame("parts.0.undercoat.$field", $faulty->faults[0]->field);
            }
        }
    }

    /** @param array<string, mixed>|null $undercoat of the shield */
    private static function plan(?array $undercoat): Plan
    {
        $document = self::document($undercoat);

        return PlanDocument::ofFile($document)->plan(DocumentPaints::of($document));
    }

    /**
     * @param array<string, mixed>|null $undercoat
     *
     * @return array<string, mixed>
     */
    private static function document(?array $undercoat): array
    {
        $document = PlanSketch::document(self::SKETCH);
        $document['parts'] = [['id' => 'shield', 'name' => 'Shield', ...$undercoat === null ? [] : ['undercoat' => $undercoat]]];

        return $document;
    }
}
