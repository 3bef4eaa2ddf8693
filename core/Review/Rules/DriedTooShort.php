<?php

declare(strict_types=1);

namespace Kalokroma\Review\Rules;

use Kalokroma\Planning\DryTimes;
use Kalokroma\Planning\Pass;
use Kalokroma\Recipe\Edit\ChangeStep;
use Kalokroma\Recipe\Edit\SetGround;
use Kalokroma\Review\Mend;
use Kalokroma\Review\Rule;
use Kalokroma\Review\Scene;
use Kalokroma\Review\Severity;
use Kalokroma\Review\Span;

/** What comes next needs what is below to be dry, cured, or ready to be wiped. */
final class DriedTooShort extends Rule
{
    public function check(Scene $scene): iterable
    {
        foreach ($scene->order()->passes as $pass) {
            $wait = $pass->step->more->waitMinutes;
            $hurried = $wait === null ? null : $this->hurried($scene, $pass, $wait);
            if ($wait !== null && $hurried !== null) {
                $needed = DryTimes::between($pass->step, $hurried->step);
                $isRisk = $wait >= DryTimes::quickest($pass->step, $hurried->step);
                $mends = $pass->isUndercoat
                    ? [new Mend('Wait as long as it takes', new SetGround($scene->plan->undercoat->waiting(null)))]
                    : [
                        new Mend(sprintf('Wait %s', Span::words($needed)), new ChangeStep($pass->step->told($pass->step->more->waiting($needed)))),
                        new Mend(
                            'Do another area meanwhile, as long as it takes',
                            new ChangeStep($pass->step->told($pass->step->more->waiting(null))),
                        ),
                    ];
                yield $this->found(
                    $isRisk ? Severity::Risk : Severity::StopsTheJob,
                    $pass->area?->id,
                    $pass->step->id,
                    sprintf($isRisk ? '%s is the least it takes.' : '%s is too short a wait.', ucfirst(Span::words($wait))),
                    sprintf(
                        '"%s" needs %s before "%s" may come on it, at 20 °C and 50 %% humidity; cold, damp and thick coats take longer.',
                        $pass->step->technique->label,
                        Span::words($needed),
                        $hurried->step->technique->label,
                    ),
                    'A hairdryer on its cool step shortens it for thin acrylics, never for cans, enamels and varnish.',
                    $mends,
                );
            }
        }
    }

    /** The next step on an area that is in too much of a hurry. */
    private function hurried(Scene $scene, Pass $pass, int $wait): ?Pass
    {
        $worst = null;
        $most = $wait;
        foreach ($pass->area === null ? $scene->plan->areas : [$pass->area] as $area) {
            $next = $scene->rehearsal->next($pass, $area);
            $needed = $next === null || DryTimes::isWetWindow($pass->step, $next->step) ? 0 : DryTimes::between($pass->step, $next->step);
            if ($needed > $most) {
                [$worst, $most] = [$next, $needed];
            }
        }

        return $worst;
    }
}
