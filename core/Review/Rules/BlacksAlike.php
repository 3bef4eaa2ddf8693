<?php

declare(strict_types=1);

namespace Kalokroma\Review\Rules;

use Kalokroma\Colour\Lab;
use Kalokroma\Craft\AreaSize;
use Kalokroma\Craft\Texture;
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

/** Two blacks on one model lean different ways. */
final class BlacksAlike implements Rule
{
    /** In a* and b*. */
    private const WITHIN = 3.0;

    public function id(): string
    {
        return 'blacks-alike';
    }

    public function check(Scene $scene): iterable
    {
        $areas = array_values(array_filter($scene->plan->areas, fn(Area $one): bool => $one->size !== AreaSize::Speck && $one->texture !== Texture::TinyDetail && ! $one->ground && $scene->own($one) !== [] && $this->is($scene->final($one, Zone::Raised))));
        foreach ($areas as $at => $one) {
            foreach (array_slice($areas, $at + 1) as $other) {
                if ($one->material !== $other->material && $this->leanAlike($scene->final($one, Zone::Raised), $scene->final($other, Zone::Raised))) {
                    yield $this->finding($scene, $one, $other);

                    return;
                }
            }
        }
    }

    private function is(Lab $lab): bool
    {
        return $lab->lightness < Neutral::BLACK_BELOW && $lab->toLch()->chroma < Neutral::WHITE;
    }

    private function leanAlike(Lab $one, Lab $other): bool
    {
        return abs($one->a - $other->a) <= self::WITHIN && abs($one->b - $other->b) <= self::WITHIN;
    }

    private function finding(Scene $scene, Area $one, Area $other): Finding
    {
        $moved = $one->size->share() <= $other->size->share() ? $one : $other;
        $light = Scene::first(array_reverse($scene->own($moved)), static fn(Pass $pass): bool => $pass->step->mix?->isClear() === false && ! $pass->step->mix->isTransparent() && $pass->step->place->reach(Zone::Raised) >= 0.5);
        $colour = $scene->final($moved, Zone::Raised);
        $warm = $light === null ? null : $scene->atHand->nearest(Lab::of($colour->lightness + 3.0, $colour->a + 4.0, $colour->b + 5.0), fn(Paint $paint): bool => AtHand::covers($paint) && ! $this->leanAlike($paint->colour(), $colour) && $paint->colour()->toLch()->chroma < 25.0 && abs($paint->colour()->lightness - $colour->lightness) < 15.0);

        return new Finding(
            $this->id(),
            Severity::Taste,
            $moved->id,
            $light?->step->id,
            "{$one->name} and {$other->name} are the same black.",
            sprintf('Both end below value %d and within 3 of each other in hue and chroma, though they are of different stuff.', (int) Neutral::BLACK_BELOW),
            'Told by their edges alone two blacks can be the same.',
            $light === null || $warm === null ? [] : [new Mend(sprintf('Lean %s warm: %s', $moved->name, $warm->name), new ChangeStep($light->step->with(Mix::single($warm))))],
        );
    }
}
