<?php

declare(strict_types=1);

namespace Kalokroma\Writing\Guide;

use Kalokroma\Craft\BodyType;
use Kalokroma\Craft\CraftBook;
use Kalokroma\Craft\Family;
use Kalokroma\Craft\FinishLevel;
use Kalokroma\Craft\Nature;
use Kalokroma\Craft\Place;
use Kalokroma\Craft\Technique;
use Kalokroma\Illegal;
use Kalokroma\Mixing\Dilution;
use Kalokroma\Mixing\Ingredient;
use Kalokroma\Mixing\Mix;
use Kalokroma\Paint\Finish;
use Kalokroma\Paint\Kind;
use Kalokroma\Paint\Paint;
use Kalokroma\Recipe\Area;
use Kalokroma\Recipe\ModelKind;
use Kalokroma\Recipe\Plan;
use Kalokroma\Recipe\Step;
use Kalokroma\Recipe\Undercoat;

/** The plan that grows while a guide is read: which area it is about by now, and what each clause makes of it. */
final class PlanAsRead
{
    /** What lights come after. */
    private const LIT_FROM = ['wash', 'layer', 'highlight'];

    private const HEIGHT_MM = 32;

    /** Parts of what there is and of what is added to it, where nobody says how much. */
    private const ADDED = [2, 1];

    private const LONGEST_AREA = 60;

    private const LONGEST_ID = 28;

    /** @var array<string, string> name by id */
    private array $areas = [];

    /** @var array<string, list<Step>> by area id */
    private array $steps = [];

    /** @var list<Step> */
    private array $whole = [];

    /** @var list<Paint> */
    public array $ground = [];

    private ?string $area = null;

    public function __construct(private readonly CraftBook $book) {}

    /** From here on it is about this area; its id. */
    public function enter(string $name): string
    {
        $name = mb_substr(trim((string) preg_replace('/^(?:the|his|her|its)\s+/iu', '', trim($name))), 0, self::LONGEST_AREA);
        $name = $name === '' ? 'Model' : mb_strtoupper(mb_substr($name, 0, 1)).mb_substr($name, 1);
        $id = mb_substr(
            trim((string) preg_replace('/[^a-z0-9]+/', '-', strtolower((string) iconv('UTF-8', 'ASCII//TRANSLIT//IGNORE', $name))), '-'),
            0,
            self::LONGEST_ID,
        )
            ?: 'area';
        $this->areas[$id] ??= $name;

        return $this->area = $id;
    }

    /**
     * How a clause is done.
     *
     * @param string|null $said technique, if somebody has said one
     */
    public function technique(Clause $clause, ?string $said): Technique
    {
        $kind = $clause->paints === [] ? null : $clause->paints[0]->kind;
        $technique = $this->named($said ?? ($kind === null ? 'basecoat' : $this->usualFor($clause, $kind)));
        foreach ($clause->paints as $paint) {
            $technique = $technique->takes->accepts($paint->kind) ? $technique : $this->named(Words::usualFor($paint->kind));
        }
        if ($kind === Kind::Primer && $technique->id === 'spray-layer') {
            return $this->named('primer');
        }
        $isVarnish = $technique->family === Family::Varnish
            && $clause->paints !== []
            && ! $technique->does(Nature::LaysChippingFluid)
            && $technique->id !== 'gloss-spot';

        return match ($isVarnish ? $clause->paints[0]->finish : null) {
            Finish::Gloss => $this->named($clause->area === null ? 'gloss-coat' : 'gloss-spot'),
            Finish::Satin => $this->named('satin-coat'),
            default => $technique->id === 'gloss-coat' && $clause->area !== null ? $this->named('gloss-spot') : $technique,
        };
    }

    /** What one does may be done with another paint, unless that covers where a wash or a glaze was said. */
    public function goesOn(string $last, Kind $kind): bool
    {
        return $this->named($last)->takes->accepts($kind)
            && ! in_array($last, ['basecoat', 'grit', 'tuft'], true)
            && ($kind !== Kind::Wash || in_array($last, ['wash', 'glaze', 'lining'], true))
            && ($kind === Kind::Primer || ! in_array($last, ['primer', 'spray-from-above'], true))
            && ! (Words::usualFor($kind) === 'basecoat' && in_array($last, ['wash', 'glaze'], true));
    }

    /** @return array{string|null}|null the area that got the step, null in it for the model as a whole; null when there is no such step */
    public function add(Clause $clause, Technique $technique): ?array
    {
        if ($technique->does(Nature::Rims, Nature::HoldsGrit, Nature::SitsInWetPaste) || $technique->id === 'tuft') {
            $this->enter('Base');
        }
        if ($technique->primes() || $technique->id === 'spray-from-above') {
            if ($clause->paints === []) {
                return null;
            }
            $this->ground[] = $clause->paints[0];

            return [null];
        }
        $isWhole = $technique->family === Family::Varnish && $technique->id !== 'gloss-spot';
        $area = $isWhole ? null : $this->area ?? $this->enter('Model');
        try {
            return $this->put($area, $this->made($technique, $clause, $area)) ? [$area] : null;
        } catch (Illegal) {
            // Paints that no such step takes, or that do not mix: better nothing than something else.
            return null;
        }
    }

    /** Tells how the last step of an area is done; false when there is none, or it cannot be. */
    public function inManner(string $area, Clause $clause): bool
    {
        $steps = $this->steps[$area] ?? [];
        $step = array_pop($steps);
        if ($step === null) {
            return false;
        }
        try {
            $this->steps[$area] = [...$steps, self::done($clause->place === null ? $step : $step->at($clause->place), $clause)];
        } catch (Illegal) {
            return false;
        }

        return true;
    }

    /**
     * "Navy, freehand": what is said after the paint is how it goes on.
     *
     * @return bool false when there is no step, or it cannot be done so
     */
    public function becomes(string $area, string $technique, Clause $clause): bool
    {
        $steps = $this->steps[$area] ?? [];
        $step = array_pop($steps);
        $how = $this->named($technique);
        if (
            $step === null
            || $step->mix === null
            || array_any($step->mix->kinds(), static fn(Kind $kind): bool => ! $how->takes->accepts($kind))
        ) {
            return false;
        }
        try {
            $this->steps[$area] = [...$steps, self::done(Step::usual($step->id, $how, $clause->place, $step->mix), $clause)];
        } catch (Illegal) {
            return false;
        }

        return true;
    }

    /** There is chipping fluid below the last coat, and nobody has chipped it yet. */
    public function canChip(): bool
    {
        $done = array_map(static fn(Step $one): string => $one->technique->id, $this->steps[$this->area ?? ''] ?? []);
        $fluid = array_search('chipping-fluid', array_reverse($done), true);

        return $fluid !== false && $fluid > 0 && ! in_array('chip', array_slice($done, -$fluid), true);
    }

    /** What is done until the next heading may be done with such a paint: nobody lays a base of a wash. */
    public function isOfStage(string $stage, ?Kind $kind): bool
    {
        return $kind === null || $stage !== 'basecoat' || Words::usualFor($kind) === 'basecoat';
    }

    /** It is about some area by now. */
    public function isWithin(): bool
    {
        return $this->area !== null;
    }

    /** It is about a face by now. */
    public function isOfAFace(): bool
    {
        return $this->area !== null && preg_match('/\b(?:faces?|heads?|skin|flesh)\b/iu', $this->areas[$this->area]) === 1;
    }

    public function forget(): void
    {
        [$this->areas, $this->steps, $this->whole, $this->ground] = [[], [], [], []];
    }

    public function plan(): Plan
    {
        $areas = [];
        foreach ($this->areas as $id => $name) {
            $id = (string) $id;
            if (($this->steps[$id] ?? []) !== [] && count($areas) < Plan::MOST_AREAS) {
                $areas[] = Area::guessed($id, $name)->withSteps($this->steps[$id]);
            }
        }
        $ground = array_values(array_unique($this->ground, SORT_REGULAR));
        $undercoat = match (true) {
            $ground === [] => Undercoat::bare(),
            count($ground) > 1 && $ground[1]->colour()->lightness > $ground[0]->colour()->lightness => Undercoat::of($ground[0], $ground[1]),
            default => Undercoat::plain($ground[0]),
        };

        return Plan::of(
            'From a guide',
            ModelKind::of('Model', BodyType::OnFoot, self::HEIGHT_MM, FinishLevel::TableReady),
            $undercoat,
            $areas,
            wholeModel: $this->whole,
        );
    }

    /** What a paint does of which nobody says it: over a base that was washed it is the base again, or a light. */
    private function usualFor(Clause $clause, Kind $kind): string
    {
        $usual = Words::usualFor($kind);
        $steps = $this->area === null ? [] : $this->steps[$this->area] ?? [];
        $base = $steps[0] ?? null;
        $last = $steps[count($steps) - 1] ?? null;
        if ($usual !== 'basecoat' || $base?->mix === null || $base->mix->isClear() || $last === null) {
            return $usual;
        }
        $paint = $clause->paints[0];
        $isPart = $clause->area !== null && Words::isPartOfAny($clause->area);
        $isLit = in_array($last->technique->id, self::LIT_FROM, true);

        return match (true) {
            $clause->place === Place::UpperEdges => 'edge-highlight',
            $base->mix->holds($paint->id) && $isLit => 'layer',
            // Darkened for the base, and then as it is.
            $base->mix->holds($paint->id) && $last === $base && count($clause->paints) < count($base->mix->ingredients) => 'layer',
            $clause->place === Place::RaisedParts => 'highlight',
            $isPart && $isLit => 'highlight',
            ($isPart || $isLit)
                && ! $paint->isClear()
                && $paint->colour()->lightness > $base->mix->colour()->lightness => 'highlight',
            default => $usual,
        };
    }

    private function made(Technique $technique, Clause $clause, ?string $area): Step
    {
        $steps = $area === null ? $this->whole : $this->steps[$area] ?? [];

        $step = Step::usual(sprintf('%s-%d', $area ?? 'whole', count($steps) + 1), $technique, $clause->place, $clause->mix());
        $before = $steps[count($steps) - 1]->mix ?? null;
        for ($at = count($steps) - 1; $at >= 0 && ($before === null || $before->isTransparent() || $before->isClear()); $at--) {
            $before = $steps[$at]->mix;
        }
        if ($clause->addsToTheLast && count($clause->paints) === 1 && $before !== null) {
            $added = $clause->paints[0];
            $isThere = $before->holds($added->id);
            if (count($before->ingredients) === 1 && ! $isThere) {
                [$one, $other] = $clause->thinner === null ? $clause->dilution ?? self::ADDED : self::ADDED;

                return $step->with(Mix::of([
                    Ingredient::of($before->ingredients[0]->paint, self::parts($one)),
                    Ingredient::of($added, self::parts($other)),
                ]));
            }
            if (count($before->ingredients) > 1 && $isThere) {
                return $step->with(Mix::of(array_map(
                    static fn(Ingredient $one): Ingredient => Ingredient::of(
                        $one->paint,
                        self::parts($one->parts + ($one->paint->id === $added->id ? 1 : 0)),
                    ),
                    $before->ingredients,
                )));
            }
        }

        return self::done($step, $clause);
    }

    private static function done(Step $step, Clause $clause): Step
    {
        if ($clause->dilution !== null) {
            [$one, $other] = $clause->dilution;
            $ingredients = $step->mix->ingredients ?? [];
            // "Mixed with chalk, 3 : 1" speaks of the two of them.
            $step = $clause->thinner === null && $clause->paints === [] && count($ingredients) === 2
                ? $step->with(
                    Mix::of([
                        Ingredient::of($ingredients[0]->paint, self::parts($one)),
                        Ingredient::of($ingredients[1]->paint, self::parts($other)),
                    ]),
                    $step->dilution,
                )
                : $step->with(
                    $step->mix,
                    Dilution::of(
                        max(1, min(Dilution::MOST_PARTS, $one)),
                        min(Dilution::MOST_PARTS, $other),
                        $clause->thinner ?? $step->technique->usual->with,
                    ),
                );
        }

        return $clause->coats === null ? $step : $step->inCoats($clause->coats);
    }

    private static function parts(int $said): int
    {
        return max(1, min(Mix::MOST_PARTS - 1, $said));
    }

    /** False when the recipe is as long as one may be. */
    private function put(?string $area, Step $step): bool
    {
        if (count($area === null ? $this->whole : $this->steps[$area] ?? []) >= Plan::MOST_STEPS) {
            return false;
        }
        if ($area === null) {
            $this->whole[] = $step;
        } else {
            $this->steps[$area][] = $step;
        }

        return true;
    }

    private function named(string $id): Technique
    {
        return $this->book->technique($id) ?? Technique::of($id);
    }
}
