<?php

declare(strict_types=1);

namespace App\Mixing;

use App\Models\Plan;
use App\Models\Product;
use App\Shelf\OwnedPaints;
use App\Support\Field;
use Illuminate\Database\Eloquent\ModelNotFoundException;
use Kalokroma\Colour\ColourName;
use Kalokroma\Colour\Lab;
use Kalokroma\Craft\Zone;
use Kalokroma\Exchange\Faulty;
use Kalokroma\Matching\BestBuy;
use Kalokroma\Mixing\Film;
use Kalokroma\Mixing\MixAnswers;
use Kalokroma\Mixing\MixLimits;
use Kalokroma\Mixing\MixSolver;
use Kalokroma\Mixing\MixTarget;
use Kalokroma\Mixing\Reach;
use Kalokroma\Paint\Kind;
use Kalokroma\Paint\Paint;
use Kalokroma\Planning\Rehearsal;

/**
 * A question to the solver as the mixing bench asks it: a target from anywhere, the shelf as it is, and limits.
 */
final readonly class MixQuestion
{
    public const ANSWERS_OF_EACH = 6;

    private const USUAL_AMOUNT_ML = 1.0;

    private function __construct(
        public string $name,
        public MixTarget $target,
        public MixLimits $limits,
        public float $amountMl,
        private OwnedPaints $owned,
    ) {}

    /**
     * @param array{target: array<string, mixed>, film?: string|null, mostPaints?: int|null, mostParts?: int|null, kinds?: list<string>|null,
     *     avoid?: list<string>|null, insist?: list<string>|null, amountMl?: float|null, enoughLeft?: bool|null} $wish
     *
     * @throws Faulty when the target makes no sense or limits contradict
     * @throws ModelNotFoundException<\Illuminate\Database\Eloquent\Model> when the paint, plan or step is gone
     */
    public static function of(array $wish): self
    {
        [$name, $target] = self::target($wish['target']);
        $film = Film::tryFrom($wish['film'] ?? '');
        $owned = OwnedPaints::now();
        $amountMl = (float) ($wish['amountMl'] ?? self::USUAL_AMOUNT_ML);
        $limits = MixLimits::none()
            ->paints($wish['mostPaints'] ?? MixLimits::MOST_PAINTS)
            ->parts($wish['mostParts'] ?? 9)
            ->without($wish['avoid'] ?? []);
        $limits = Field::read('insist', static fn(): MixLimits => $limits->with($wish['insist'] ?? []));
        if (($wish['kinds'] ?? []) !== []) {
            $limits = Field::read('kinds', static fn(): MixLimits => $limits->kinds(array_map(Kind::from(...), $wish['kinds'] ?? [])));
        }
        if ($wish['enoughLeft'] ?? false) {
            $limits = Field::read('amountMl', static fn(): MixLimits => $limits->enoughFor($amountMl, $owned->leftMl()));
        }

        return new self($name, $film === null ? $target : MixTarget::of($target->colour, $film), $limits, $amountMl, $owned);
    }

    public function answers(): MixAnswers
    {
        return MixSolver::solve($this->target, $this->owned->paints(), $this->limits, self::ANSWERS_OF_EACH);
    }

    /** What to buy when the shelf does not reach the colour: only asked then, and nothing when it does. */
    public function bestBuy(MixAnswers $answers): ?BestBuy
    {
        if (Reach::of($answers)->isReached) {
            return null;
        }
        $others = Product::query()
            ->whereNotNull('swatch')
            ->whereIn('kind', $this->target->film->usualKinds())
            ->whereNotIn('id', $this->owned->products->modelKeys())
            ->orderBy('maker')->orderBy('code')->get()->map(static fn(Product $product): Paint => $product->toCore());

        return BestBuy::for($this->target, array_values($others->all()), $answers->best()->difference->number ?? INF);
    }

    /**
     * @param array<string, mixed> $wish
     *
     * @return array{string, MixTarget}
     */
    private static function target(array $wish): array
    {
        if (is_string($wish['paint'] ?? null)) {
            $paint = Product::query()->findOrFail($wish['paint'])->toCore();

            return Field::read('target.paint', static fn(): array => [$paint->name, MixTarget::like($paint)]);
        }
        if (is_string($wish['plan'] ?? null)) {
            return self::ofPlan(
                $wish['plan'],
                is_string($wish['step'] ?? null) ? $wish['step'] : '',
                is_string($wish['zone'] ?? null) ? $wish['zone'] : null,
            );
        }
        $text = is_string($wish['colour'] ?? null) ? $wish['colour'] : '';
        $colour = Field::read('target.colour', static fn(): Lab => Lab::spoken($text));

        return [ucfirst(ColourName::of($colour)->words()), MixTarget::masstone($colour)];
    }

    /**
     * The colour a step wants, or with a zone the rung of the recipe that is seen there once the step is done.
     *
     * @return array{string, MixTarget}
     */
    private static function ofPlan(string $planId, string $stepId, ?string $zone): array
    {
        $plan = Plan::query()->findOrFail($planId)->toCore();
        [$area, $step] = $plan->find($stepId) ?? throw (new ModelNotFoundException)->setModel(Plan::class, [$stepId]);
        if ($step->mix === null || $step->mix->isClear()) {
            throw Faulty::field('target.step', 'This step has no paint yet. Choose another, or give it a colour.');
        }
        if ($zone === null) {
            $film = $step->mix->film() ?? Film::Covering;

            return ["$area->name, {$step->technique->label}", MixTarget::of($step->mix->colour(), $film)];
        }
        $zone = Zone::tryFrom($zone) ?? throw Faulty::field('target.zone', 'There is no such zone.');
        $look = Rehearsal::of($plan)->stage($stepId)?->look;

        return $look === null
            ? throw Faulty::field('target.step', 'This step leaves nothing to see yet.')
            : ["$area->name, {$zone->label()} after {$step->technique->label}", MixTarget::masstone($look->at($zone))];
    }
}
