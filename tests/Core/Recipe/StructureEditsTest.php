<?php

declare(strict_types=1);

namespace Tests\Core\Recipe;

use Kalokroma\Exchange\DocumentPaints;
use Kalokroma\Exchange\EditReader;
use Kalokroma\Exchange\PlanDocument;
use Kalokroma\Recipe\Area;
use Kalokroma\Recipe\IllegalPlan;
use Kalokroma\Recipe\Plan;
use Kalokroma\Recipe\Step;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;
use Tests\Core\PlanSketch;

/** Edits of what a plan is made of: areas, steps and loose parts put in, copied, moved and taken out, with all that is said of them elsewhere. */
final class StructureEditsTest extends TestCase
{
    private const SKETCH = <<<'PLAN'
        undercoat black
        area coat broad-folds main cloth touches belt,skin
          basecoat navy
          wash umber-wash
        area belt hard-edged-panel small leather under coat
          basecoat leather
          lining coal borders coat
        area skin skin medium skin
          basecoat skin
        whole
          matt-coat matt
        order coat-1 belt-1 skin-1 coat-2 belt-2 whole-1
        PLAN;

    public function testAnAreaTakenOutIsForgottenByItsNeighboursTheirLinesAndTheOrder(): void
    {
        $plan = $this->edited(['do' => 'remove-area', 'area' => 'coat']);

        self::assertSame(['belt', 'skin'], self::ids($plan));
        self::assertSame([[], [], []], [$plan->areas[0]->touches, $plan->areas[0]->liesUnder, $plan->areas[0]->steps[1]->more->borders]);
        self::assertSame(['belt-1', 'skin-1', 'belt-2', 'whole-1'], $plan->running->order);
    }

    public function testACopyOfAnAreaHasStepsOfItsOwn(): void
    {
        $plan = $this->edited(['do' => 'duplicate-area', 'area' => 'coat', 'id' => 'cape']);

        self::assertSame(['coat', 'cape', 'belt', 'skin'], self::ids($plan));
        self::assertSame(['Coat (copy)', ['cape-1', 'cape-2']], [$plan->areas[1]->name, array_column($plan->areas[1]->steps, 'id')]);
        self::assertSame(array_column($plan->areas[0]->steps, 'mix'), array_column($plan->areas[1]->steps, 'mix'));
    }

    public function testACopyOfAStepComesRightBehindItAlsoInTheOrder(): void
    {
        $plan = $this->edited(['do' => 'duplicate-step', 'step' => 'coat-1', 'id' => 'again']);
        $whole = $this->edited(['do' => 'duplicate-step', 'step' => 'whole-1', 'id' => 'again']);

        self::assertSame(['coat-1', 'again', 'coat-2'], array_column($plan->areas[0]->steps, 'id'));
        self::assertSame(['coat-1', 'again', 'belt-1'], array_slice($plan->running->order, 0, 3));
        self::assertSame(['whole-1', 'again'], array_column($whole->wholeModel, 'id'));
    }

    public function testAnAreaGoesBeforeAnotherOrLastAndTheWorkStaysAsItIs(): void
    {
        $first = $this->edited(['do' => 'move-area', 'area' => 'skin', 'before' => 'coat']);
        $last = $this->edited(['do' => 'move-area', 'area' => 'coat', 'before' => null]);

        self::assertSame([['skin', 'coat', 'belt'], ['belt', 'skin', 'coat']], [self::ids($first), self::ids($last)]);
        self::assertSame([$this->plan()->running->order, $this->plan()->running->order], [$first->running->order, $last->running->order]);
    }

    public function testALoosePartLetsGoOfWhatWasOnIt(): void
    {
        $plan = $this->edited(['do' => 'add-part', 'id' => 'shield', 'name' => ' Shield ']);
        self::assertSame('Shield', $plan->parts[0]->name);

        $document = PlanDocument::ofPlan($plan)->fields;
        $document['areas'][1]['part'] = 'shield';
        $document['wholeModel'][] = ['id' => 'glued', 'technique' => 'glue-part', 'part' => 'shield'];
        $on = PlanDocument::of($document)->plan(DocumentPaints::of($document));
        $off = $this->edited(['do' => 'remove-part', 'part' => 'shield'], $on);

        self::assertSame(['shield', 'shield'], [$on->areas[1]->part, $on->wholeModel[1]->more->part]);
        self::assertSame([[], null, null], [$off->parts, $off->areas[1]->part, $off->wholeModel[1]->more->part]);
    }

    public function testWhatWasOnlyARolesOwnIsEverybodysWhenTheRoleGoes(): void
    {
        $plan = $this->edited(['do' => 'add-role', 'id' => 'leader', 'name' => ' Leader ']);
        self::assertSame('Leader', $plan->roles[0]->name);

        $document = PlanDocument::ofPlan($plan)->fields;
        $document['areas'][0]['roles'] = ['leader'];
        $document['areas'][1]['steps'][0]['roles'] = ['leader'];
        $document['wholeModel'][] = ['id' => 'sealed', 'technique' => 'matt-coat', 'roles' => ['leader']];
        $document['areas'][0]['variants'][] = [
            'id' => 'other',
            'name' => 'Other',
            'roles' => ['leader'],
            'steps' => [['id' => 'o-1', 'technique' => 'basecoat', 'roles' => ['leader']]],
        ];
        $on = PlanDocument::of($document)->plan(DocumentPaints::of($document));
        $off = $this->edited(['do' => 'remove-role', 'role' => 'leader'], $on);
        $variant = $off->areas[0]->variant('other') ?? self::fail();

        self::assertSame(['leader'], $on->areas[0]->variant('other')?->steps[0]->more->roles);
        self::assertSame(
            [[], [], [], [], [], []],
            [
                $off->roles,
                $off->areas[0]->roles,
                $off->areas[1]->steps[0]->more->roles,
                $off->wholeModel[array_key_last($off->wholeModel)]->more->roles,
                $variant->roles,
                $variant->steps[0]->more->roles,
            ],
        );
    }

    /** @return iterable<string, array{array<string, mixed>, string}> */
    public static function strangers(): iterable
    {
        yield 'an area nobody has, out' => [['do' => 'remove-area', 'area' => 'x'], 'area'];
        yield 'copied' => [['do' => 'duplicate-area', 'area' => 'x', 'id' => 'y'], 'area'];
        yield 'copied onto another' => [['do' => 'duplicate-area', 'area' => 'coat', 'id' => 'belt'], 'areas'];
        yield 'moved' => [['do' => 'move-area', 'area' => 'x', 'before' => null], 'area'];
        yield 'moved before a stranger' => [['do' => 'move-area', 'area' => 'coat', 'before' => 'x'], 'before'];
        yield 'a step nobody has' => [['do' => 'duplicate-step', 'step' => 'x', 'id' => 'y'], 'step'];
        yield 'a step of the undercoat' => [['do' => 'duplicate-step', 'step' => 'undercoat', 'id' => 'y'], 'step'];
        yield 'a step onto another' => [['do' => 'duplicate-step', 'step' => 'coat-1', 'id' => 'belt-1'], 'id'];
        yield 'a part nobody has' => [['do' => 'remove-part', 'part' => 'x'], 'part'];
        yield 'a role nobody has' => [['do' => 'remove-role', 'role' => 'x'], 'role'];
        yield 'a role without a name' => [['do' => 'add-role', 'id' => 'y', 'name' => ' '], 'name'];
        yield 'a part without a name' => [['do' => 'add-part', 'id' => 'y', 'name' => '   '], 'name'];
    }

    /** @param array<string, mixed> $edit */
    #[DataProvider('strangers')]
    public function testWhatIsNotThereIsNamed(array $edit, string $field): void
    {
        try {
            $this->edited($edit);
            self::fail("No complaint about $field.");
        } catch (IllegalPlan $illegal) {
            self::assertSame($field, $illegal->field);
        } catch (\Kalokroma\Exchange\Faulty $faulty) {
            self::assertSame([$field], array_column($faulty->faults, 'field'));
        }
    }

    public function testACopyTakenOutAgainLeavesThePlanAsItWas(): void
    {
        $plan = $this->plan();
        $twice = $this->edited(['do' => 'duplicate-area', 'area' => 'belt', 'id' => 'copy'], $plan);
        $step = $this->edited(['do' => 'duplicate-step', 'step' => 'coat-1', 'id' => 'copy'], $plan);

        self::assertEquals($plan, $this->edited(['do' => 'remove-area', 'area' => 'copy'], $twice));
        self::assertEquals($plan, $this->edited(['do' => 'remove-step', 'step' => 'copy'], $step));
        self::assertNotEmpty(array_filter($step->steps(), static fn(Step $one): bool => $one->id === 'copy'));
    }

    private function plan(): Plan
    {
        return PlanSketch::plan(self::SKETCH);
    }

    /** @param array<string, mixed> $edit */
    private function edited(array $edit, ?Plan $plan = null): Plan
    {
        return EditReader::read($edit, DocumentPaints::of([]))->applyTo($plan ?? $this->plan());
    }

    /** @return list<string> */
    private static function ids(Plan $plan): array
    {
        return array_map(static fn(Area $area): string => $area->id, $plan->areas);
    }
}
