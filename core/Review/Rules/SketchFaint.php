<?php

declare(strict_types=1);

namespace Kalokroma\Review\Rules;

use Kalokroma\Colour\Lab;
use Kalokroma\Paint\Paint;
use Kalokroma\Recipe\Edit\SetGround;
use Kalokroma\Recipe\Undercoat;
use Kalokroma\Review\AtHand;
use Kalokroma\Review\Finding;
use Kalokroma\Review\Mend;
use Kalokroma\Review\Rule;
use Kalokroma\Review\Scene;
use Kalokroma\Review\Severity;

/** Light from above is no map when it is hardly lighter than the ground. */
final class SketchFaint implements Rule
{
    /** L* between light and dark that is seen as form. */
    private const SEEN = 15.0;

    public function id(): string
    {
        return 'sketch-faint';
    }

    public function check(Scene $scene): iterable
    {
        $undercoat = $scene->plan->undercoat;
        $gap = $undercoat->base === null || $undercoat->light === null ? null : $undercoat->light->colour()->lightness - $undercoat->base->colour()->lightness;
        if ($undercoat->base === null || $undercoat->light === null || $gap === null || abs($gap) >= self::SEEN) {
            return;
        }
        $mends = [];
        $all = new AtHand($scene->atHand()->undercoats());
        $paler = $all->nearest(Lab::of(min(95.0, $undercoat->base->colour()->lightness + 45.0), 0.0, 3.0), static fn(Paint $one): bool => $one->colour()->lightness - $undercoat->base->colour()->lightness >= self::SEEN);
        if ($paler !== null) {
            $mends[] = new Mend("A paler light: {$paler->name}", new SetGround(Undercoat::of($undercoat->base, $paler, $undercoat->cone, $undercoat->below, $undercoat->method, $undercoat->waitMinutes)));
        }
        $darker = $all->nearest(Lab::of(15.0, 0.0, 0.0), static fn(Paint $one): bool => $undercoat->light->colour()->lightness - $one->colour()->lightness >= self::SEEN);
        if ($darker !== null) {
            $mends[] = new Mend("A darker ground: {$darker->name}", new SetGround(Undercoat::of($darker, $undercoat->light, $undercoat->cone, $undercoat->below, $undercoat->method, $undercoat->waitMinutes)));
        }
        yield new Finding(
            $this->id(),
            Severity::Taste,
            null,
            null,
            'The light from above will hardly show.',
            sprintf('%s and %s are %d apart in value; less than %d is no map for the brush.', $undercoat->base->name, $undercoat->light->name, (int) round(abs($gap)), (int) self::SEEN),
            'As a mere change of colour it may be just right.',
            $mends,
        );
    }
}
