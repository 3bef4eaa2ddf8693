<?php

declare(strict_types=1);

namespace Kalokroma\Planning\Customs;

use Kalokroma\Craft\Nature;
use Kalokroma\Planning\Custom;
use Kalokroma\Planning\Order;
use Kalokroma\Planning\Precedence;
use Kalokroma\Planning\Tasks;

/** A mark gets dirty with what is around it. */
final class GrimeAfterDecals implements Custom
{
    public function among(Tasks $tasks): iterable
    {
        foreach ($tasks->doing(Nature::LaysDecal, Nature::SoftensDecal) as $decal) {
            foreach ($tasks->doing(Nature::Grimes) as $grime) {
                if ($decal->area === null || $grime->area === null || $decal->area === $grime->area) {
                    yield new Precedence($decal, $grime, 'the grime goes over the mark as over the rest');
                }
            }
        }
    }

    /** Softened again only, it lies already. */
    public function excuses(Precedence $broken, Tasks $tasks, Order $order): bool
    {
        return ! $broken->first->does(Nature::LaysDecal);
    }
}
