<?php

declare(strict_types=1);

namespace Kalokroma\Review;

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
    /** @param string $coat id of the technique */
    public static function before(Scene $scene, Pass $pass, string $coat): Edit
    {
        $technique = Technique::of($coat);
        $pot = $scene->atHand()->varnish($technique->leaves ?? Finish::Satin);
        $step = Step::usual($scene->plan->freeStepId("whole-$coat"), $technique, mix: $pot === null ? null : Mix::single($pot));

        return new InsertStep($step, null, $pass->step->id, true, $scene->order()->stepIds());
    }
}
