<?php

declare(strict_types=1);

namespace App\Batches;

use App\Models\Pot;

/** Takes paint out of the pots as work is recorded, and puts it back when it is taken back. */
final class PotUse
{
    /**
     * @param array<string, float> $spent ml by paint id
     *
     * @return list<array{paint: string, ml: float}> what was there to be taken
     */
    public function take(array $spent): array
    {
        $taken = [];
        foreach ($this->pots(array_keys($spent)) as $id => $pot) {
            $ml = round(min($spent[$id], $pot->remaining_ml), 4);
            if ($ml > 0.0) {
                $pot->update(['remaining_ml' => round($pot->remaining_ml - $ml, 4), 'version' => $pot->version + 1]);
                $taken[] = ['paint' => $id, 'ml' => $ml];
            }
        }

        return $taken;
    }

    /**
     * A pot that was filled or looked into since takes no more than it holds.
     *
     * @param list<array{paint: string, ml: float}> $taken
     */
    public function giveBack(array $taken): void
    {
        $ml = array_column($taken, 'ml', 'paint');
        foreach ($this->pots(array_keys($ml)) as $id => $pot) {
            $full = max($pot->remaining_ml, $pot->product->fullMl($pot->pots));
            $pot->update(['remaining_ml' => round(min($full, $pot->remaining_ml + (float) $ml[$id]), 4), 'version' => $pot->version + 1]);
        }
    }

    /**
     * @param list<int|string> $ids
     *
     * @return array<string, Pot> of what is owned, by paint
     */
    private function pots(array $ids): array
    {
        return Pot::query()->with('product')->whereIn('product_id', $ids)->where('pots', '>', 0)->get()->keyBy('product_id')->all();
    }
}
