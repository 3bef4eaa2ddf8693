<?php

declare(strict_types=1);

namespace App\Shelf;

use App\Models\Pot;
use App\Models\Product;
use Illuminate\Support\Facades\DB;

/** Pots put on the shelf many at a time, and taken back. */
final class PutUp
{
    /**
     * What stands on the shelf already stays as it is. To be called within a transaction.
     *
     * @param list<array{Product, int}> $paints with their number of full pots; new ones are not stored yet
     *
     * @return array{paints: list<string>, pots: list<string>} ids of what was new
     */
    public static function all(array $paints): array
    {
        $done = ['paints' => [], 'pots' => []];
        foreach ($paints as [$product, $pots]) {
            if (! $product->exists) {
                $product->save();
                $done['paints'][] = $product->id;
            }
            $pot = $product->pot ?? new Pot(['product_id' => $product->id]);
            if ($pot->pots === 0 || ! $pot->exists) {
                $pot->fill(['pots' => $pots, 'remaining_ml' => $product->fullMl($pots), 'version' => $pot->exists ? $pot->version + 1 : 1])->save();
                $product->setRelation('pot', $pot);
                $done['pots'][] = $product->id;
            }
        }

        return $done;
    }

    /**
     * Takes back what was put there and nobody has used since.
     *
     * @param list<string> $paints
     * @param list<string> $pots
     */
    public static function takeBack(array $paints, array $pots): void
    {
        DB::transaction(static function () use ($paints, $pots): void {
            foreach (Product::query()->with('pot')->findMany($pots) as $product) {
                $pot = $product->pot;
                if ($pot !== null && $pot->pots > 0 && abs($pot->remaining_ml - $product->fullMl($pot->pots)) < 0.001) {
                    $pot->fill(['pots' => 0, 'remaining_ml' => 0.0, 'version' => $pot->version + 1])->save();
                }
            }
            foreach (Product::query()->with('pot')->withCount('plans')->findMany($paints) as $product) {
                if (($product->pot->pots ?? 0) === 0 && (int) $product->getAttribute('plans_count') === 0) {
                    $product->delete();
                }
            }
        });
    }
}
