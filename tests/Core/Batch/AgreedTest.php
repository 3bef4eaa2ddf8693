<?php

declare(strict_types=1);

namespace Tests\Core\Batch;

use Kalokroma\Amounts\Measures;
use Kalokroma\Batch\Batch;
use Kalokroma\Batch\Budget;
use Kalokroma\Batch\Entry;
use Kalokroma\Batch\Matrix;
use Kalokroma\Batch\OwnBrush;
use Kalokroma\Batch\OwnVariants;
use Kalokroma\Batch\Since;
use Kalokroma\Batch\Touch;
use Kalokroma\Batch\Toward;
use Kalokroma\Batch\Used;
use Kalokroma\Colour\Lab;
use Kalokroma\Craft\Brush;
use Kalokroma\Craft\CraftBook;
use Kalokroma\Craft\Thinner;
use Kalokroma\Matching\Shelf;
use Kalokroma\Mixing\Dilution;
use Kalokroma\Paint\Kind;
use Kalokroma\Planning\Done;
use Kalokroma\Planning\Member;
use Kalokroma\Planning\Rehearsal;
use Kalokroma\Planning\Squad;
use Kalokroma\Planning\SquadPlan;
use Kalokroma\Recipe\Plan;
use Tests\Core\AgreedTestCase;
use Tests\Core\Paints;
use Tests\Core\PlanSketch;
use Tests\Core\Told;

final class AgreedTest extends AgreedTestCase
{
    private const SKETCH = <<<'PLAN'
        undercoat black light bone
        role leader
        role rank
        area coat broad-folds main cloth touches skin
          basecoat navy blue*3 2:1 x2
          wash umber-wash 1:2
          highlight sky edges optional
          variant teal for leader
          basecoat green x2
          layer lime optional
        area skin skin small skin
          basecoat skin x2
          wash red-wash
        area plume fur-or-feather small hair only leader
          basecoat red x2
          drybrush orange
        area blade hard-edged-panel small metal
          basecoat steel
          wash black-wash
        whole
          matt-coat matt
        PLAN;

    protected function said(): iterable
    {
        $plan = PlanSketch::plan(self::SKETCH);
        $mixed = Squad::by($plan, [
            new Member(1, 'Anna', 'leader'), new Member(2, '', 'rank'), new Member(3, '', 'rank', ['coat' => 'teal']),
            new Member(4, 'Pale', null, [], ['blade']),
        ]);
        foreach (['alike' => Squad::alike(5), 'mixed' => $mixed] as $name => $squad) {
            $told = SquadPlan::of($plan, $squad);
            yield "matrix, $name" => [
                Told::of(Matrix::of($told), 3), Told::of(Matrix::ways($told, Measures::of(0.04, 0.4)), 3), Matrix::minutes($told),
            ];
            foreach ([INF, 400.0, 120.0, 30.0, 0.0] as $minutes) {
                yield "budget of $minutes, $name" => Told::of(Budget::of($told, $minutes), 3);
            }
            yield "batch, $name" => self::batch($told, $plan);
        }
        foreach (self::plans(2, 6, 2400) as $name => $one) {
            $squad = SquadPlan::alike($one, 3);
            yield "since, $name" => array_map(
                static fn(?bool $changed): array => Since::of(
                    $squad,
                    $changed,
                    Shelf::of(array_slice($one->paints(), 1), []),
                    Measures::usual(),
                    CraftBook::standard(),
                    CraftBook::standard(),
                ),
                [null, true, false],
            );
        }
        $rehearsal = Rehearsal::of($plan);
        foreach ($plan->areas as $area) {
            foreach (Toward::cases() as $toward) {
                yield "a touch $toward->value, $area->name" => Told::answer(
                    static fn(): mixed => Touch::of($rehearsal, $area, $toward, 3.0, Paints::shelf(30, 8)),
                    2,
                );
            }
        }
        $pots = [
            ...Paints::shelf(8, 4), Paints::of('#a01c2a', 0.06, Kind::Ink, 'Ink'), Paints::of('#8b8f93', 0.95, Kind::Metallic, 'Steel'),
            Paints::of('#3d2f28', 0.04, Kind::Wash, 'Shade'),
        ];
        foreach (self::plans(1, 1, 2700) as $name => $one) {
            $painted = Rehearsal::of($one);
            foreach ($one->areas as $area) {
                foreach ([1.5, 8.0] as $within) {
                    yield "touched $name, $area->name, $within" => array_map(
                        static fn(Toward $toward): mixed => Told::answer(static function () use ($painted, $area, $toward, $within, $pots): mixed {
                            $touch = Touch::of($painted, $area, $toward, $within, array_values($pots));

                            return $touch === null ? null : [
                                $touch->paint->name, $touch->difference, array_map(static fn($step): string => $step->words(), $touch->steps),
                            ];
                        }),
                        Toward::cases(),
                    );
                }
            }
        }
        $plain = SquadPlan::alike(PlanSketch::plan("undercoat grey\narea a skin main skin\n basecoat skin"), 2);
        yield 'ways where there are none' => [Told::of(Matrix::ways($plain), 3), Told::of(Matrix::of($plain), 3)];
        foreach (Toward::cases() as $toward) {
            yield "far $toward->value" => [
                $toward->far(Lab::of(50, 0, 0), Lab::of(60, 10, 20)),
                $toward->far(Lab::of(50, 10, 10), Lab::of(40, -5, 2)),
            ];
        }
        yield 'variants' => [
            OwnVariants::called('01ABC'),
            array_map(static fn($one): int => count($one->variants), OwnVariants::tidied($plan, $mixed)->areas),
            array_map(static fn($one): int => count($one->variants), OwnVariants::carried($plan, $plan)->areas),
        ];
        foreach (Brush::cases() as $brush) {
            $own = new OwnBrush('Mine', $brush, true, false, false);
            yield "brush $brush->value" => Told::answer(static fn(): array => array_map(
                static fn($step): array => [$own->fits($step), $own->caution($step)],
                $plan->steps(),
            ));
        }
    }

    /** @return array<mixed> */
    private static function batch(SquadPlan $squad, Plan $plan): array
    {
        $used = static fn(string $id): Used => Used::asPlanned($plan->step($id) ?? throw new \LogicException($id));
        $other = new Used([['paint' => 'red', 'parts' => 1, 'name' => 'Red']], Dilution::of(1, 1, Thinner::Water), 3);
        $entries = [
            new Entry(
                new Done('undercoat', null, $squad->count(), 10),
                new Used([['paint' => 'black', 'parts' => 1, 'name' => 'Black']], Dilution::none(), 1),
                12,
            ),
            new Entry(new Done('coat-1', 1, 2, 20, 'a', [1, 2]), $used('coat-1'), 25, 'thin'),
            new Entry(new Done('skin-1', null, 3, 30), $other, 15),
            new Entry(new Done('gone', 1, 1, 40), $other, 1),
        ];
        $batch = Batch::of($squad, $entries, ['blade-2']);
        $paint = static fn(string $id) => array_values(array_filter($plan->paints(), static fn($one): bool => $one->id === $id))[0] ?? null;

        return [
            Told::of($batch->progress(), 2), array_map(static fn($one): float => $one, $batch->left()->totals()),
            array_map(
                static fn($step): array => $batch->spends($step->id, Used::asPlanned($step), [1, 2], null, Measures::usual()),
                $plan->steps(),
            ),
            $batch->spends('coat-1', $other, [2, 3], 2),
            array_map(static fn($step): array => [$step->id, $step->coats, $step->mix?->words()], $batch->asDone($paint)->steps()),
            $batch->differences($paint), Told::of($batch->worked(), 2), $batch->keepsFrom(SquadPlan::alike($plan, 2)), $batch->keepsFrom($squad),
            $other->toArray(), $other
                ->mixWords(), $other
                ->isMixOf($plan->step('skin-1') ?? throw new \LogicException('skin-1')), Told::of(Used::stored($other->toArray()), 2),
            Told::answer(static fn(): Used => Used::stored('nothing'), 1),
            Told::answer(static fn(): Used => Used::stored(['mix' => [], 'dilution' => [], 'coats' => 0]), 1),
        ];
    }
}
