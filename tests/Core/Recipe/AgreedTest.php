<?php

declare(strict_types=1);

namespace Tests\Core\Recipe;

use Kalokroma\Craft\BodyType;
use Kalokroma\Craft\FinishLevel;
use Kalokroma\Craft\Place;
use Kalokroma\Craft\Texture;
use Kalokroma\Exchange\PlanWriter;
use Kalokroma\Paint\Kind;
use Kalokroma\Paint\Paint;
use Kalokroma\Recipe\Area;
use Kalokroma\Recipe\AreaRelations;
use Kalokroma\Recipe\Asked;
use Kalokroma\Recipe\Edit\AddArea;
use Kalokroma\Recipe\Edit\AddPart;
use Kalokroma\Recipe\Edit\AddRole;
use Kalokroma\Recipe\Edit\PutSteps;
use Kalokroma\Recipe\Edit\SetStop;
use Kalokroma\Recipe\Edit\SwapPaint;
use Kalokroma\Recipe\IllegalPlan;
use Kalokroma\Recipe\ModelKind;
use Kalokroma\Recipe\Neighbours;
use Kalokroma\Recipe\Plan;
use Kalokroma\Recipe\SharedSteps;
use Kalokroma\Recipe\Step;
use Kalokroma\Recipe\Undercoat;
use Kalokroma\Simulation\SprayCone;
use Kalokroma\Simulation\Surface;
use Tests\Core\AgreedTestCase;
use Tests\Core\AllEdits;
use Tests\Core\Paints;
use Tests\Core\PlanSketch;
use Tests\Core\Told;

final class AgreedTest extends AgreedTestCase
{
    protected function said(): iterable
    {
        $plan = AllEdits::plan();
        yield 'plan' => array_diff_key(PlanWriter::write($plan), ['paints' => true]);
        yield from AllEdits::made();
        foreach ([$plan, ...iterator_to_array(self::plans(2, 10, 3300), false)] as $number => $one) {
            yield "about plan $number" => [
                Told::of($one->model, 1), array_map(static fn(Paint $paint): string => $paint->name, $one->paints()),
                array_map(static fn(Area $area): array => [
                    $area->name, Told::answer(static fn(): mixed => $area->shareOf($one->model)),
                    array_map(static fn(Area $other): bool => Neighbours::of($one)->areTouching($area, $other), $one->areas),
                ], $one->areas),
                array_map(static fn(Step $step): array => [$step->id, Told::of(self::about($step), 2)], array_slice($one->steps(), 0, 8)),
            ];
            yield "areas of plan $number otherwise" => array_map(static fn(Area $area): array => self::otherwise($one, $area), $one->areas);
        }
        foreach ([null, 'shield', 'arm', 'none'] as $part) {
            yield "what stands on $part" => array_map(
                static fn(Area $area): array => [$area->id, $area->part, $area->touches],
                $plan->standingOn($part)->areas,
            );
        }
        yield from self::layered();
        foreach (['', ' ', str_repeat('a', 121), ' Leg '] as $name) {
            yield "called '".mb_substr($name, 0, 5)."'" => array_map(
                static fn(string $edit): mixed => Told::answer(static fn(): int => count(PlanWriter::write(
                    (new $edit('new', $name))->applyTo($plan),
                ))),
                [AddPart::class, AddRole::class, AddArea::class],
            );
            yield "stop called '".mb_substr($name, 0, 5)."'" => Told::answer(
                static fn(): array => (new SetStop($name, 'coat-1'))->applyTo($plan)->running->stops,
            );
        }
        yield from self::referring();
        yield from self::moved($plan);
        yield 'asked' => array_map(
            static fn(array $one): bool => (new Asked(...$one))->saysNothing(),
            [[], ['layers'], [null, ['warm']], ['layers', ['warm']]],
        );
        yield 'free' => [$plan->freeStepId('new'), $plan->freeStepId('coat'), $plan->freeStepId('teal'), $plan->freeStepId(str_repeat('a', 40))];
        foreach (['dust 1:0', 'dust 1:1', 'dust 1:1 water', 'dust 1:1 thinner', 'dust 1:0 thinner'] as $mix) {
            yield "hazards of $mix" => PlanSketch::plan("area a rubble small stone\n pigments $mix")->areas[0]->steps[0]->hazards();
        }
        $steps = $plan->areas[0]->steps;
        yield 'shared' => [
            array_map(static fn(Step $one): string => $one->id, SharedSteps::copied($steps, 'x')),
            SharedSteps::areAlike($steps, SharedSteps::copied($steps, 'y')),
            SharedSteps::areAlike($steps, array_slice($steps, 1)),
            SharedSteps::fingerprint($steps) === SharedSteps::fingerprint(SharedSteps::copied($steps, 'z')),
            array_map(
                static fn(Step $one): string => $one->id,
                SharedSteps::carried($steps, array_slice($steps, 1), SharedSteps::copied($steps, 'a'), 'b'),
            ),
        ];
        foreach ([0, 2, 3, 4, 5, 32, 500, 501, -1, 1000, 1001] as $height) {
            yield "model of $height" => Told::answer(static fn(): array => [
                Told::of(ModelKind::of('Model', BodyType::OnFoot, $height, FinishLevel::Display), 1),
                ModelKind::of('M', BodyType::Vehicle, $height, FinishLevel::TableReady)->surfaceCm2(),
            ]);
        }
        foreach (['', str_repeat('a', 200), str_repeat('ä', 121), 'Cloak', ' '] as $name) {
            yield 'named '.mb_substr($name, 0, 8).mb_strlen($name) => [
                Told::answer(static fn(): Area => Area::guessed('id', $name)),
                Told::answer(static fn(): ModelKind => ModelKind::of($name, BodyType::Rider, 50, FinishLevel::Display), 1),
            ];
        }
        foreach (Kind::cases() as $kind) {
            $paint = $kind->isClear() ? Paint::of('a', 'A', $kind, null) : Paints::of('#808285', 0.9, $kind);
            yield "ground of $kind->value" => [
                Undercoat::takes($paint), Told::answer(static fn(): mixed => Undercoat::plain($paint), 1),
                Told::answer(
                    static fn(): mixed => Undercoat::zenithal(Paints::of('#101112', 0.9, Kind::Primer), $paint, SprayCone::ofHalfAngle(45.0)),
                    1,
                ),
            ];
        }
    }

    /** @return array<mixed> */
    private static function about(Step $step): array
    {
        return [
            $step->technique->id, Told::of($step->more, 2), array_map(static fn($one): string => $one->value, $step->hazards()), $step->words(),
            $step->isReady(), $step->isMeantToShine(), $step->isPerModel(), count($step->paints()), $step->isAsWritten(), $step->fingerprint(),
            Told::answer(static fn(): array => [$step->inCoats(13)]), $step->at(Place::Patch)->place, $step->with(null)->words(),
            Told::of($step->application(), 2),
        ];
    }

    /** @return iterable<string, mixed> what a plan names has to be in it */
    private static function referring(): iterable
    {
        foreach ([
            'area a skin small skin behind b', 'area a skin small skin part arm', 'area a skin small skin only leader',
            'area a skin small skin touches b',
            'area a skin small skin under b', "area a skin small skin\n basecoat navy\n lining coal borders b",
            "area a skin small skin\n basecoat navy only leader",
            "area a skin small skin\n basecoat navy\n glue-part part arm", "area a skin small skin\n basecoat navy\n layer sky within a-3",
            "area a skin small skin\n basecoat navy\n layer sky within a-2", "area a skin small skin\n basecoat navy\n layer sky within a-1",
            "area a skin small skin\n variant v for leader\n basecoat navy", "area a skin small skin\nwhole\n lining coal borders b",
            "role leader\nrole leader",
            "area a skin small skin\nwhole\n matt-coat matt only leader", "area a skin small skin\nwhole\n glue-part part arm",
            "loose arm\nloose arm",
            "area a skin small skin\n basecoat navy\norder a-1 a-1", "area a skin small skin\n basecoat navy\nlocked a-2",
            "area a skin small skin\nstop rest a-1",
        ] as $sketch) {
            yield "plan '".strtr($sketch, "\n", ',')."'" => Told::answer(static fn(): int => count(PlanSketch::plan($sketch)->areas));
        }
    }

    /** @return iterable<string, mixed> steps that come from elsewhere, and what is said where they cannot */
    private static function moved(Plan $plan): iterable
    {
        $steps = static fn(Plan $one): array => array_map(static fn(Step $step): string => $step->id, $one->area('coat')->steps ?? []);
        $put = [$plan->areas[1]->steps[0]->called('put-1'), $plan->areas[1]->steps[0]->called('put-2')];
        foreach ([null, ...array_map(static fn(Step $step): string => $step->id, $plan->areas[0]->steps)] as $after) {
            yield "put after $after" => $steps((new PutSteps('coat', $put, 'new', $after))->applyTo($plan));
        }
        foreach ($plan->steps() as $step) {
            yield "coats of $step->id" => [
                Told::answer(static fn(): mixed => $plan->coatsNeeded($step->id)),
                $step->coatsOver(Surface::bare(Texture::CloseFolds), FinishLevel::Display),
                array_map(static fn(Step $one): string => "$one->id $one->coats", $plan->withStep($step->inCoats(9))->steps()),
            ];
        }
        $mixed = PlanSketch::plan("area a skin small skin\n basecoat navy*2 red*3\n layer sky*4 navy\n layer red*2 sky*2");
        $paints = $mixed->paints();
        foreach (['navy', 'red', 'sky'] as $from) {
            foreach (['navy', 'red', 'sky'] as $to) {
                yield "$from becomes $to" => array_map(
                    static fn(Step $one): string => $one->words(),
                    (new SwapPaint($paints[$from], $paints[$to]))->applyTo($mixed)->steps(),
                );
            }
        }
        foreach ([24, 25, 26, 27] as $long) {
            $named = $plan->areas[0]->steps[0]->called(str_repeat('a', $long));
            yield "turned round at $long" => IllegalPlan::outOfRecipe('order', 'Coat', $named, $plan->areas[0]->steps[1])->getMessage();
        }
    }

    /** @return array<mixed> an area on its own, beside others, and without them */
    private static function otherwise(Plan $plan, Area $area): array
    {
        $relations = static fn(Area $one): array => [
            $one->touches, $one->liesUnder, $one->behind, $one->part, array_map(static fn(Step $step): array => $step->more->borders, $one->steps),
        ];
        $other = $plan->areas[0]->id;

        return [
            $area->name, $area
                ->pots(), $area
                ->isSmall(), $area
                ->isTried(), $relations($area->without($other)), $relations($area->withoutPart('shield')),
            $relations($area->relatedAlsoTo([$other => ['copy', 'more']])), $relations($area->onPart('arm')), $area->variantCalled('teal')?->id,
            array_map(
                static fn($one): array => array_map(static fn(Step $step): int => $step->coats, $one->withStep($one->steps[0]->inCoats(7))->steps),
                array_filter($area->variants, static fn($one): bool => $one->steps !== []),
            ),
        ];
    }

    /** @return iterable<string, mixed> how deep areas lie, or that they lie in a circle */
    private static function layered(): iterable
    {
        foreach ([
            ['a' => [], 'b' => ['a'], 'c' => ['b'], 'd' => ['a', 'c'], 'e' => []],
            ['a' => ['b'], 'b' => ['a']],
            ['a' => [], 'b' => ['a', 'd'], 'c' => ['b'], 'd' => ['c'], 'e' => ['d']],
            ['d' => ['c', 'b'], 'c' => ['b'], 'b' => ['a'], 'a' => []],
        ] as $at => $under) {
            $lines = array_map(
                static fn(string $id, array $outer): string => "area $id skin small skin".($outer === [] ? '' : ' under '.implode(',', $outer)),
                array_keys($under),
                $under,
            );
            yield "layers $at" => Told::answer(static function () use ($lines): array {
                $plan = PlanSketch::plan(implode("\n", $lines));
                $relations = new AreaRelations($plan->areas);

                return array_map(static fn(Area $area): array => [$area->id, $relations->depth($area)], $plan->areas);
            });
        }
    }
}
