<?php

declare(strict_types=1);

namespace Kalokroma\Review\Rules;

use Kalokroma\Craft\Takes;
use Kalokroma\Craft\Technique;
use Kalokroma\Planning\Customs\MessyBeforeNeat;
use Kalokroma\Planning\Pass;
use Kalokroma\Planning\Precedence;
use Kalokroma\Recipe\Area;
use Kalokroma\Recipe\Edit\InsertStep;
use Kalokroma\Recipe\Edit\Several;
use Kalokroma\Recipe\Step;
use Kalokroma\Review\Finding;
use Kalokroma\Review\Mend;
use Kalokroma\Review\OrderRule;
use Kalokroma\Review\Scene;
use Kalokroma\Review\Severity;

/** Dust, splashes and overspray land on what is beside them. */
final class MessyAfterNeat extends OrderRule
{
    protected function findings(Scene $scene, array $broken): iterable
    {
        $broken = array_values(array_filter(
            $broken,
            static fn(Precedence $one): bool => $one->then->area !== null
                && ! $scene->isMaskedDuring($one->then->area, $scene->order()->pass($one->first->id()) ?? $scene->order()->passes[0]),
        ));
        $area = $broken[0]->first->area ?? null;
        if ($broken === [] || $area === null) {
            return [];
        }
        $from = min(array_map(static fn(Precedence $one): int => self::number($scene, $one->then), $broken));
        // One mess after the other is one mistake, and mended at once.
        $messes = array_values(array_filter(
            $scene->own($area),
            static fn(Pass $one): bool => $one->number > $from && MessyBeforeNeat::isMess($scene->plan, $area, $one->step),
        ));
        $spoiled = array_values(array_filter(array_map(static fn(Precedence $one): ?Area => $one->then->area, $broken)));

        return $messes === [] || $spoiled === [] ? [] : [$this->finding($scene, $area, $messes, $spoiled, $broken)];
    }

    /**
     * @param non-empty-list<Pass> $messes
     * @param non-empty-list<Area> $spoiled
     * @param non-empty-list<Precedence> $broken
     */
    private function finding(Scene $scene, Area $area, array $messes, array $spoiled, array $broken): Finding
    {
        [$pass, $last] = [$messes[0], $messes[count($messes) - 1]];
        $names = implode(', ', array_column($spoiled, 'name'));

        return $this->found(
            Severity::CostsTime,
            $area->id,
            $pass->step->id,
            "This makes a mess of $names.",
            sprintf(
                '%s on %s (step %d) dusts, splashes or sprays, and %s beside it %s had neat work by then.',
                $pass->step->technique->label,
                $area->name,
                $pass->number,
                $names,
                count($spoiled) === 1 ? 'has' : 'have',
            ),
            'The messy school does it at any time and cuts the neighbours back in afterwards.',
            array_filter([
                $this->before(
                    $scene,
                    sprintf('The %s before %s', mb_strtolower($last->step->technique->label), $names),
                    self::soonest($scene, $broken),
                ),
                $this->masked($scene, $pass, $last, $spoiled, $names),
                $this->cleaned($scene, $last, $spoiled, $names),
            ]),
        );
    }

    /** @param non-empty-list<Precedence> $broken */
    private static function soonest(Scene $scene, array $broken): Precedence
    {
        usort(
            $broken,
            static fn(Precedence $one, Precedence $other): int => self::number($scene, $one->then) <=> self::number($scene, $other->then),
        );

        return $broken[0];
    }

    /** @param non-empty-list<Area> $spoiled */
    private function masked(Scene $scene, Pass $first, Pass $last, array $spoiled, string $names): Mend
    {
        $order = $scene->order()->stepIds();
        $edits = [];
        foreach ($spoiled as $beside) {
            foreach (['mask' => $first, 'unmask' => $last] as $technique => $mess) {
                $isBefore = $technique === 'mask';
                $step = Step::usual($scene->plan->freeStepId("{$beside->id}-$technique"), Technique::of($technique));
                $edits[] = new InsertStep($step, $beside->id, $mess->step->id, $isBefore, $order);
                array_splice($order, (int) array_search($mess->step->id, $order, true) + ($isBefore ? 0 : 1), 0, [$step->id]);
            }
        }

        return new Mend("Mask $names", new Several($edits));
    }

    /** @param non-empty-list<Area> $spoiled */
    private function cleaned(Scene $scene, Pass $mess, array $spoiled, string $names): ?Mend
    {
        $order = $scene->order()->stepIds();
        $edits = [];
        foreach ($spoiled as $beside) {
            $painted = array_reverse($scene->own($beside));
            $paint = array_find(
                $painted,
                static fn(Pass $one): bool => $one->step->technique->takes === Takes::Colour && $one->step->mix !== null,
            );
            if ($paint === null) {
                return null;
            }
            $clean = Step::usual($scene->plan->freeStepId($painted[0]->step->id), Technique::of('clean-up'), mix: $paint->step->mix);
            $edits[] = new InsertStep($clean, $beside->id, $mess->step->id, false, $order);
            array_splice($order, (int) array_search($mess->step->id, $order, true) + 1, 0, [$clean->id]);
        }

        return new Mend("Clean $names up afterwards", new Several($edits));
    }
}
