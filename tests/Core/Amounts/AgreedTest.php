<?php

declare(strict_types=1);

namespace Tests\Core\Amounts;

use Kalokroma\Amounts\Amounts;
use Kalokroma\Amounts\Measures;
use Kalokroma\Amounts\PrimingWay;
use Kalokroma\Amounts\PrimingWish;
use Kalokroma\Amounts\Shortage;
use Kalokroma\Amounts\Sprayed;
use Kalokroma\Amounts\WalkedOn;
use Kalokroma\Craft\Brush;
use Kalokroma\Exchange\DocumentPaints;
use Kalokroma\Exchange\PlanDocument;
use Kalokroma\Matching\Shelf;
use Kalokroma\Planning\Done;
use Kalokroma\Planning\Member;
use Kalokroma\Planning\Progress;
use Kalokroma\Planning\Squad;
use Kalokroma\Planning\SquadPlan;
use Kalokroma\Recipe\Plan;
use Tests\Core\AgreedTestCase;
use Tests\Core\PlanSketch;
use Tests\Core\Told;

final class AgreedTest extends AgreedTestCase
{
    protected function said(): iterable
    {
        $at = 0;
        foreach (self::plans(4, 14) as $name => $plan) {
            $at++;
            $measures = $at % 3 === 0 ? Measures::of(0.04, 0.5) : Measures::usual();
            yield "$name for $at" => self::amounts($plan, $at, $measures);
            $pots = [];
            foreach ($plan->undercoat->steps() as $number => $step) {
                $pots[$step->mix->ingredients[0]->paint->id ?? ''] = [450 + 100 * $number, $at % 2 === 0 ? 17.0 : 400.0];
            }
            foreach ([[], PrimingWish::cases(), [PrimingWish::cases()[$at % count(PrimingWish::cases())]]] as $number => $wishes) {
                yield "$name primed, wish $number" => array_map(
                    static fn(PrimingWay $one): mixed => Told::of($one, 2),
                    PrimingWay::all($plan, [1, 12, 60][$number], $wishes, $pots, $at % 2 === 0),
                );
            }
        }
        yield from $this->underWay();
        foreach (PrimingWish::cases() as $wish) {
            yield "wish $wish->value" => $wish->label();
        }
        foreach (Brush::cases() as $brush) {
            foreach ([[0.02, 32.0], [0.4, 32.0], [3.0, 75.0], [9.0, 110.0]] as [$ml, $height]) {
                $sprayed = Sprayed::with($brush, $ml, $height);
                yield "$brush->value sprays $ml on $height" => [$sprayed, $sprayed?->and($sprayed)];
            }
        }
        foreach ([0.004, 0.02, 0.1, 0.24, 0.26, 0.5, 0.74, 0.9, 1.0, 1.2, 2.4, 7.0] as $count) {
            yield "$count cans" => Sprayed::cans($count);
        }
        foreach ([
            [null, null], [0.001, null], [0.05, 0.2], [9.0, null], [null, 0.99], [null, -0.1], [0.005, 0.9], [0.5, 0.0],
        ] as $number => [$drop, $loss]) {
            yield "measures $number" => Told::answer(static fn(): Measures => Measures::of($drop, $loss));
        }
    }

    /** @return iterable<string, mixed> with parts primed by themselves, thinner out of a pot, and work that is partly done */
    private function underWay(): iterable
    {
        $document = PlanSketch::document(<<<'PLAN'
            undercoat black light bone
            role leader
            loose shield grey
            area coat broad-folds main cloth
              basecoat navy blue*3 2:1 x3
              wash umber-wash 1:2
            area plate smooth-panel medium metal part shield
              basecoat steel x2
            area plume fur-or-feather small hair only leader
              basecoat red x2
            whole
              matt-coat matt
            PLAN);
        $document['areas'][0]['steps'][1]['dilution'] = ['paint' => 1, 'thinner' => 2, 'with' => 'medium', 'paintId' => 'medium'];
        $read = PlanDocument::ofFile($document);
        $plan = $read->plan(DocumentPaints::of($read->fields));
        $members = [new Member(1, '', 'leader'), new Member(2), new Member(3, '', null, [], ['plate']), new Member(4)];
        $squad = SquadPlan::of($plan, Squad::by($plan, $members));
        $done = [
            [], [new Done('undercoat', null, 4, 1), new Done('coat-1', 1, 2, 2, 'a', [1, 3])],
            [new Done('coat-1', 2, 4, 2), new Done('plate-1', null, 2, 3), new Done('plume-1', 1, 1, 4)], [new Done('coat-1', null, 4, 2)],
        ];
        foreach ($done as $at => $entries) {
            foreach ([[], ['coat-2'], ['whole-1', 'plume-1']] as $number => $skipped) {
                $amounts = Amounts::left(Progress::of($squad, $entries, $skipped), $at % 2 === 0 ? Measures::usual() : Measures::of(0.03, 0.25));
                yield "under way $at, left out $number" => [
                    $amounts->totals(), array_map(static fn($one): mixed => Told::of($one, 1), $amounts->poured()),
                    array_map(static fn($pass): mixed => Told::of($amounts->whole($pass), 2), $squad->passes()),
                    array_map(static fn($step): array => [
                        $amounts->wetMl($step, $plan->find($step->id)[0] ?? null), $amounts->wetMl($step, $plan->find($step->id)[0] ?? null, 2.0),
                    ], $plan->steps()),
                ];
            }
        }
        yield 'spent' => array_map(static fn($step): array => Amounts::for($squad)->spent(
            $step,
            $plan->find($step->id)[0] ?? null,
            [['paint' => 'navy', 'parts' => 1], ['paint' => 'red', 'parts' => 2]],
            $step->dilution,
            2,
            3,
        ), $plan->steps());
    }

    /** @return array<mixed> */
    private static function amounts(Plan $plan, int $models, Measures $measures): array
    {
        $amounts = Amounts::of($plan, $models, $measures);
        $passes = [];
        $before = null;
        foreach ($amounts->passes() as $pass) {
            $passes[] = [
                $pass->pass->step->id, array_map(static fn($one): array => [$one->words(), $one->drops(), Told::of($one, 2)], $pass->mixtures),
                array_map(static fn($one): array => [$one->key(), $one->drops, $one->isThinner()], $pass->pours()),
                array_map(static fn($one): int => $amounts->leftOnPalette($pass, $one), $pass->mixtures),
                $before === null || $before->mixtures === [] || $pass->mixtures === []
                    ? null
                    : Told::answer(static fn(): mixed => WalkedOn::between(
                        $before->pass,
                        $before->mixtures[0],
                        $pass->mixtures[0],
                        20,
                        $measures->dropMl,
                    )),
            ];
            $before = $pass;
        }
        $owned = array_values(array_filter($plan->paints(), static fn($one): bool => crc32($one->name) % 2 === 0));
        $left = [];
        foreach ($owned as $at => $paint) {
            $left[$paint->id] = $at % 2 === 0 ? 0.2 : 12.0;
        }

        return [
            $passes, $amounts->totals(),
            array_map(
                static fn($one): mixed => Told::of($one, 1),
                Shortage::all($amounts->poured(), Shelf::of($owned, $left), $models, $measures->dropMl),
            ),
        ];
    }
}
