<?php

declare(strict_types=1);

namespace Kalokroma\Review\Rules;

use Kalokroma\Mixing\Mix;
use Kalokroma\Paint\Finish;
use Kalokroma\Paint\Paint;
use Kalokroma\Recipe\Edit\ChangeStep;
use Kalokroma\Recipe\Edit\SetGround;
use Kalokroma\Recipe\Undercoat;
use Kalokroma\Review\AtHand;
use Kalokroma\Review\Finding;
use Kalokroma\Review\Mend;
use Kalokroma\Review\Rule;
use Kalokroma\Review\Scene;
use Kalokroma\Review\Severity;

/** Nothing grips on gloss. */
final class GlossUndercoat extends Rule
{
    public function check(Scene $scene): iterable
    {
        $undercoat = $scene->plan->undercoat;
        foreach ($undercoat->paints() as $paint) {
            if ($paint->finish === Finish::Gloss) {
                $dull = self::dull($scene, $paint);
                yield $this->finding(
                    null,
                    null,
                    $paint,
                    $dull === null ? [] : [new Mend("Take {$dull->name}", new SetGround(self::with($undercoat, $paint, $dull)))],
                );
            }
        }
        foreach ($scene->order()->passes as $pass) {
            $paint = $pass->isUndercoat || ! $pass->step->technique->primes() ? null : ($pass->step->mix->ingredients[0]->paint ?? null);
            if ($paint !== null && $paint->finish === Finish::Gloss) {
                $dull = self::dull($scene, $paint);
                yield $this->finding(
                    $pass->area?->id,
                    $pass->step->id,
                    $paint,
                    $dull === null ? [] : [new Mend("Take {$dull->name}", new ChangeStep($pass->step->with(Mix::single($dull))))],
                );
            }
        }
    }

    /** @param list<Mend> $mends */
    private function finding(?string $area, ?string $step, Paint $paint, array $mends): Finding
    {
        return $this->found(
            Severity::StopsTheJob,
            $area,
            $step,
            'Nothing grips on a gloss undercoat.',
            sprintf('%s dries glossy. Paint beads on it and rubs off; an undercoat is matt or satin.', $paint->name),
            'Some scuff it with a fine pad; that costs detail.',
            $mends,
        );
    }

    private static function dull(Scene $scene, Paint $paint): ?Paint
    {
        $undercoats = $scene->atHand()->undercoats();

        return (new AtHand($undercoats))->nearest($paint->colour());
    }

    private static function with(Undercoat $undercoat, Paint $gloss, Paint $dull): Undercoat
    {
        $swap = static fn(?Paint $one): ?Paint => $one === $gloss ? $dull : $one;

        return Undercoat::of(
            $swap($undercoat->base) ?? $dull,
            $swap($undercoat->light),
            $undercoat->cone,
            $swap($undercoat->below),
            $undercoat->method,
            $undercoat->waitMinutes,
        );
    }
}
