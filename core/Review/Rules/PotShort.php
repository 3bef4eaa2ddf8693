<?php

declare(strict_types=1);

namespace Kalokroma\Review\Rules;

use Kalokroma\Amounts\Amounts;
use Kalokroma\Mixing\Dilution;
use Kalokroma\Paint\Paint;
use Kalokroma\Planning\Pass;
use Kalokroma\Recipe\Edit\ChangeStep;
use Kalokroma\Review\Mend;
use Kalokroma\Review\Rule;
use Kalokroma\Review\Scene;
use Kalokroma\Review\Severity;

/** A pot that will not last for the batch. */
final class PotShort extends Rule
{
    public function check(Scene $scene): iterable
    {
        if ($scene->shelf === null || $scene->models === null) {
            return;
        }
        $needs = Amounts::of($scene->plan, $scene->models, order: $scene->order());
        foreach ($needs->totals() as $id => $ml) {
            $paint = $scene->shelf->owned()[$id] ?? null;
            $left = $paint === null ? null : $scene->shelf->mlLeft($paint);
            $pass = $paint === null || $left === null || $ml <= $left
                ? null
                : array_find(
                    array_reverse($scene->order()->passes),
                    static fn(Pass $one): bool => array_any($one->step->paints(), static fn(Paint $used): bool => $used->id === $id),
                );
            if ($paint !== null && $left !== null && $pass !== null) {
                $thinner = Dilution::of(
                    $pass->step->dilution->paint,
                    min(Dilution::MOST_PARTS, $pass->step->dilution->thinner + 1),
                    $pass->step->dilution->with,
                );
                yield $this->found(
                    Severity::CostsTime,
                    $pass->area?->id,
                    $pass->step->id,
                    "{$paint->name} will not last.",
                    sprintf('%d models take %.1f ml of it, with the loss on the palette, and %.1f ml are left.', $scene->models, $ml, $left),
                    'A last coat on a smaller place, or thinned a little more, makes it go further.',
                    $pass->isUndercoat
                        ? []
                        : [new Mend("Make it go further: {$thinner->words()}", new ChangeStep($pass->step->with($pass->step->mix, $thinner)))],
                );
            }
        }
    }
}
