<?php

declare(strict_types=1);

namespace App\Buying;

use App\Lists\PastedList;
use App\Models\PaintSet;
use App\Models\Plan;
use App\Models\Product;
use App\Shelf\OwnedPaints;
use App\Support\Field;
use Illuminate\Database\Eloquent\Builder;
use Illuminate\Support\Collection;
use Kalokroma\Matching\Buying;
use Kalokroma\Matching\Compatibility;
use Kalokroma\Matching\Standing;
use Kalokroma\Matching\Substitutes;
use Kalokroma\Matching\Verdict;
use Kalokroma\Mixing\Mix;
use Kalokroma\Paint\Paint;
use Kalokroma\Planning\Needs;

/**
 * What to buy for a plan, a pasted list or the wish list.
 */
final readonly class Advice
{
    /**
     * @param list<Paint> $needs
     * @param list<string> $unknown entries of a list that nobody could make sense of
     * @param array<string, list<string>> $uses by paint, of a plan: "Cloak: wash"
     */
    private function __construct(
        public array $needs,
        public array $unknown,
        public Buying $buying,
        public array $uses,
    ) {}

    /**
     * @param array{plan?: string|null, text?: string|null, tolerance?: float|string|null, budget?: int|null, inStockOnly?: bool|null,
     *     shelfStandsIn?: bool|null} $wish
     *
     * @throws \Kalokroma\Exchange\Faulty when the list makes no sense or holds too much
     */
    public static function on(array $wish, Market $market): self
    {
        $tolerance = (float) ($wish['tolerance'] ?? Buying::USUAL_TOLERANCE);
        $owned = OwnedPaints::now()->paints();
        $plan = ($wish['plan'] ?? null) === null ? null : Plan::query()->findOrFail($wish['plan']);
        [$needs, $unknown] = self::needs($wish, $plan);
        $ids = array_column($owned, 'id');
        $needs = array_values(array_filter($needs, static fn(Paint $paint): bool => ! in_array($paint->id, $ids, true)));
        if ($wish['shelfStandsIn'] ?? false) {
            $shelf = Substitutes::forMany($owned);
            $needs = array_values(array_filter($needs, static fn(Paint $paint): bool => $paint->isClear()
                ? $shelf->forClear($paint) === null
                : Verdict::on(Mix::single($paint), $shelf, $tolerance)->standing === Standing::Missing));
        }
        $forSale = $market->forSale(
            self::alike($needs, $tolerance),
            PaintSet::query()->with('products')->orderBy('maker')->orderBy('code')->get(),
            (bool) ($wish['inStockOnly'] ?? false),
        );

        return new self(
            $needs,
            $unknown,
            Field::read('text', static fn(): Buying => Buying::of($needs, $forSale, $owned, $tolerance, $wish['budget'] ?? null)),
            $plan === null ? [] : Needs::of($plan->toCore())->byPaint(),
        );
    }

    /**
     * Only what might do some need's job is looked at closely: of a large catalogue that is a small part.
     *
     * @param list<Paint> $needs
     *
     * @return Collection<int, Product>
     */
    private static function alike(array $needs, float $tolerance): Collection
    {
        $far = Buying::lightnessApart($tolerance) + 0.01;

        return $needs === [] ? new Collection : Product::query()->where(static function (Builder $any) use ($needs, $far): void {
            foreach ($needs as $need) {
                $any->orWhere(static function (Builder $one) use ($need, $far): void {
                    $one->whereIn('kind', array_column(Compatibility::kindsFor($need->kind), 'value'));
                    if (! $need->isClear()) {
                        $one->whereBetween('value', [$need->colour()->lightness - $far, $need->colour()->lightness + $far]);
                    }
                });
            }
        })->orderBy('maker')->orderBy('code')->get();
    }

    /**
     * @param array{text?: string|null} $wish
     *
     * @return array{list<Paint>, list<string>}
     */
    private static function needs(array $wish, ?Plan $plan): array
    {
        if ($plan !== null) {
            return [OwnedPaints::shelf()->missing($plan->toCore()->paints()), []];
        }
        if (($wish['text'] ?? null) !== null) {
            $list = PastedList::of($wish['text']);

            return [$list->paints(), $list->unknown()];
        }
        $wished = Product::query()
            ->whereHas('pot', static fn(Builder $pot) => $pot->where('wished', true))
            ->orderBy('maker')
            ->orderBy('code')
            ->get();

        return [array_values($wished->map(static fn(Product $product): Paint => $product->toCore())->all()), []];
    }
}
