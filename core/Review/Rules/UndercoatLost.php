<?php

declare(strict_types=1);

namespace Kalokroma\Review\Rules;

use Kalokroma\Colour\Ciede2000;
use Kalokroma\Colour\Lab;
use Kalokroma\Craft\Nature;
use Kalokroma\Craft\Technique;
use Kalokroma\Craft\Zone;
use Kalokroma\Mixing\Mix;
use Kalokroma\Paint\Paint;
use Kalokroma\Planning\Pass;
use Kalokroma\Recipe\Area;
use Kalokroma\Recipe\Edit\CoveringStep;
use Kalokroma\Recipe\Edit\InsertStep;
use Kalokroma\Recipe\Edit\SetGround;
use Kalokroma\Recipe\Step;
use Kalokroma\Recipe\Undercoat;
use Kalokroma\Review\AtHand;
use Kalokroma\Review\Finding;
use Kalokroma\Review\Mend;
use Kalokroma\Review\Rule;
use Kalokroma\Review\Scene;
use Kalokroma\Review\Severity;

/** What was to be an area's base stood on the undercoat, and the undercoat is another now. */
final class UndercoatLost extends Rule
{
    /** ΔE₀₀ by which the face ends elsewhere. */
    private const MOVED = 8.0;

    public function check(Scene $scene): iterable
    {
        foreach ($scene->plan->areas as $area) {
            $own = $scene->own($area);
            $isBased = array_any(
                $own,
                static fn(Pass $one): bool => $one->step->technique->does(Nature::Covers) && ! $one->step->place->isFeathered(),
            );
            if ($area->aim === null || $own === [] || $isBased || $area->open || $scene->plan->undercoatOf($area)->base === null) {
                continue;
            }
            $off = Ciede2000::between($area->aim, $scene->final($area, Zone::Face));
            $meant = $off < self::MOVED
                ? null
                : (new AtHand($scene->atHand()->undercoats()))->nearest(
                    $area->aim,
                    static fn(Paint $one): bool => $one->id !== $scene->plan->undercoatOf($area)->base->id,
                );
            $then = $meant === null
                ? INF
                : Ciede2000::between($area->aim, $scene->rehearsal->finalOver($area, Undercoat::plain($meant))->at(Zone::Face));
            if ($meant !== null && $off - $then >= self::MOVED) {
                yield $this->finding($scene, $area, $own[0], $meant, $area->aim, $off, $then);
            }
        }
    }

    private function finding(Scene $scene, Area $area, Pass $first, Paint $meant, Lab $aim, float $off, float $then): Finding
    {
        $mends = $scene->plan->isPrimedByItself($area) ? [] : [new Mend("Undercoat {$meant->name}", new SetGround(Undercoat::plain($meant)))];
        $base = $scene->atHand()->nearest($aim, AtHand::covers(...));
        if ($base !== null) {
            $step = Step::usual($scene->plan->freeStepId("{$area->id}-base"), Technique::of('basecoat'), null, Mix::single($base));
            $mends[] = new Mend(
                "Base it in {$base->name}",
                new CoveringStep(new InsertStep($step, $area->id, $first->step->id, true, $scene->order()->stepIds()), $step->id),
            );
        }

        return $this->found(
            Severity::Taste,
            $area->id,
            null,
            "{$area->name} was to stand on another undercoat.",
            sprintf(
                'Nothing bases it, and over %s its face ends far from what it shall be (%.0f off); over %s it comes nearer (%.0f).',
                $scene->plan->undercoat->words(),
                $off,
                $meant->name,
                $then,
            ),
            'Who likes the new undercoat bases that area by itself.',
            $mends,
        );
    }
}
