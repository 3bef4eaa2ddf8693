<?php

declare(strict_types=1);

namespace Tests\Core\Planning;

use Kalokroma\Craft\CraftBook;
use Kalokroma\Craft\OrderStyle;
use Kalokroma\Craft\SprayMethod;
use Kalokroma\Craft\Technique;
use Kalokroma\Exchange\HabitReader;
use Kalokroma\Matching\Shelf;
use Kalokroma\Matching\Substitutes;
use Kalokroma\Paint\Kind;
use Kalokroma\Planning\AreaWay;
use Kalokroma\Planning\Climate;
use Kalokroma\Planning\Custom;
use Kalokroma\Planning\Done;
use Kalokroma\Planning\DryTimes;
use Kalokroma\Planning\Laws;
use Kalokroma\Planning\Member;
use Kalokroma\Planning\Need;
use Kalokroma\Planning\Needs;
use Kalokroma\Planning\Order;
use Kalokroma\Planning\Pace;
use Kalokroma\Planning\Paces;
use Kalokroma\Planning\PlanWay;
use Kalokroma\Planning\Progress;
use Kalokroma\Planning\Rehearsal;
use Kalokroma\Planning\Repair;
use Kalokroma\Planning\Slipped;
use Kalokroma\Planning\SlipPrice;
use Kalokroma\Planning\Spare;
use Kalokroma\Planning\SprayWeather;
use Kalokroma\Planning\Squad;
use Kalokroma\Planning\SquadPlan;
use Kalokroma\Planning\StandIns;
use Kalokroma\Planning\Tasks;
use Kalokroma\Planning\TouchUp;
use Kalokroma\Recipe\Area;
use Kalokroma\Recipe\Plan;
use Kalokroma\Recipe\Step;
use Kalokroma\Recipe\Undercoat;
use Random\Engine\Mt19937;
use Random\Randomizer;
use Tests\Core\AgreedTestCase;
use Tests\Core\AllEdits;
use Tests\Core\Nearby;
use Tests\Core\Paints;
use Tests\Core\PlanSketch;
use Tests\Core\Told;

final class AgreedTest extends AgreedTestCase
{
    private const SQUAD = <<<'PLAN'
        undercoat black light bone
        role leader
        role rank
        area coat broad-folds main cloth touches skin
          basecoat navy 2:1 x2
          wash umber-wash 1:2 all
          highlight sky edges
          variant teal for leader
          basecoat green x2
          layer lime
        area skin skin small skin
          basecoat skin x2
          wash red-wash
          highlight skin-pale raised
        area plume fur-or-feather small hair only leader
          basecoat red x2
          drybrush orange
        whole
          matt-coat matt
        PLAN;

    /** Behind masks, put right after washes and spirit, with varnish and without. */
    private const CUSTOMS = [
        "undercoat grey\narea a hard-edged-panel main armour touches b\n spray-layer navy x2\n drybrush sky\narea b skin small skin touches a\n basecoat skin\n mask\n unmask"
            ."\n highlight skin-pale\n layer skin",
        "undercoat grey\narea a hard-edged-panel main armour touches b\n basecoat green x2\n gloss-spot gloss\n solvent-wash grime all\n highlight lime"
            ."\narea b skin small skin touches a\n basecoat skin\n touch-up skin\n highlight skin-pale",
        "undercoat grey\narea a hard-edged-panel main armour touches b\n basecoat green x2\n solvent-wash grime all\narea b skin small skin touches a\n basecoat skin"
            ."\n touch-up skin\nwhole\n gloss-coat gloss\n matt-coat matt",
        "undercoat grey\narea a broad-folds main cloth touches b\n basecoat navy x2\n wash blue-wash all\narea b skin small skin touches a\n basecoat skin\n touch-up skin"
            ."\n wash red-wash all\n touch-up skin",
        "undercoat grey\narea a hard-edged-panel main armour touches b\n basecoat green x2\n solvent-wash grime all\narea b skin small skin touches a\n basecoat skin"
            ."\n touch-up skin\nwhole\n gloss-coat gloss\norder a-1 b-1 whole-1 b-2 a-2",
        "undercoat grey\narea a fur-or-feather main fur touches b\n basecoat brown x2\n drybrush sand\narea b skin small skin touches a\n basecoat skin\n highlight skin-pale"
            ."\n drybrush ivory\narea base rubble medium ground ground touches a\n texture-paste mud\n drybrush sand\n rim coal",
        "undercoat grey\narea a hard-edged-panel main armour touches b\n basecoat green x2\n mask\n unmask\n highlight lime\narea b skin small skin touches a\n basecoat skin"
            ."\nwhole\n spray-layer navy\n rim coal\norder a-1 a-2 whole-1 a-3 a-4",
    ];

    protected function said(): iterable
    {
        foreach (self::plans(5, 16, 5200) as $name => $plan) {
            yield "order of $name" => array_map(static fn(OrderStyle $style): array => self::order(Order::of($plan, $style)), OrderStyle::cases());
            yield "rehearsal of $name" => self::rehearsed($plan);
            yield "slips of $name" => self::slips($plan);
        }
        foreach (LawsTest::laws() as $law => [$sketch]) {
            foreach (Nearby::of($sketch, 8, crc32($law)) as $at => $near) {
                yield "near $law, $at" => Told::answer(static function () use ($near): array {
                    $order = Order::of(PlanSketch::plan($near));

                    return [implode(' ', array_map(static fn($pass): string => $pass->step->id, $order->passes)), count($order->clashes)];
                });
                yield "what must come first near $law, $at" => Told::answer(static fn(): array => self::precedences(PlanSketch::plan($near)));
            }
        }
        foreach (self::CUSTOMS as $sketch) {
            foreach ([$sketch, ...Nearby::of($sketch, 14, crc32($sketch))] as $at => $near) {
                yield 'custom '.hash('crc32b', $sketch).", $at" => Told::answer(static fn(): array => [
                    self::precedences(PlanSketch::plan($near)),
                    array_map(
                        static fn(Area $area): string => Rehearsal::of(PlanSketch::plan($near))->strip($area)->final()->words(),
                        PlanSketch::plan($near)->areas,
                    ),
                ]);
            }
        }
        yield from self::minutes();
        yield from $this->squads();
        yield from self::tallies();
        yield from $this->otherwise();
        foreach (AllEdits::made() as $edit => $made) {
            if (preg_match('/^edit (run-step|lock-step|free-order|set-stop|move-step)/', $edit) === 1) {
                yield $edit => $made;
            }
        }
        foreach (OrderStyle::cases() as $style) {
            yield "style $style->value" => $style->label();
        }
        foreach (SprayMethod::cases() as $method) {
            $hours = [];
            foreach ([
                [-5, 40], [4, 50], [9, 55], [12, 69], [15, 70], [18, 71], [21, 84], [24, 85], [29, 90], [33, 30], [39, 20], [41, 60],
            ] as $at => [$c, $h]) {
                $weather = SprayWeather::of($c, $h, $method);
                $hours[] = $weather;
                yield "spray at $c, $h %, $method->value" => $weather;
            }
        }
        foreach ([[20.0, 50.0], [5.0, 80.0], [35.0, 20.0], [-50.0, 50.0], [20.0, 101.0], [20.0, -1.0], [60.5, 40.0]] as [$c, $h]) {
            yield "climate $c, $h" => Told::answer(static fn(): Climate => Climate::of($c, $h));
        }
    }

    /** @return iterable<string, mixed> how long coats dry and are worked at, by their thinning and by how many single places there are */
    private static function minutes(): iterable
    {
        foreach (['1:0', '2:1', '1:1', '3:7', '2:5', '1:3', '1:4', '1:20'] as $thinned) {
            $steps = PlanSketch::plan(
                "undercoat grey\narea a skin small skin\n basecoat navy $thinned\n basecoat steel $thinned\n wash umber-wash $thinned\n layer sky $thinned",
            )->areas[0]->steps;
            yield "dries when $thinned" => array_map(static fn(Step $one): array => [
                DryTimes::between($one, null), DryTimes::between($one, $steps[3]), DryTimes::betweenCoats($one),
                DryTimes::between($one, $steps[3], Climate::of(12.0, 75.0)),
            ], $steps);
        }
        foreach (['yellow', 'orange', 'red', 'skin', 'navy', 'green', 'snow', 'steel', 'amber'] as $paint) {
            $plan = PlanSketch::plan("undercoat bone\narea a skin small skin\n basecoat sand\n layer $paint");
            yield "hides with $paint" => array_map(static fn(string $slip): mixed => Told::answer(static fn(): mixed => Repair::of(
                $plan,
                $plan->areas[0],
                $plan->areas[0]->steps[1],
                PlanSketch::plan("area a skin small skin\n basecoat $slip")->areas[0]->steps[0]->mix ?? throw new \LogicException,
            ), 1), ['black', 'navy', 'dark-brown', 'red', 'green', 'mid-grey', 'snow', 'purple', 'orange', 'skin', 'sky', 'ochre']);
        }
        foreach (['left', 'left,right', 'left,right,chest,hip'] as $heads) {
            foreach (['small', 'speck', 'main'] as $size) {
                $plan = PlanSketch::plan("undercoat grey\narea a tiny-detail $size metal\n gem ruby heads $heads\n dot snow x2 heads $heads");
                yield "takes for $heads, $size" => array_map(
                    static fn(Step $one): float => Pace::of($plan)->coat($one, $plan->areas[0]),
                    $plan->areas[0]->steps,
                );
            }
        }
    }

    /** @return array<mixed> */
    private static function order(Order $order): array
    {
        return array_map(
            static fn($pass): array => [$pass->number, $pass->step->id, $pass->area?->id, $pass->where(), $pass->isUndercoat],
            $order->passes,
        );
    }

    /** @return array<string, list<string>> what each law and custom says by itself, and whether an order as it is listed is excused */
    private static function precedences(Plan $plan): array
    {
        $tasks = Tasks::of($plan);
        $order = Order::of($plan, OrderStyle::AreaByArea);
        $said = [];
        foreach ([Laws::sequence(), ...Laws::hard(), ...Laws::preferences()] as $law) {
            foreach ($law->among($tasks) as $one) {
                $said[$law::class][] = sprintf(
                    '%s<%s %s%s',
                    $one->first->step->id,
                    $one->then->step->id,
                    $one->reason,
                    $law instanceof Custom && $law->excuses($one, $tasks, $order) ? ', excused' : '',
                );
            }
        }

        return $said;
    }

    /** @return array<mixed> */
    private static function rehearsed(Plan $plan): array
    {
        $rehearsal = Rehearsal::of($plan);
        $pace = Pace::of($plan);
        $before = null;
        $passes = [];
        foreach ($rehearsal->order()->passes as $pass) {
            $passes[] = [
                $pass->step->id, $rehearsal
                    ->dryMinutes($pass), $rehearsal
                    ->restBefore($pass), $pace
                    ->step($pass->step, $pass->area), $pace
                    ->pass($pass->step, $pass->area, 5),
                DryTimes::betweenCoats($pass->step, Climate::of(12.0, 70.0)), DryTimes::quickest($pass->step, $before?->step),
                $before === null ? null : [DryTimes::between($before->step, $pass->step), DryTimes::isWetWindow($before->step, $pass->step)],
            ];
            $before = $pass;
        }
        $owned = array_values(array_filter($plan->paints(), static fn($one): bool => crc32($one->name) % 3 !== 0));
        $shelf = Shelf::of($owned);

        $stock = count($plan->areas) > 3 ? null : Substitutes::from(array_values(array_filter($owned, static fn($one): bool => ! $one->isClear())));

        return [
            $stock === null ? null : array_map(static fn(Need $one): mixed => Told::of($one->on($stock, 4.0), 1), Needs::of($plan)->all),
            $passes, Told::of(Needs::of($plan), 2), array_map(static fn($pass): string => $pass->step->id, Spare::of($rehearsal->order()->passes)),
            array_map(
                static fn($area): mixed => Told::answer(
                    static fn(): AreaWay => AreaWay::of($rehearsal, $area, $area->variants[0] ?? null, $shelf),
                    2,
                ),
                $plan->areas,
            ),
            Told::answer(static fn(): array => PlanWay::all($rehearsal, $shelf), 2),
            array_map(
                static fn($pass): mixed => Told::answer(static fn(): mixed => StandIns::of($rehearsal, $pass->step->id, $shelf), 2),
                array_slice($rehearsal->order()->passes, 0, 4),
            ),
        ];
    }

    /** @return array<mixed> */
    private static function slips(Plan $plan): array
    {
        $progress = Progress::of(SquadPlan::alike($plan, 3));
        $passes = $progress->passes;
        $half = intdiv(count($passes), 2);
        $begun = Progress::of(SquadPlan::alike($plan, 3), array_map(
            static fn($pass): Done => new Done($pass->step->id, null, 3, 100 + $pass->number),
            array_slice($passes, 0, $half),
        ));
        $told = [];
        foreach (array_slice($begun->passes, $half, 8) as $pass) {
            $told[] = array_map(static fn(SlipPrice $one): array => [$one->words(), $one->minutes], SlipPrice::all($begun, $pass));
        }
        foreach ($progress->passes as $at => $pass) {
            if ($at % 4 !== 0) {
                continue;
            }
            $told[] = [
                $pass->step->id, array_map(static fn($one): mixed => Told::of($one, 1), SlipPrice::all($progress, $pass)),
                array_map(
                    static fn(Slipped $kind): mixed => Told::answer(static fn(): mixed => TouchUp::of($progress, $pass, 2, $kind), 2),
                    Slipped::cases(),
                ),
                $pass->area === null || $pass->step->mix === null
                    ? null
                    : Told::answer(static fn(): mixed => Repair::of($plan, $pass->area, $pass->step, $pass->step->mix), 2),
            ];
        }

        return $told;
    }

    /** @return iterable<string, mixed> areas painted or primed otherwise, and whose steps are in a written plan */
    private function otherwise(): iterable
    {
        foreach (self::plans(3, 8, 6100) as $name => $plan) {
            $rehearsal = Rehearsal::of($plan);
            yield "otherwise, $name" => [
                array_map(static fn(Area $area): array => [
                    $rehearsal
                        ->stripAs($area->withSteps(array_slice($area->steps, 1)))->final()->mean(), $rehearsal
                        ->stripAs($area->withSteps([...$area->steps, ...array_map(
                            static fn(Step $one): Step => $one->called("$one->id again"),
                            array_slice($area->steps, 0, 1),
                        )]))
                        ->final()->mean(), $rehearsal
                        ->stripAs($area->withSteps([
                            ...array_map(static fn(Step $one): Step => $one->called("$one->id first"), array_slice($area->steps, -1)),
                            ...$area->steps,
                        ]))
                        ->final()->mean(), $rehearsal
                        ->finalOver($area, Undercoat::bare())->mean(), $rehearsal
                        ->finalOver($area, Undercoat::plain(Paints::of('#f0f0f0', 0.9, Kind::Primer)))->mean(),
                ], $plan->areas),
                array_map(static fn($stop): array => [
                    $rehearsal->minutesUntil($stop), $rehearsal->minutesUntil($stop, Paces::usual()->times(2.0)->withSetUp(10.0)),
                ], $plan->running->stops),
                array_map(static fn(Step $one): mixed => $rehearsal->stage($one->id)?->look->mean(), array_slice($plan->steps(), 0, 6)),
            ];
        }
        $written = PlanSketch::plan(self::SQUAD);
        $squad = SquadPlan::of($written, Squad::by($written, [new Member(1, '', 'leader', ['coat' => 'teal']), new Member(2, '', 'rank')]));
        foreach ($squad->passes() as $pass) {
            $id = $pass->step->id;
            yield "written as $id" => [
                $squad->stepIn($written, $id)?->words(), $squad->stepIn($written->withAreas([]), $id)?->words(),
                array_map(
                    static fn(Area $area): array => [
                        array_map(static fn(Step $one): int => $one->coats, $area->steps),
                        array_map(static fn($one): array => array_map(static fn(Step $step): int => $step->coats, $one->steps), $area->variants),
                    ],
                    ($step = $squad->stepIn($written, $id)) === null ? [] : $squad->withStepIn($written, $id, $step->inCoats(9))->areas,
                ),
            ];
        }
        $slow = CraftBook::standard()->with(
            HabitReader::one(['technique' => 'wash', 'minutes' => 9.0]),
            HabitReader::one(['technique' => 'layer', 'minutes' => 0.1]),
        );
        foreach (['wash', 'layer', 'basecoat'] as $technique) {
            yield "pace of $technique" => [
                Paces::since(CraftBook::standard(), $slow)->ratio(Technique::of($technique)),
                Paces::since($slow, CraftBook::standard())->times(1.5)->ratio(Technique::of($technique)),
                Paces::usual()->withSetUp(99.0)->setUp(), Paces::usual()->withSetUp(-1.0)->setUp(),
            ];
        }
        yield 'slips' => array_map(static fn(Slipped $one): string => $one->label(), Slipped::cases());
    }

    /** @return iterable<string, mixed> what is left and what comes next, however it was recorded */
    private static function tallies(): iterable
    {
        $squad = SquadPlan::of(PlanSketch::plan(self::SQUAD), Squad::ofRoles(['leader' => 2, 'rank' => 3]));
        $steps = array_map(static fn($pass): string => $pass->step->id, $squad->passes());
        for ($seed = 1; $seed <= 40; $seed++) {
            $dice = new Randomizer(new Mt19937($seed));
            $done = [];
            for ($i = 0; $i < 3 * $dice->getInt(1, 8); $i++) {
                $done[] = new Done(
                    $steps[$dice->getInt(0, count($steps) - 1)],
                    [null, 1, 1, 2][$dice->getInt(0, 3)],
                    $dice->getInt(1, 5),
                    // Told in another order than done, and of some which models.
                    100 + (17 * $i + $seed) % 61,
                    "done-$i",
                    $seed % 2 === 0 && $i % 3 === 0 ? [$dice->getInt(1, 5), 5] : null,
                );
            }
            $tally = Progress::of($squad, $done, $seed % 3 === 0 ? [$steps[3]] : [])->tally;
            yield "tally $seed" => [
                array_map(static fn(string $id): array => [
                    $id, $tally->modelsLeft($id, 1), $tally
                        ->modelsLeft($id, 2), $tally
                        ->next($id, null, 3), $tally
                        ->next($id, 1, 2), $tally
                        ->next($id, 2, 9), $tally
                        ->next($id, 9, 9),
                ], $steps),
                $tally->steps(), $tally
                    ->open(), $tally
                    ->passes(), $tally
                    ->passesDone(), $tally
                    ->isFinished(), $tally
                    ->share(),
                array_map(static fn(int $model): float => $tally->shareOn($steps, $model), range(1, 5)),
                $tally->record->furthest(), array_map(static fn(string $id): array => $tally->record->modelsWith($id, 1), $steps),
            ];
        }
    }

    /** @return iterable<string, mixed> */
    private function squads(): iterable
    {
        $plan = PlanSketch::plan(self::SQUAD);
        $members = [
            new Member(1, 'Anna', 'leader'), new Member(2, '', 'rank', ['coat' => 'teal']), new Member(3, '', 'rank', [], ['skin']), new Member(4),
        ];
        foreach ([
            'alike' => Squad::alike(3),
            'by roles' => Squad::ofRoles(['leader' => 1, 'rank' => 2]),
            'named' => Squad::by($plan, $members),
        ] as $name => $squad) {
            $told = SquadPlan::of($plan, $squad);
            $done = [
                new Done('undercoat', null, $told->count(), 100),
                new Done('coat-1', 1, 1, 200, 'a', [2]),
                new Done('skin-1', null, 1, 300),
                new Done('gone', 1, 1, 1),
            ];
            $progress = Progress::of($told, $done, ['skin-3']);
            yield "squad $name" => [
                Told::of($squad, 2), $told->count(),
                array_map(
                    static fn($pass): array => [$pass->step->id, $told->modelsOf($pass->step->id)],
                    $told->passes(),
                ),
                array_map(
                    static fn(int $model): array => array_map(static fn($area): string => $area->id, array_values($told->areasOn($model))),
                    range(1, $told->count()),
                ),
                array_map(
                    static fn($area): array => [
                        $told->differs($area), $told->origin($area)->id, $told->variantOf($area)?->id, $area->id, $area->touches, $area->liesUnder,
                    ],
                    $told->plan->areas,
                ),
                array_map(static fn($pass): array => [
                    $pass->step->id, $progress
                        ->left($pass->step->id), $progress
                        ->doneOn($pass->step->id), $progress
                        ->coat($pass), $progress
                        ->isDone($pass),
                    $progress->isSkipped($pass), $progress->modelsLeft($pass->step->id, 1),
                ], $progress->passes),
                array_map(static fn($pass): string => $pass->step->id, $progress->open()), $progress
                    ->next()?->step->id, $progress
                    ->isBegun(), $progress
                    ->skipped(),
            ];
        }
        foreach ([
            [new Member(0)],
            [new Member(1), new Member(1)],
            [new Member(1, str_repeat('a', 99))],
            [new Member(1, '', 'nobody')],
            [],
        ] as $at => $wrong) {
            yield "no squad $at" => [
                Told::answer(static fn(): Squad => Squad::of($wrong), 1),
                Told::answer(static fn(): Squad => Squad::by($plan, $wrong), 1),
            ];
        }
        yield 'too many' => [
            Told::answer(static fn(): Squad => Squad::alike(0)),
            Told::answer(static fn(): Squad => Squad::alike(100_000)),
            Told::answer(static fn(): Squad => Squad::ofRoles(['leader' => -1])),
        ];
    }
}
