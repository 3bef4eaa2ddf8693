<?php

declare(strict_types=1);

namespace Tests\Core\Recipe;

use Kalokroma\Craft\Technique;
use Kalokroma\Exchange\DocumentPaints;
use Kalokroma\Exchange\PlanDocument;
use Kalokroma\Paint\Paint;
use Kalokroma\Planning\Order;
use Kalokroma\Recipe\Area;
use Kalokroma\Recipe\Edit\Edit;
use Kalokroma\Recipe\Edit\InsertStep;
use Kalokroma\Recipe\Edit\MoveStep;
use Kalokroma\Recipe\Edit\RemoveStep;
use Kalokroma\Recipe\Edit\SwapPaint;
use Kalokroma\Recipe\Plan;
use Kalokroma\Recipe\Step;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;
use Random\Engine\Mt19937;
use Random\Randomizer;
use Tests\Core\WildPlans;

/** What edits do to any plan: what was asked for, and nothing besides. */
final class WildEditsTest extends TestCase
{
    /** @return iterable<string, array{int}> */
    public static function seeds(): iterable
    {
        for ($seed = 1; $seed <= 60; $seed++) {
            yield "plan $seed" => [$seed];
        }
    }

    #[DataProvider('seeds')]
    public function testAStepThatIsMovedRunsWhereItWasPutAndNoneIsLost(int $seed): void
    {
        [$plan, $dice] = self::plan($seed);
        $ids = self::ids($plan);
        foreach ([true, false] as $isBefore) {
            if (count($ids) < 2) {
                continue;
            }
            [$moved, $other] = array_map(static fn(int $at): string => $ids[$at], $dice->shuffleArray($dice->pickArrayKeys($ids, 2)));
            $plan = $this->made(new MoveStep($moved, $other, $isBefore, Order::of($plan)->stepIds()), $plan);
            $order = Order::of($plan);

            self::assertSame($isBefore, $order->place($moved) < $order->place($other), $moved.($isBefore ? ' before ' : ' after ').$other);
            self::assertEqualsCanonicalizing($ids, self::ids($plan));
        }
        self::assertNotSame([], $ids);
    }

    #[DataProvider('seeds')]
    public function testAStepThatIsInsertedRunsBesideWhatItWasPutNextTo(int $seed): void
    {
        [$plan, $dice] = self::plan($seed);
        $area = $plan->areas[$dice->getInt(0, count($plan->areas) - 1)];
        $ids = self::ids($plan);
        $beside = $ids[$dice->getInt(0, count($ids) - 1)];
        $isBefore = $dice->getInt(0, 1) === 1;
        $grown = $this->made(
            new InsertStep(Step::usual('new', Technique::of('basecoat')), $area->id, $beside, $isBefore, Order::of($plan)->stepIds()),
            $plan,
        );
        $order = Order::of($grown);

        self::assertSame([$isBefore, $area->id], [$order->place('new') < $order->place($beside), $grown->find('new')[0]->id ?? null]);
        self::assertEqualsCanonicalizing([...$ids, 'new'], self::ids($grown));
        self::assertSame(self::recipes($plan), self::recipes($this->made(new RemoveStep('new'), $grown)), 'and taken out again it was never there');
    }

    #[DataProvider('seeds')]
    public function testAPaintThatIsSwappedIsInNoStepAnyMoreAndOthersStay(int $seed): void
    {
        [$plan] = self::plan($seed);
        $used = array_values(array_filter(
            $plan->steps(),
            static fn(Step $one): bool => $one->mix !== null && ! $plan->undercoat->holds($one->id) && ! $one->mix->isClear(),
        ));
        $old = $used[0]->mix->ingredients[0]->paint ?? null;
        if ($old === null) {
            self::assertSame([], $used);

            return;
        }
        $new = self::like($old);
        $swapped = $this->made(new SwapPaint($old, $new), $plan);
        foreach ($used as $step) {
            $then = $swapped->step($step->id);
            self::assertNotNull($then);
            self::assertFalse($then->mix?->holds($old->id));
            self::assertSame($step->mix?->holds($old->id), $then->mix?->holds($new->id));
            self::assertEquals($step->with($then->mix), $then);
        }
    }

    /** Whatever an edit makes can be written and read. */
    private function made(Edit $edit, Plan $plan): Plan
    {
        $made = $edit->applyTo($plan);
        $fields = json_decode(json_encode(PlanDocument::ofPlan($made)->fields, JSON_THROW_ON_ERROR), true);
        self::assertSame(self::recipes($made), self::recipes(PlanDocument::ofFile($fields)->plan(DocumentPaints::of($fields))));

        return $made;
    }

    /** Another pot of the same paint. */
    private static function like(Paint $paint): Paint
    {
        $document = WildPlans::document(1);
        $document['paints'] = array_map(static fn(array $one): array => ['id' => "other-{$one['id']}"] + $one, $document['paints']);

        return DocumentPaints::of($document)->paints["other-$paint->id"];
    }

    /** @return array<string, list<array{string, string, string|null, int}>> by area, "" for the whole model */
    private static function recipes(Plan $plan): array
    {
        $told = static fn(Step $one): array => [$one->id, $one->technique->id, $one->mix?->words(), $one->coats];
        $recipes = ['' => array_map($told, $plan->wholeModel)];
        foreach ($plan->areas as $area) {
            $recipes[$area->id] = array_map($told, $area->steps);
        }

        return $recipes;
    }

    /** @return list<string> of all steps but the undercoat */
    private static function ids(Plan $plan): array
    {
        return array_map(
            static fn(Step $one): string => $one->id,
            [...array_merge(...array_map(static fn(Area $one): array => $one->steps, $plan->areas)), ...$plan->wholeModel],
        );
    }

    /** @return array{Plan, Randomizer} */
    private static function plan(int $seed): array
    {
        $document = WildPlans::document($seed);

        return [PlanDocument::ofFile($document)->plan(DocumentPaints::of($document)), new Randomizer(new Mt19937($seed))];
    }
}
