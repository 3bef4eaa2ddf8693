<?php

declare(strict_types=1);

namespace Tests\Core\Recipe;

use Kalokroma\Amounts\Amounts;
use Kalokroma\Craft\AreaSize;
use Kalokroma\Craft\Facing;
use Kalokroma\Exchange\DocumentPaints;
use Kalokroma\Exchange\Faulty;
use Kalokroma\Exchange\FieldsAt;
use Kalokroma\Exchange\FormVersion;
use Kalokroma\Exchange\PlanDocument;
use Kalokroma\Exchange\PlanWriter;
use Kalokroma\Planning\Pace;
use Kalokroma\Recipe\Edit\MeasureAreas;
use Kalokroma\Recipe\OnSculpt;
use Kalokroma\Recipe\Plan;
use PHPUnit\Framework\TestCase;
use Tests\Core\PlanSketch;

/** What was measured of an area on a sculpt, and what follows from it. */
final class MeasuredAreaTest extends TestCase
{
    private const SKETCH = "undercoat grey\narea coat broad-folds medium cloth\n basecoat navy x2\narea belt close-folds small leather\n basecoat leather";

    /** Twice the surface takes twice the paint, and longer, but not twice as long. */
    public function testPaintAndMinutesGoByTheSurface(): void
    {
        $plan = PlanSketch::plan(self::SKETCH);
        $cm2 = AreaSize::Medium->share() * $plan->model->surfaceCm2();
        $wet = static fn(Plan $of): float => Amounts::of($of, 5)->wetMl($of->areas[0]->steps[0], $of->areas[0]);
        $minutes = static fn(Plan $of): float => Pace::of($of)->step($of->areas[0]->steps[0], $of->areas[0]);
        $same = self::measured($plan, $cm2);
        $twice = self::measured($plan, 2.0 * $cm2);

        self::assertEqualsWithDelta($wet($plan), $wet($same), 1e-9);
        self::assertEqualsWithDelta($minutes($plan), $minutes($same), 1e-9);
        self::assertEqualsWithDelta(2.0 * $wet($plan), $wet($twice), 1e-9);
        self::assertGreaterThan(1.1 * $minutes($plan), $minutes($twice));
        self::assertLessThan(2.0 * $minutes($plan), $minutes($twice));
        self::assertSame(AreaSize::Medium, $twice->areas[0]->size, 'What it is called is another question.');
    }

    public function testItStaysInTheFileUntilSomebodySaysAnotherSize(): void
    {
        $plan = self::measured(self::measured(PlanSketch::plan(self::SKETCH), 8.0, 0.4, Facing::Up), 3.25);
        $fields = PlanWriter::write($plan);
        $read = PlanDocument::of($fields);

        self::assertSame(3.25, $fields['areas'][0]['cm2']);
        self::assertArrayNotHasKey('cm2', $fields['areas'][1]);
        self::assertSame(3.25, $read->plan(DocumentPaints::of($read->fields))->areas[0]->onSculpt?->cm2);
        self::assertSame([0.4, 'up'], [$fields['areas'][0]['height'], $fields['areas'][0]['facing']], 'What was not measured anew stays.');
        self::assertSame(Facing::Up, $read->plan(DocumentPaints::of($read->fields))->areas[0]->onSculpt?->facing);
        self::assertSame(3, PlanDocument::of($fields)->fields['version'] ?? FormVersion::of($fields));
        $set = static fn(array $said): Plan => ($laid = FieldsAt::read(['at' => ['areas', 'coat'], 'fields' => $said])->laidOn($read))
            ->plan(DocumentPaints::of($laid->fields));
        self::assertSame([3.25, null, 7.5], [
            $set(['name' => 'Cape'])->areas[0]->onSculpt?->cm2,
            $set(['size' => 'large'])->areas[0]->onSculpt?->cm2,
            $set(['size' => 'large', 'cm2' => 7.5])->areas[0]->onSculpt?->cm2,
        ]);
        foreach (['cm2' => [0, -1.0, 20000.0, 'much'], 'height' => [-0.1, 1.1, 'high'], 'facing' => ['north', 3]] as $field => $values) {
            foreach ($values as $wrong) {
                try {
                    $set([$field => $wrong]);
                    self::fail("No $field is such: ".json_encode($wrong));
                } catch (Faulty $faulty) {
                    self::assertSame("areas.0.$field", $faulty->faults[0]->field);
                }
            }
        }
    }

    private static function measured(Plan $plan, float $cm2, ?float $height = null, ?Facing $facing = null): Plan
    {
        $measure = ['size' => null, 'texture' => null, 'touches' => null, 'onSculpt' => new OnSculpt($cm2, $height, $facing)];

        return (new MeasureAreas([['area' => 'coat', ...$measure]]))->applyTo($plan);
    }
}
