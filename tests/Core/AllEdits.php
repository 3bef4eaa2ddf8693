<?php

declare(strict_types=1);

namespace Tests\Core;

use Kalokroma\Exchange\DocumentChange;
use Kalokroma\Exchange\DocumentPaints;
use Kalokroma\Exchange\EditReader;
use Kalokroma\Exchange\Faulty;
use Kalokroma\Exchange\PlanWriter;
use Kalokroma\Matching\Shelf;
use Kalokroma\Recipe\Plan;

/** Every edit that a plan can undergo, as it is sent, and edits that cannot be. */
final class AllEdits
{
    private const PLAN = <<<'PLAN'
        undercoat black light bone
        loose shield grey
        loose arm
        role leader
        role rank
        area coat broad-folds main cloth touches belt
          basecoat navy 2:1 x2
          wash umber-wash 1:2 all
          highlight sky edges optional
          freehand snow patch
          variant teal for leader
          basecoat green x2
          layer lime
        area belt hard-edged-panel small leather under coat touches coat
          basecoat leather x2
          lining dark-brown borders coat
        area face skin small skin touches coat under coat
          basecoat skin-pale x1
        area plume fur-or-feather small hair only leader behind coat
          basecoat red x2
        area plate smooth-panel medium metal part shield
          basecoat steel
          coloured-light orange side left
          glue-part part shield
        area bare rubble small stone
        whole
          decal setting
          matt-coat matt
        order coat-1 belt-1 plate-1 coat-2
        locked coat-1
        stop rest coat-2
        silence coats-to-cover
        PLAN;

    private const STEP = ['id' => 'put', 'technique' => 'layer', 'mix' => [['paint' => 'blue', 'parts' => 1]]];

    /** @return iterable<string, array<string, mixed>> as they are sent */
    public static function sent(): iterable
    {
        $step = self::STEP;
        $wash = ['technique' => 'wash', 'mix' => [['paint' => 'blue-wash', 'parts' => 1]], 'id' => 'washed'];
        $colours = ['mix' => [['paint' => 'red', 'parts' => 2], ['paint' => 'orange', 'parts' => 1]]];
        $all = [
            'add-area' => [['id' => 'hat', 'name' => 'Leather hat'], ['id' => 'coat', 'name' => 'Again'], ['id' => 'x', 'name' => ''], []],
            'add-step' => [
                ['id' => 'n', 'area' => 'coat'],
                ['id' => 'n', 'area' => 'bare'],
                ['id' => 'coat-1', 'area' => 'belt'],
                ['id' => 'n', 'area' => 'none'],
            ],
            'add-whole-step' => [
                ['id' => 'n', 'technique' => 'gloss-coat'],
                ['id' => 'n', 'technique' => 'none'],
                ['id' => 'coat-1', 'technique' => 'wash'],
            ],
            'put-steps' => [
                ['area' => 'belt', 'steps' => [$step, $wash], 'id' => 'p'],
                ['area' => 'belt', 'steps' => [$step], 'id' => 'p', 'after' => 'belt-1'],
                ['area' => 'belt', 'steps' => [$step], 'id' => 'p', 'instead' => true], ['area' => 'none', 'steps' => [$step], 'id' => 'p'],
                ['area' => 'belt', 'steps' => [], 'id' => 'p'], ['area' => 'belt', 'steps' => [$step], 'id' => 'p', 'after' => 'coat-1'],
            ],
            'remove-step' => [['step' => 'coat-2'], ['step' => 'whole-1'], ['step' => 'undercoat'], ['step' => 'teal-1']],
            'remove-area' => [['area' => 'coat'], ['area' => 'belt'], ['area' => 'none']],
            'repaint-area' => [
                ['area' => 'belt', 'steps' => [$step], 'aim' => '#335577', 'wish' => ['colour' => '#335577', 'words' => 'warm']],
                ['area' => 'belt', 'steps' => []], ['area' => 'belt', 'steps' => [$step], 'aim' => 'blue'],
            ],
            'take-recipe' => [
                ['area' => 'belt', 'recipe' => 'r', 'steps' => [$step, $wash], 'id' => 't'],
                ['area' => 'none', 'recipe' => 'r', 'steps' => [$step], 'id' => 't'],
            ],
            'cut-loose' => [['area' => 'coat'], ['area' => 'none']],
            'measure-areas' => [
                ['areas' => [['area' => 'coat', 'size' => 'small', 'texture' => 'close-folds', 'touches' => ['face']],
                    ['area' => 'belt', 'cm2' => 3.5]]],
                ['areas' => [['area' => 'face', 'touches' => ['belt', 'none']]]], ['areas' => [['area' => 'coat', 'size' => 'huge']]],
                ['areas' => [['area' => 'face', 'texture' => 'broad-folds', 'size' => 'speck', 'cm2' => 2.0, 'facing' => 'up']]], ['areas' => []],
            ],
            'add-variant' => [
                ['area' => 'belt', 'id' => 'v', 'name' => 'Dark', 'steps' => [$step]], ['area' => 'belt', 'id' => 'v', 'name' => 'Dark'],
                ['area' => 'coat', 'id' => 'teal', 'name' => 'Again'], ['area' => 'belt', 'id' => 'v', 'name' => ''],
            ],
            'promote-variant' => [['area' => 'coat', 'variant' => 'teal', 'id' => 'was'], ['area' => 'coat', 'variant' => 'none', 'id' => 'was']],
            'add-way' => [
                ['name' => 'Slow', 'areas' => ['coat', 'belt'], 'id' => 'w'], ['name' => '', 'areas' => ['coat'], 'id' => 'w'],
                ['name' => 'Slow', 'areas' => ['none'], 'id' => 'w'], ['name' => 'Slow', 'areas' => [], 'id' => 'w'],
            ],
            'promote-way' => [['name' => 'teal', 'id' => 'w'], ['name' => 'Teal', 'id' => 'w'], ['name' => 'none', 'id' => 'w']],
            'ground-way' => [
                ['name' => 'teal', 'undercoat' => ['base' => 'white']], ['name' => 'Teal', 'undercoat' => ['base' => 'navy']], ['name' => 'Teal'],
                ['name' => 'Teal', 'undercoat' => ['base' => 'white', 'light' => 'bone']],
            ],
            'remove-variant' => [['area' => 'coat', 'variant' => 'teal'], ['area' => 'coat', 'variant' => 'none']],
            'duplicate-area' => [['area' => 'coat', 'id' => 'cape'], ['area' => 'plume', 'id' => 'belt']],
            'move-area' => [['area' => 'face', 'before' => 'coat'], ['area' => 'coat'], ['area' => 'coat', 'before' => 'coat'], ['area' => 'none']],
            'duplicate-step' => [
                ['step' => 'coat-1', 'id' => 'again'],
                ['step' => 'whole-2', 'id' => 'again'],
                ['step' => 'coat-1', 'id' => 'coat-2'],
            ],
            'add-part' => [['id' => 'leg', 'name' => ' Leg '], ['id' => 'arm', 'name' => 'Arm']],
            'add-role' => [['id' => 'king', 'name' => ' King '], ['id' => 'rank', 'name' => 'Rank'], ['id' => 'k', 'name' => 'Rank']],
            'remove-role' => [['role' => 'leader'], ['role' => 'rank'], ['role' => 'none']],
            'remove-part' => [['part' => 'shield'], ['part' => 'arm'], ['part' => 'none']],
            'paint-step' => [
                ['step' => 'belt-1'] + $colours,
                ['step' => 'belt-1', 'mix' => []],
                ['step' => 'none'] + $colours,
                ['step' => 'belt-2'] + $colours,
            ],
            'swap-technique' => [
                ['step' => 'coat-3', 'technique' => 'drybrush'],
                ['step' => 'coat-2', 'technique' => 'matt-coat'],
                ['step' => 'x', 'technique' => 'wash'],
            ],
            'run-step' => [
                ['step' => 'belt-1', 'before' => 'coat-1'],
                ['step' => 'coat-1'],
                ['step' => 'whole-2', 'before' => 'coat-1'],
                ['step' => 'none'],
            ],
            'move-step' => [
                ['step' => 'coat-2', 'other' => 'coat-1'],
                ['step' => 'coat-1', 'other' => 'coat-3', 'before' => false],
                ['step' => 'coat-1', 'other' => 'belt-1'],
            ],
            'lock-step' => [['step' => 'belt-1'], ['step' => 'belt-1', 'locked' => false], ['step' => 'none']],
            'free-order' => [[]],
            'set-stop' => [
                ['name' => 'tea', 'after' => 'belt-1'],
                ['name' => 'rest'],
                ['name' => 'rest', 'after' => 'belt-2'],
                ['name' => 'tea', 'after' => 'none'],
            ],
            'mend' => [
                ['rule' => 'coats-to-cover', 'area' => 'face', 'step' => 'face-1', 'mend' => 1], ['rule' => 'none', 'mend' => 1],
                ['rule' => 'coats-to-cover', 'area' => 'face', 'step' => 'face-1', 'mend' => 99],
                ['rule' => 'none', 'mend' => 1, 'models' => 5, 'with' => [['rule' => 'none', 'mend' => 2]]],
                ['rule' => 'x', 'mend' => 0, 'models' => 0],
            ],
            'silence' => [
                ['rule' => 'neighbours-alike', 'area' => 'coat', 'note' => 'I like it'],
                ['rule' => 'coats-to-cover', 'step' => 'belt-1'],
                ['rule' => ''],
            ],
            'unsilence' => [['rule' => 'coats-to-cover'], ['rule' => 'neighbours-alike', 'area' => 'coat']],
            'nothing' => [[]],
            '' => [[]],
        ];
        foreach ($all as $do => $each) {
            foreach ($each as $at => $fields) {
                yield "$do $at" => ['do' => $do] + $fields;
            }
        }
    }

    public static function plan(): Plan
    {
        return PlanSketch::plan(self::PLAN);
    }

    /** @return iterable<string, mixed> what each makes of the plan, or why it does not */
    public static function made(): iterable
    {
        $paints = DocumentPaints::of(PlanSketch::document(self::PLAN));
        $plan = self::plan();
        $written = PlanWriter::write($plan);
        $shelf = Shelf::of($plan->paints());
        foreach (self::sent() as $name => $fields) {
            try {
                $after = PlanWriter::write(EditReader::read($fields, $paints, shelf: $shelf)->applyTo($plan));
                yield "edit $name" => [DocumentChange::words($written, $after), self::different($written, $after)];
            } catch (Faulty $faulty) {
                yield "edit $name" => array_map(static fn($one): string => "$one->field $one->message", $faulty->faults);
            } catch (\Throwable $thrown) {
                yield "edit $name" => $thrown->getMessage();
            }
        }
    }

    /**
     * @param array<mixed> $before
     * @param array<mixed> $after
     *
     * @return array<mixed> what is otherwise, at its place; null where it is gone
     */
    private static function different(array $before, array $after): array
    {
        $different = [];
        foreach (array_unique([...array_keys($before), ...array_keys($after)]) as $key) {
            [$was, $is] = [$before[$key] ?? null, $after[$key] ?? null];
            if ($was !== $is) {
                $different[$key] = is_array($was) && is_array($is) ? self::different($was, $is) : $is;
            }
        }

        return $different;
    }
}
