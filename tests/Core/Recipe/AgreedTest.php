<?php

declare(strict_types=1);

namespace Tests\Core\Recipe;

use Kalokroma\Craft\BodyType;
use Kalokroma\Craft\FinishLevel;
use Kalokroma\Exchange\DocumentPaints;
use Kalokroma\Exchange\EditReader;
use Kalokroma\Exchange\PlanDocument;
use Kalokroma\Exchange\PlanWriter;
use Kalokroma\Paint\Kind;
use Kalokroma\Paint\Paint;
use Kalokroma\Recipe\Area;
use Kalokroma\Recipe\ModelKind;
use Kalokroma\Recipe\Neighbours;
use Kalokroma\Recipe\Plan;
use Kalokroma\Recipe\SharedSteps;
use Kalokroma\Recipe\Step;
use Kalokroma\Recipe\Undercoat;
use Kalokroma\Simulation\SprayCone;
use Tests\Core\AgreedTestCase;
use Tests\Core\Paints;
use Tests\Core\PlanSketch;
use Tests\Core\Told;

final class AgreedTest extends AgreedTestCase
{
    private const SKETCH = <<<'PLAN'
        undercoat black light bone
        role leader
        loose shield grey
        area coat broad-folds main cloth touches belt
          basecoat navy 2:1 x2
          wash umber-wash 1:2
          highlight sky edges optional
          freehand snow patch
          variant teal for leader
          basecoat green x2
        area belt hard-edged-panel small leather under coat
          basecoat leather x2
          lining dark-brown borders coat
        area plate smooth-panel medium metal part shield
          basecoat steel
          coloured-light orange side left
          glue-part part shield
        area gem tiny-detail speck glass only leader behind coat
          gem red
        whole
          matt-coat matt
        order coat-1 belt-1 plate-1 coat-2
        stop lunch coat-2
        silence coats-to-cover
        PLAN;

    protected function said(): iterable
    {
        $document = PlanSketch::document(str_replace("\n        silence coats-to-cover", "\n        silence coats-to-cover", self::SKETCH));
        $read = PlanDocument::ofFile($document);
        $plan = $read->plan($paints = DocumentPaints::of($read->fields));
        yield 'plan' => self::written($plan);
        foreach (self::edits($document) as $at => $edit) {
            yield "edit $at: $edit[do]" => Told::answer(static function () use ($edit, $paints, $plan): array {
                $changed = EditReader::read($edit, $paints)->applyTo($plan);

                return [self::changed($plan, $changed), array_map(static fn(Step $one): string => $one->id, $changed->steps())];
            }, 6);
        }
        foreach ([$plan, ...iterator_to_array(self::plans(2, 10, 3300), false)] as $number => $one) {
            yield "about plan $number" => [
                Told::of($one->model, 1), array_map(static fn(Paint $paint): string => $paint->name, $one->paints()),
                array_map(static fn(Area $area): array => [
                    $area->name, Told::answer(static fn(): mixed => $area->shareOf($one->model)),
                    array_map(static fn(Area $other): bool => Neighbours::of($one)->areTouching($area, $other), $one->areas),
                ], $one->areas),
                array_map(static fn(Step $step): array => [$step->id, Told::of(self::about($step), 2)], array_slice($one->steps(), 0, 8)),
            ];
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
        foreach ([0, 4, 5, 32, 500, 501, -1, 1001] as $height) {
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
        return [$step->technique->id, Told::of($step->more, 2)];
    }

    /** @return array<mixed> what a plan says, without its paints */
    private static function written(Plan $plan): array
    {
        return array_diff_key(PlanWriter::write($plan), ['paints' => true]);
    }

    /**
     * @return array<mixed> what says something else, by place
     */
    private static function changed(Plan $plan, Plan $changed): array
    {
        [$before, $after] = [self::flat(self::written($plan)), self::flat(self::written($changed))];

        return [array_diff_assoc($after, $before), array_keys(array_diff_key($before, $after))];
    }

    /**
     * @param array<mixed> $fields
     *
     * @return array<string, string>
     */
    private static function flat(array $fields, string $place = ''): array
    {
        $flat = [];
        foreach ($fields as $key => $one) {
            $at = $place.(is_array($one) && isset($one['id']) ? $one['id'] : $key);
            is_array($one) && $one !== [] ? $flat += self::flat($one, "$at/") : $flat[$at] = (string) json_encode($one);
        }

        return $flat;
    }

    /**
     * @param array<string, mixed> $document
     *
     * @return list<array<string, mixed>>
     */
    private static function edits(array $document): array
    {
        $step = $document['areas'][1]['steps'][0];

        return [
            ['do' => 'add-area', 'id' => 'hat', 'name' => 'Leather hat'], ['do' => 'add-area', 'id' => 'coat', 'name' => 'Again'],
            ['do' => 'add-area', 'id' => 'x', 'name' => ''],
            ['do' => 'add-step', 'id' => 'n', 'area' => 'coat'], ['do' => 'add-step', 'id' => 'n', 'area' => 'gem'],
            ['do' => 'add-step', 'id' => 'coat-1', 'area' => 'belt'], ['do' => 'add-step', 'id' => 'n', 'area' => 'none'],
            ['do' => 'add-whole-step', 'id' => 'n', 'technique' => 'gloss-coat'], ['do' => 'add-whole-step', 'id' => 'n', 'technique' => 'nothing'],
            ['do' => 'paint-step', 'step' => 'coat-1', 'mix' => [['paint' => 'red', 'parts' => 2], ['paint' => 'navy', 'parts' => 1]]],
            ['do' => 'paint-step', 'step' => 'coat-1', 'mix' => []],
            ['do' => 'paint-step', 'step' => 'coat-1', 'mix' => [['paint' => 'gone', 'parts' => 1]]],
            ['do' => 'paint-step', 'step' => 'coat-2', 'mix' => [['paint' => 'matt', 'parts' => 1]]],
            ['do' => 'swap-technique', 'step' => 'coat-2', 'technique' => 'glaze'],
            ['do' => 'swap-technique', 'step' => 'coat-1', 'technique' => 'matt-coat'],
            ['do' => 'swap-technique', 'step' => 'belt-2', 'technique' => 'drybrush'],
            ['do' => 'remove-step', 'step' => 'coat-2'], ['do' => 'remove-step', 'step' => 'coat-1'],
            ['do' => 'remove-step', 'step' => 'whole-1'], ['do' => 'remove-step', 'step' => 'none'],
            ['do' => 'duplicate-step', 'step' => 'coat-2', 'id' => 'd'], ['do' => 'duplicate-step', 'step' => 'whole-1', 'id' => 'd'],
            ['do' => 'duplicate-step', 'step' => 'coat-2', 'id' => 'coat-1'],
            ['do' => 'remove-area', 'area' => 'coat'], ['do' => 'remove-area', 'area' => 'belt'], ['do' => 'remove-area', 'area' => 'none'],
            ['do' => 'repaint-area', 'area' => 'belt', 'steps' => [['id' => 'r', ...array_diff_key($step, ['id' => 1])]], 'aim' => '#123456'],
            ['do' => 'repaint-area', 'area' => 'belt', 'steps' => []],
            ['do' => 'put-steps', 'area' => 'coat', 'steps' => [$step], 'id' => 'p'],
            ['do' => 'put-steps', 'area' => 'coat', 'steps' => [$step], 'id' => 'p', 'after' => 'coat-1'],
            ['do' => 'put-steps', 'area' => 'coat', 'steps' => [$step], 'id' => 'p', 'after' => null],
            ['do' => 'put-steps', 'area' => 'coat', 'steps' => [$step], 'id' => 'p', 'instead' => true],
            ['do' => 'duplicate-area', 'area' => 'coat', 'id' => 'c'], ['do' => 'duplicate-area', 'area' => 'plate', 'id' => 'c'],
            ['do' => 'move-area', 'area' => 'gem', 'before' => 'coat'], ['do' => 'move-area', 'area' => 'coat', 'before' => null],
            ['do' => 'move-area', 'area' => 'coat', 'before' => 'coat'], ['do' => 'move-area', 'area' => 'none', 'before' => 'coat'],
            ['do' => 'move-step', 'step' => 'coat-3', 'other' => 'coat-1', 'before' => true],
            ['do' => 'move-step', 'step' => 'coat-1', 'other' => 'belt-1', 'before' => true],
            ['do' => 'move-step', 'step' => 'coat-1', 'other' => 'coat-3', 'before' => false],
            ['do' => 'run-step', 'step' => 'coat-3', 'before' => 'belt-1'], ['do' => 'run-step', 'step' => 'belt-1', 'before' => null],
            ['do' => 'lock-step', 'step' => 'coat-1'], ['do' => 'lock-step', 'step' => 'coat-1', 'locked' => false],
            ['do' => 'unsilence', 'rule' => 'coats-to-cover'],
            ['do' => 'take-recipe', 'area' => 'belt', 'recipe' => 'r', 'id' => 't', 'steps' => [$step]],
            ['do' => 'add-part', 'id' => 'arm', 'name' => 'Arm'], ['do' => 'remove-part', 'part' => 'shield'],
            ['do' => 'remove-part', 'part' => 'none'],
            ['do' => 'add-role', 'id' => 'rank', 'name' => 'Rank'], ['do' => 'add-role', 'id' => 'leader', 'name' => 'Again'],
            ['do' => 'remove-role', 'role' => 'leader'], ['do' => 'remove-role', 'role' => 'none'],
            ['do' => 'add-variant', 'area' => 'belt', 'id' => 'v', 'name' => 'Dark'],
            ['do' => 'add-variant', 'area' => 'belt', 'id' => 'v', 'name' => 'Dark', 'steps' => [$step]],
            ['do' => 'promote-variant', 'area' => 'coat', 'variant' => 'teal', 'id' => 'was'],
            ['do' => 'promote-variant', 'area' => 'coat', 'variant' => 'none', 'id' => 'was'],
            ['do' => 'remove-variant', 'area' => 'coat', 'variant' => 'teal'],
            ['do' => 'add-way', 'name' => 'Slow', 'areas' => ['coat', 'belt'], 'id' => 'w'],
            ['do' => 'promote-way', 'name' => 'teal', 'id' => 'w'], ['do' => 'cut-loose', 'area' => 'coat'],
            ['do' => 'ground-way', 'name' => 'teal', 'undercoat' => ['base' => 'grey']],
            ['do' => 'ground-way', 'name' => 'teal', 'undercoat' => null],
            ['do' => 'ground-way', 'name' => 'none', 'undercoat' => null],
            ['do' => 'set-stop', 'name' => 'tea', 'after' => 'belt-1'], ['do' => 'set-stop', 'name' => 'lunch', 'after' => null],
            ['do' => 'silence', 'rule' => 'lining-late', 'area' => 'belt', 'step' => null, 'note' => 'so'],
            ['do' => 'silence', 'rule' => 'coats-to-cover', 'note' => 'again'],
            [
                'do' => 'measure-areas',
                'areas' => [['area' => 'belt', 'size' => 'large', 'cm2' => 2.5, 'touches' => ['coat', 'belt', 'none'], 'facing' => 'up']],
            ],
            ['do' => 'run', 'style' => 'area-by-area'], ['do' => 'nothing'],
        ];
    }
}
