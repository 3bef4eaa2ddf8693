<?php

declare(strict_types=1);

namespace Kalokroma\Review\Rules;

use Kalokroma\Colour\Lab;
use Kalokroma\Craft\Texture;
use Kalokroma\Craft\Zone;
use Kalokroma\Paint\Paint;
use Kalokroma\Recipe\Edit\SetGround;
use Kalokroma\Recipe\Undercoat;
use Kalokroma\Review\AtHand;
use Kalokroma\Review\Mend;
use Kalokroma\Review\Rule;
use Kalokroma\Review\Scene;
use Kalokroma\Review\Severity;

/** Light from above is no map when it is hardly lighter than the ground. */
final class SketchFaint extends Rule
{
    /** L* between light and dark that is seen as form. */
    private const SEEN = 15.0;

    public function check(Scene $scene): iterable
    {
        $undercoat = $scene->plan->undercoat;
        if ($undercoat->base === null || $undercoat->light === null || self::gap($undercoat) >= self::SEEN) {
            return;
        }
        $with = static fn(?Paint $base = null, ?Paint $light = null): Undercoat => Undercoat::of(
            $base ?? $undercoat->base,
            $light ?? $undercoat->light,
            $undercoat->cone,
            $undercoat->below,
            $undercoat->method,
            $undercoat->waitMinutes,
        );
        $mends = [];
        $all = new AtHand($scene->atHand()->undercoats());
        $paler = $all->nearest(
            Lab::of(min(95.0, $undercoat->base->colour()->lightness + 45.0), 0.0, 3.0),
            static fn(Paint $one): bool => self::gap($with(light: $one)) >= self::SEEN,
        );
        if ($paler !== null) {
            $mends[] = new Mend("A paler light: {$paler->name}", new SetGround($with(light: $paler)));
        }
        $darker = $all->nearest(Lab::of(15.0, 0.0, 0.0), static fn(Paint $one): bool => self::gap($with(base: $one)) >= self::SEEN);
        if ($darker !== null) {
            $mends[] = new Mend("A darker ground: {$darker->name}", new SetGround($with(base: $darker)));
        }
        yield $this->found(
            Severity::Taste,
            null,
            null,
            'The light from above will hardly show.',
            sprintf(
                'Of %s raised parts and lower sides lie %d apart in value; less than %d is no map for the brush.',
                $undercoat->words(),
                (int) floor(self::gap($undercoat)),
                (int) self::SEEN,
            ),
            'As a mere change of colour it may be just right.',
            $mends,
        );
    }

    /** L* between lower sides and raised parts as all its colours leave them, from below too. */
    private static function gap(Undercoat $undercoat): float
    {
        $look = $undercoat->surface(Texture::CloseFolds)->look();

        return abs($look->at(Zone::Raised)->lightness - $look->at(Zone::LowerSide)->lightness);
    }
}
