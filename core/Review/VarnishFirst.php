<?php

declare(strict_types=1);

namespace Kalokroma\Review;

use Kalokroma\Craft\Nature;
use Kalokroma\Craft\Technique;
use Kalokroma\Mixing\Mix;
use Kalokroma\Paint\Finish;
use Kalokroma\Planning\Pass;
use Kalokroma\Recipe\Edit\Edit;
use Kalokroma\Recipe\Edit\InsertStep;
use Kalokroma\Recipe\Step;

/** A coat of varnish over the whole model, or over the area alone, before a pass. */
final class VarnishFirst
{
    /**
     * @return list<Mend> a gloss on that area alone, where only one is meant; over all of it a gloss, and a satin where that takes no shine
     *     away
     */
    public static function mends(Scene $scene, Pass $pass): array
    {
        if ($pass->area !== null) {
            return [new Mend("A gloss over {$pass->area->name} first", self::before($scene, $pass, 'gloss-spot'))];
        }
        $shines = array_any(
            $scene->order()->passes,
            static fn(Pass $one): bool => $one->number < $pass->number
                && ($one->step->isMeantToShine() || $one->step->technique->does(Nature::Eyes, Nature::Shines)),
        );

        return [
            new Mend('A gloss coat first', self::before($scene, $pass, 'gloss-coat')),
            ...($shines ? [] : [new Mend('A satin coat first', self::before($scene, $pass, 'satin-coat'))]),
        ];
    }

    /** @param string $coat id of the technique */
    private static function before(Scene $scene, Pass $pass, string $coat): Edit
    {
        $technique = Technique::of($coat);
        $pot = $scene->atHand()->varnish($technique->leaves ?? Finish::Satin);
        $step = Step::usual(
            $scene->plan->freeStepId(($pass->area === null ? 'whole' : $pass->step->id)."-$coat"),
            $technique,
            mix: $pot === null ? null : Mix::single($pot),
        );

        return new InsertStep($step, $pass->area?->id, $pass->step->id, true, $scene->order()->stepIds());
    }
}
