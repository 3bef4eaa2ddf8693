<?php

declare(strict_types=1);

namespace App\Figures;

use App\Models\Figure;
use Illuminate\Support\Facades\DB;
use Kalokroma\Exchange\Faulty;
use Kalokroma\Relief\IllegalSculpt;
use Kalokroma\Relief\Patches;
use Kalokroma\Relief\Superpixels;

/** What of a figure is tapped as one: worked out once, and as it was cut since. */
final class KeptPatches
{
    private const WHAT = 'patches';

    /** @return string the patch of each triangle, two bytes each */
    public static function of(Figure $figure): string
    {
        $kept = DB::table('figure_reliefs')->where('figure_id', $figure->id)->where('what', self::WHAT)->value('bytes');
        if (is_string($kept)) {
            return $kept;
        }
        $bytes = pack('v*', ...$figure->isPicture() ? Superpixels::of($figure->toPicture()) : Patches::of($figure->mesh()));
        DB::transaction(static fn() => self::keep($figure, $bytes));

        return $bytes;
    }

    /**
     * Keeps them as they were cut, within whoever's transaction.
     *
     * @param string $bytes the patch of each triangle, two bytes each
     *
     * @throws Faulty when they are another figure's
     */
    public static function keep(Figure $figure, string $bytes): void
    {
        if (strlen($bytes) !== 2 * $figure->triangle_count) {
            throw Faulty::field('patches', IllegalSculpt::otherCount('patches', intdiv(strlen($bytes), 2), $figure->triangle_count)->getMessage());
        }
        DB::table('figure_reliefs')->updateOrInsert(['figure_id' => $figure->id, 'what' => self::WHAT], ['bytes' => $bytes, 'begun' => null]);
    }
}
