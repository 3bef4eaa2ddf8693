<?php

declare(strict_types=1);

namespace App\Buying;

use App\Lists\PastedList;
use App\Lists\PlanNeeds;
use App\Models\PaintSet;
use App\Models\Plan;
use App\Models\Product;
use App\Shelf\OwnedPaints;
use App\Support\Field;
use Illuminate\Database\Eloquent\Builder;
use Kalokroma\Matching\Buying;
use Kalokroma\Matching\Standing;
use Kalokroma\Matching\Substitutes;
use Kalokroma\Matching\Verdict;
use Kalokroma\Mixing\Mix;
use Kalokroma\Paint\Paint;

/**
 * What to buy for a plan, a pasted list or the wish list.
 */
final readonly class Advice
{
    /**
     * @param list<Paint> $needs
     * @param list<string> $unknown entries of a list that nobody could make sense of
     */
    private function __construct(
        public array $needs,
        public array $unknown,
        public Buying $buying,
    ) {}

    /**
     * @param array{plan?: string|null, text?: string|null, tolerance?: float|string|null, budget?: int|null, inStockOnly?: bool|null, shelfStandsIn?: bool|null} $wish
     *
     * @throws \Kalokroma\Exchange\Faulty when the list makes no sense or holds too much
     */
    public static function on(array $wish, Market $market): self
    {
        $tolerance = (float) ($wish['tolerance'] ?? Buying::USUAL_TOLERANCE);
        $owned = OwnedPaints::now()->paints();
        [$needs, $unknown] = self::needs($wish);
        $ids = array_map(static fn(Paint $paint): string => $paint->id, $owned);
        $needs = array_values(array_filter($needs, static fn(Paint $paint): bool => ! in_array($paint->id, $ids, true)));
        if ($wish['shelfStandsIn'] ?? false) {
            $shelf = Substitutes::forMany($owned);
            $needs = array_values(array_filter($needs, static fn(Paint $paint): bool => $paint->isClear()
                || Verdict::on(Mix::single($paint), $shelf, $tolerance)->standing === Standing::Missing));
        }
        $forSale = $market->forSale(
            Product::query()->orderBy('maker')->orderBy('code')->get(),
            PaintSet::query()->with('products')->orderBy('maker')->orderBy('code')->get(),
            (bool) ($wish['inStockOnly'] ?? false),
        );

        return new self($needs, $unknown, Field::read('text', static fn(): Buying => Buying::of($needs, $forSale, $owned, $tolerance, $wish['budget'] ?? null)));
    }

    /**
     * @param array{plan?: string|null, text?: string|null} $wish
     *
     * @return array{list<Paint>, list<string>}
     */
    private static function needs(array $wish): array
    {
        if (($wish['plan'] ?? null) !== null) {
            return [PlanNeeds::missing(Plan::query()->findOrFail($wish['plan'])), []];
        }
        if (($wish['text'] ?? null) !== null) {
            $list = PastedList::of($wish['text']);

            return [$list->paints(), $list->unknown()];
        }
        $wished = Product::query()->whereHas('pot', static fn(Builder $pot) => $pot->where('wished', true))->orderBy('maker')->orderBy('code')->get();

        return [array_values($wished->map(static fn(Product $product): Paint => $product->toCore())->all()), []];
    }
}
