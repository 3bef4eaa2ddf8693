<?php

declare(strict_types=1);

namespace App\Models;

use Illuminate\Database\Eloquent\Model;

/**
 * What was really used of a pot between two looks into it, beside what the record had reckoned.
 *
 * @property string $product_id
 * @property float $reckoned_ml
 * @property float $really_ml
 * @property float|null $loss share lost on the palette that was reckoned with; null: the usual
 */
final class PotReading extends Model
{
    /** Less than that nobody sees in a pot. */
    private const LEAST_ML = 0.3;

    protected $guarded = [];

    /** @var array<string, string> */
    protected $casts = ['reckoned_ml' => 'float', 'really_ml' => 'float', 'loss' => 'float'];

    /** Somebody looked into a pot and says what is left. Filling it up or buying another is no reading. */
    public static function note(Pot $pot, float $leftMl): void
    {
        if (! $pot->exists || $leftMl >= $pot->remaining_ml + self::LEAST_ML * 10) {
            return;
        }
        $since = self::query()->where('product_id', $pot->product_id)->max('created_at');
        $reckoned = 0.0;
        foreach (LogEntry::query()
            ->where('spent', 'like', '%'.$pot->product_id.'%')
            ->when($since !== null, static fn($query) => $query->where('created_at', '>', $since))
            ->get() as $entry) {
            foreach ($entry->spent ?? [] as $one) {
                $reckoned += $one['paint'] === $pot->product_id ? (float) $one['ml'] : 0.0;
            }
        }
        $really = $pot->remaining_ml + $reckoned - $leftMl;
        if ($reckoned >= self::LEAST_ML && $really > 0.0) {
            self::query()->create([
                'product_id' => $pot->product_id,
                'reckoned_ml' => round($reckoned, 4),
                'really_ml' => round($really, 4),
                'loss' => Setting::measures()->loss,
            ]);
        }
    }
}
