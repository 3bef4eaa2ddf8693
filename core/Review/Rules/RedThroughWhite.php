<?php

declare(strict_types=1);

namespace Kalokroma\Review\Rules;

use Kalokroma\Colour\Lch;
use Kalokroma\Craft\Material;
use Kalokroma\Craft\Nature;
use Kalokroma\Craft\Place;
use Kalokroma\Craft\Zone;
use Kalokroma\Mixing\Mix;
use Kalokroma\Paint\Paint;
use Kalokroma\Planning\Pass;
use Kalokroma\Recipe\Area;
use Kalokroma\Recipe\Edit\ChangeStep;
use Kalokroma\Review\AtHand;
use Kalokroma\Review\Finding;
use Kalokroma\Review\Mend;
use Kalokroma\Review\Neutral;
use Kalokroma\Review\Rule;
use Kalokroma\Review\Scene;
use Kalokroma\Review\Severity;

/** Red lightened with white turns pink. */
final class RedThroughWhite extends Rule
{
    /** Hue of reds, in degrees. */
    private const RED_FROM = 10.0;

    private const RED_TO = 45.0;

    /** Chroma of a strong red. */
    private const STRONG = 35.0;

    /** Share of its chroma below which it has gone pale. */
    private const PALE = 0.85;

    /** Paints tried for a mend. */
    private const TRIED = 4;

    /** L* from which a red is called pink. */
    private const PINK_FROM = 60.0;

    /** Degrees by which an orange lies beyond the red. */
    private const TOWARD_ORANGE = 8.0;

    private const NAMES = '/\b(pink|rose|rosy|salmon|coral|flesh|skin|blush|magenta)/iu';

    public function check(Scene $scene): iterable
    {
        foreach ($scene->plan->areas as $area) {
            $pinks = array_values(array_filter($scene->own($area), fn(Pass $pass): bool => $this->isPink($scene, $area, $pass)));
            if ($pinks === [] || $this->isMeantPink($area) || $this->isReddened($scene, $area, $pinks[0])) {
                continue;
            }
            yield $this->finding($scene, $area, $pinks[0]);
        }
    }

    private function isPink(Scene $scene, Area $area, Pass $pass): bool
    {
        $stage = $scene->stage($area, $pass->step);
        $mix = $pass->step->mix;
        if (
            $stage === null
            || $mix === null
            || $mix->isClear()
            || $mix->isMetal()
            || ! $pass->step->technique->does(Nature::Lightens)
            || ($pass->step->place === Place::Corners && $this->isGlass($scene, $area))
        ) {
            return false;
        }
        $now = $stage->before->look()->at(Zone::Face)->toLch();
        $then = $mix->colour()->toLch();
        $turn = $now->turnTo($then);

        return $now->hue >= self::RED_FROM && $now->hue <= self::RED_TO && $now->chroma > self::STRONG && $then->lightness > $now->lightness
            && $then->chroma < self::PALE * $now->chroma && ($turn <= self::TOWARD_ORANGE || $then->chroma < Neutral::GREY);
    }

    /** Pink is the area's colour by its name, or by what it shall be. */
    private function isMeantPink(Area $area): bool
    {
        $aim = $area->aim?->toLch();

        return preg_match(self::NAMES, $area->name) === 1
            || (
                $aim !== null
                && $aim->lightness > self::PINK_FROM
                && $aim->chroma > Neutral::WHITE
                && ($aim->hue < self::RED_TO || $aim->hue > 330.0)
            );
    }

    private function isGlass(Scene $scene, Area $area): bool
    {
        return $area->material === Material::Glass
            || array_any($scene->own($area), static fn(Pass $one): bool => $one->step->technique->does(Nature::Shines, Nature::Eyes));
    }

    private function isReddened(Scene $scene, Area $area, Pass $pink): bool
    {
        return array_any($scene->after($area, $pink), static function (Pass $one): bool {
            $hue = $one->step->mix?->isClear() === false ? $one->step->mix->colour()->toLch()->hue : 180.0;

            return ($one->step->technique->does(Nature::Tints) || $one->step->mix?->isTransparent() === true) && ($hue < 75.0 || $hue > 350.0);
        });
    }

    private function finding(Scene $scene, Area $area, Pass $pass): Finding
    {
        $now = $scene->stage($area, $pass->step)?->before->look()->at(Zone::Face)->toLch();
        $oranges = $now === null ? [] : $scene->atHand()->sorted(
            Lch::of($now->lightness + 16.0, $now->chroma + 5.0, 55.0)->toLab(),
            static fn(Paint $one): bool => AtHand::covers($one) && $one->colour()->lightness > $now->lightness + 2.0
                && $one->colour()->toLch()->hue > $now->hue + self::TOWARD_ORANGE
                && $one->colour()->toLch()->hue < 85.0 && $one->colour()->toLch()->chroma > 30.0,
        );
        // One that leaves the area no flatter, where there is one.
        $isAsClear = static fn(Paint $one): bool => $scene->rehearsal->stripAs($area->withStep(
            $pass->step->with(Mix::single($one)),
        ))->final()->relief() >= min(
            $area->importance->readableRange(),
            $scene->rehearsal->strip($area)->final()->relief(),
        );
        $orange = array_find(array_slice($oranges, 0, self::TRIED), $isAsClear);

        return $this->found(
            Severity::Taste,
            $area->id,
            $pass->step->id,
            'This turns the red pink.',
            sprintf(
                '%s is lighter than the red below it, with chroma %d against %d: nearer to white than to orange.',
                $pass->step->mix?->words() ?? '',
                (int) round($pass->step->mix?->colour()->toLch()->chroma ?? 0),
                (int) round($now->chroma ?? 0),
            ),
            'A cold, dusty red may go to pink on purpose; a thin red glaze at the end brings it back.',
            $orange === null ? [] : [new Mend("Go through orange: {$orange->name}", new ChangeStep($pass->step->with(Mix::single($orange))))],
        );
    }
}
