<?php

declare(strict_types=1);

namespace Tests\Core\Planning;

use Kalokroma\Colour\Lab;
use Kalokroma\Craft\BodyType;
use Kalokroma\Craft\FinishLevel;
use Kalokroma\Craft\Technique;
use Kalokroma\Craft\Texture;
use Kalokroma\Exchange\DocumentPaints;
use Kalokroma\Exchange\PlanDocument;
use Kalokroma\Paint\Kind;
use Kalokroma\Paint\Paint;
use Kalokroma\Planning\Order;
use Kalokroma\Planning\Rehearsal;
use Kalokroma\Recipe\Area;
use Kalokroma\Recipe\Edit\ChangeArea;
use Kalokroma\Recipe\Edit\Edit;
use Kalokroma\Recipe\Edit\InsertStep;
use Kalokroma\Recipe\Edit\MoveStep;
use Kalokroma\Recipe\Edit\RemoveStep;
use Kalokroma\Recipe\Edit\SwapPaint;
use Kalokroma\Recipe\ModelKind;
use Kalokroma\Recipe\Plan;
use Kalokroma\Recipe\Step;
use Kalokroma\Simulation\Look;
use Kalokroma\Simulation\Stage;
use Kalokroma\Simulation\Strip;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;
use Random\Engine\Mt19937;
use Random\Randomizer;
use Tests\Core\PlanSketch;
use Tests\Core\WildPlans;

/** A plan gone through again after a change. */
final class RehearsalTest extends TestCase
{
    /** @return iterable<string, array{int}> */
    public static function seeds(): iterable
    {
        for ($seed = 1; $seed <= 30; $seed++) {
            yield "plan $seed" => [$seed];
        }
    }

    /** Whatever is taken over from before: it looks as if nothing had been. */
    #[DataProvider('seeds')]
    public function testAChangedPlanLooksAsItDoesGoneThroughAfresh(int $seed): void
    {
        $document = WildPlans::document($seed);
        $plan = PlanDocument::ofFile($document)->plan(DocumentPaints::of($document));
        $before = Rehearsal::of($plan);
        array_map($before->strip(...), $plan->areas);
        foreach (self::edits($plan, new Randomizer(new Mt19937($seed))) as $edit) {
            $changed = $edit->applyTo($plan);
            $after = $before->ofChanged($changed);
            foreach ($changed->areas as $area) {
                $afresh = Rehearsal::of($changed);
                self::assertSame(self::hexes($afresh->final($area)), self::hexes($after->final($area)), $area->name);
                self::assertSame(self::told($afresh->strip($area)), self::told($after->strip($area)), $area->name);
            }
        }
    }

    public function testWhatTheChangeDoesNotTouchIsNotGoneThroughAgain(): void
    {
        $plan = PlanSketch::plan(<<<'PLAN'
            undercoat black light bone
            area coat broad-folds main cloth
              basecoat navy x2
              highlight sky
            area boots hard-edged-panel small leather
              basecoat leather x2
            whole
              matt-coat matt
            PLAN);
        $before = Rehearsal::of($plan);
        [$coat, $boots] = array_map($before->strip(...), $plan->areas);
        $changed = (new RemoveStep('coat-2'))->applyTo($plan);
        $after = $before->ofChanged($changed);

        self::assertNotSame($coat, $after->strip($changed->areas[0]));
        self::assertSame($boots, $after->strip($changed->areas[1]));
        // What is done to the whole model is done to both.
        $dull = (new RemoveStep('whole-1'))->applyTo($plan);
        self::assertNotSame($boots, $before->ofChanged($dull)->strip($dull->areas[1]));
    }

    /** The very same steps leave something else on another relief, and of a finer finish more coats are asked. */
    public function testTheSameStepsOnSomethingElseAreGoneThroughAgain(): void
    {
        $plan = PlanSketch::plan("undercoat black\narea rock rubble small stone\n basecoat navy x2\n drybrush sky\nwhole\n rim black");
        $before = Rehearsal::of($plan);
        $rock = $plan->areas[0];
        $strip = $before->strip($rock);
        $with = static fn(Texture $texture, bool $ground): Area => Area::of(
            'rock',
            'Rock',
            $texture,
            $rock->size,
            $rock->importance,
            steps: $rock->steps,
            material: $rock->material,
            ground: $ground,
        );
        $told = [[$rock->texture, false, true], [Texture::SmoothPanel, false, false], [$rock->texture, true, false]];
        foreach ($told as [$texture, $ground, $isSame]) {
            $changed = (new ChangeArea($with($texture, $ground)))->applyTo($plan);
            $after = $before->ofChanged($changed)->strip($changed->areas[0]);
            self::assertSame(self::told(Rehearsal::of($changed)->strip($changed->areas[0])), self::told($after));
            self::assertSame($isSame, $strip === $after);
        }
        $model = ModelKind::of('Rock', BodyType::OnFoot, 32, FinishLevel::Display);
        $finer = Plan::of($plan->name, $model, $plan->undercoat, $plan->areas, wholeModel: $plan->wholeModel);
        self::assertSame(self::told(Rehearsal::of($finer)->strip($rock)), self::told($before->ofChanged($finer)->strip($rock)));
        self::assertNotSame($strip, $before->ofChanged($finer)->strip($rock));
    }

    /** @return list<Edit> of all kinds that change what one sees or the order in which it is painted */
    private static function edits(Plan $plan, Randomizer $dice): array
    {
        $steps = array_values(array_filter($plan->steps(), static fn(Step $one): bool => ! $plan->isOfUndercoat($one->id)));
        if (count($steps) < 2) {
            return [];
        }
        [$one, $other] = array_map(static fn(int $at): Step => $steps[$at], $dice->shuffleArray($dice->pickArrayKeys($steps, 2)));
        $ids = Order::of($plan)->stepIds();
        $paints = array_values(array_filter($plan->paints(), static fn(Paint $paint): bool => $paint->kind === Kind::Opaque));
        $area = $plan->areas[$dice->getInt(0, count($plan->areas) - 1)];

        return [
            new RemoveStep($one->id),
            new MoveStep($one->id, $other->id, true, $ids),
            new InsertStep(Step::usual('new', Technique::of('basecoat')), $area->id, $other->id, false, $ids),
            ...(count($paints) > 1 ? [new SwapPaint($paints[0], $paints[1])] : []),
        ];
    }

    /** @return list<array{string, string, float, int|null}> what each stage leaves */
    private static function told(Strip $strip): array
    {
        return array_map(
            static fn(Stage $stage): array => [$stage->application->id, self::hexes($stage->look), $stage->change, $stage->forecast?->needed],
            $strip->stages,
        );
    }

    private static function hexes(Look $look): string
    {
        return implode(' ', array_map(static fn(Lab $one): string => $one->toSrgb()->hex(), [...array_values($look->colours), $look->mean()]));
    }
}
