<?php

declare(strict_types=1);

namespace Kalokroma\Review\Rules;

use Kalokroma\Colour\Lab;
use Kalokroma\Colour\Lch;
use Kalokroma\Craft\Family;
use Kalokroma\Craft\Material;
use Kalokroma\Craft\Nature;
use Kalokroma\Craft\Place;
use Kalokroma\Craft\Zone;
use Kalokroma\Mixing\Mix;
use Kalokroma\Paint\Kind;
use Kalokroma\Paint\Paint;
use Kalokroma\Planning\Pass;
use Kalokroma\Recipe\Area;
use Kalokroma\Recipe\Edit\ChangeStep;
use Kalokroma\Recipe\Edit\SilenceFinding;
use Kalokroma\Recipe\Silence;
use Kalokroma\Review\Finding;
use Kalokroma\Review\Mend;
use Kalokroma\Review\Neutral;
use Kalokroma\Review\Rule;
use Kalokroma\Review\Scene;
use Kalokroma\Review\Severity;

/** A black wash makes yellow green, skin dead and white dirty. */
final class BlackWashOnPale extends Rule
{
    /** L* and chroma below which a wash is a black one. */
    private const BLACK = 35.0;

    /** Hues of yellow, in degrees, and the chroma it has. */
    private const YELLOW_FROM = 75.0;

    private const YELLOW_TO = 108.0;

    private const STRONG = 35.0;

    /** L* below which skin and yellow are dark themselves. */
    private const PALE = 50.0;

    /** What the family's own shade is darker by, and turned by: toward brown and orange. */
    private const DEEPER = 28.0;

    public function check(Scene $scene): iterable
    {
        foreach ($scene->plan->areas as $area) {
            foreach ($scene->own($area) as $pass) {
                $step = $pass->step;
                $stage = $scene->stage($area, $step);
                if (
                    $stage === null
                    || $step->mix === null
                    || $step->mix->isClear()
                    || $step->technique->family !== Family::Shade
                    || ! $step->technique->does(Nature::Washes)
                    || $step->place !== Place::Everywhere
                    || $stage->before->isMetal()
                ) {
                    continue;
                }
                $wash = $step->mix->colour();
                $ground = $stage->before->look()->at(Zone::Face);
                $what = $wash->lightness < self::BLACK && $wash->toLch()->chroma < Neutral::GREY ? self::named($area, $ground) : null;
                if ($what !== null && ! $this->isLeftBehind($scene, $area, $pass)) {
                    yield $this->finding($scene, $area, $pass, $ground, $what);
                }
            }
        }
    }

    /** What a painter calls that ground; null where a black wash does no harm. */
    private static function named(Area $area, Lab $ground): ?string
    {
        $polar = $ground->toLch();

        return match (true) {
            Neutral::isWhite($ground) => 'white',
            $ground->lightness < self::PALE => null,
            $area->material === Material::Bone => 'bone',
            $area->material === Material::Skin => 'skin',
            $polar->chroma > self::STRONG && $polar->hue >= self::YELLOW_FROM && $polar->hue <= self::YELLOW_TO => 'yellow',
            default => null,
        };
    }

    /** It is based again, or it is dirt that dirt comes on. */
    private function isLeftBehind(Scene $scene, Area $area, Pass $wash): bool
    {
        return array_any($scene->after($area, $wash), static fn(Pass $one): bool => $one->step->technique->does(Nature::Grimes)
            || ($one->area !== null && $one->step->technique->does(Nature::Covers) && ! $one->step->technique->does(Nature::Lightens)));
    }

    private function finding(Scene $scene, Area $area, Pass $pass, Lab $ground, string $what): Finding
    {
        $step = $pass->step;
        $polar = $ground->toLch();
        $shade = Lch::of(
            max(30.0, $ground->lightness - self::DEEPER),
            max(20.0, 0.7 * $polar->chroma),
            $what === 'white' ? 75.0 : min($polar->hue, 70.0),
        )->toLab();
        $mends = [new Mend('Only into the recesses', new ChangeStep($step->at(Place::Recesses)))];
        $own = $scene->atHand()->nearest(
            $shade,
            static fn(Paint $one): bool => $one->kind === Kind::Wash && $one->colour()->toLch()->chroma > Neutral::WHITE
                && $one->colour()->lightness > self::BLACK,
        );
        if ($own !== null) {
            array_unshift($mends, new Mend("Its own shade: {$own->name}", new ChangeStep($step->with(Mix::single($own)))));
        }
        $mends[] = new Mend('It is meant to be dirty', new SilenceFinding(new Silence($this->id, $area->id, $step->id, 'Meant dirty.')));

        return $this->found(
            Severity::Taste,
            $area->id,
            $step->id,
            "Black runs over $what.",
            sprintf(
                '%s (value %d, hardly any colour) all over %s of value %d: it goes grey and dirty rather than deep.',
                $step->mix?->words() ?? '',
                $step->mix?->colour()->value() ?? 0,
                $what,
                $ground->value(),
            ),
            'Dead skin, old bone and soot-stained cloth want just that.',
            $mends,
        );
    }
}
