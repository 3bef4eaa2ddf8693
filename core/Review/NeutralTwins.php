<?php

declare(strict_types=1);

namespace Kalokroma\Review;

use Closure;
use Kalokroma\Colour\Lab;
use Kalokroma\Craft\AreaSize;
use Kalokroma\Craft\Texture;
use Kalokroma\Craft\Zone;
use Kalokroma\Mixing\Mix;
use Kalokroma\Paint\Paint;
use Kalokroma\Planning\Pass;
use Kalokroma\Recipe\Area;
use Kalokroma\Recipe\Edit\ChangeStep;
use Kalokroma\Recipe\Step;

/** Two areas of one model, of different stuff, that end in the same black, or the same white. */
final readonly class NeutralTwins
{
    /** In a* and b*. */
    private const WITHIN = 3.0;

    /** Paints looked at, the nearest first. */
    private const TRIED = 6;

    /**
     * @param string $name "black" or "white"
     * @param string $bound words: "below value 30"
     * @param Closure(Lab): bool $is whether a colour is one
     * @param Lab $warmer how far off the colour lies that one of them is leant to
     */
    public function __construct(
        private string $rule,
        private string $name,
        private string $bound,
        private Closure $is,
        private Lab $warmer,
        private string $otherSchool,
    ) {}

    public function in(Scene $scene): ?Finding
    {
        $areas = array_values(array_filter(
            $scene->plan->areas,
            fn(Area $one): bool => $one->size !== AreaSize::Speck && $one->texture !== Texture::TinyDetail && ! $one->ground
                && $scene->own($one) !== [] && ($this->is)($scene->final($one, Zone::Raised)),
        ));
        foreach ($areas as $at => $one) {
            foreach (array_slice($areas, $at + 1) as $other) {
                if (
                    $one->material !== $other->material
                    && self::leanAlike($scene->final($one, Zone::Raised), $scene->final($other, Zone::Raised))
                ) {
                    return $this->finding($scene, $one, $other);
                }
            }
        }

        return null;
    }

    private static function leanAlike(Lab $one, Lab $other): bool
    {
        return abs($one->a - $other->a) <= self::WITHIN && abs($one->b - $other->b) <= self::WITHIN;
    }

    private function finding(Scene $scene, Area $one, Area $other): Finding
    {
        $moved = $one->size->share() <= $other->size->share() ? $one : $other;
        $light = Scene::first(
            array_reverse($scene->own($moved)),
            static fn(Pass $pass): bool => $pass->step->mix?->isClear() === false && ! $pass->step->mix->isTransparent()
                && $pass->step->place->reach(Zone::Raised) >= 0.5,
        );
        $stays = $scene->final($moved === $one ? $other : $one, Zone::Raised);

        return new Finding(
            $this->rule,
            Severity::Taste,
            $moved->id,
            $light?->step->id,
            "{$one->name} and {$other->name} are the same {$this->name}.",
            "Both end {$this->bound} and within 3 of each other in hue and chroma, though they are of different stuff.",
            $this->otherSchool,
            $light === null ? [] : $this->mends($scene, $moved, $light->step, $stays),
        );
    }

    /**
     * The nearest paint that leans the light of an area warm enough to be told from the other.
     *
     * @return list<Mend>
     */
    private function mends(Scene $scene, Area $moved, Step $light, Lab $stays): array
    {
        $colour = $scene->final($moved, Zone::Raised);
        $candidates = $scene->atHand()->sorted(
            Lab::of($colour->lightness + $this->warmer->lightness, $colour->a + $this->warmer->a, $colour->b + $this->warmer->b),
            static fn(Paint $paint): bool => AtHand::covers($paint) && $light->technique->takes->accepts($paint->kind)
                && ! self::leanAlike($paint->colour(), $colour)
                && $paint->colour()->toLch()->chroma < 25.0 && abs($paint->colour()->lightness - $colour->lightness) < 15.0,
        );
        foreach (array_slice($candidates, 0, self::TRIED) as $paint) {
            $leant = $light->with(Mix::single($paint));
            $then = $scene->rehearsal->stripAs($moved->withStep($leant))->final()->at(Zone::Raised);
            if (! self::leanAlike($then, $stays)) {
                return [new Mend(sprintf('Lean %s warm: %s', $moved->name, $paint->name), new ChangeStep($leant))];
            }
        }

        return [];
    }
}
