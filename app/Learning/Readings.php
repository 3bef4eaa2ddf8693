<?php

declare(strict_types=1);

namespace App\Learning;

use App\Models\Product;
use Illuminate\Database\Query\Builder;
use Illuminate\Support\Carbon;
use Illuminate\Support\Facades\Date;
use Illuminate\Support\Facades\DB;
use Illuminate\Validation\ValidationException;
use Kalokroma\Craft\CraftBook;

/** Readings of pots, mixes and drying that lessons are made of. One that was wrong is struck out, and can be taken in again. */
final class Readings
{
    private const TABLES = ['palette' => 'pot_readings', 'strength' => 'mix_readings', 'drying' => 'dry_readings'];

    private const SHOWN = 12;

    /** Those that count. */
    public static function of(string $kind): Builder
    {
        return DB::table(self::TABLES[$kind])->whereNull('struck_at')->orderBy('created_at')->orderBy('id');
    }

    /**
     * The latest of a lesson, those struck out too.
     *
     * @param string $lesson as `drying:wash`
     *
     * @return list<array{id: string, kind: string, words: string, at: string, isStruck: bool}>
     */
    public static function told(string $lesson): array
    {
        [$kind, $of] = [...explode(':', $lesson, 2), ''];
        if (! isset(self::TABLES[$kind])) {
            return [];
        }
        $rows = DB::table(self::TABLES[$kind])
            ->when($kind === 'drying', static fn(Builder $one) => $one->where('technique', $of))
            ->when($kind === 'strength', static fn(Builder $one) => $one->where('product_id', $of))
            ->orderByDesc('created_at')->orderByDesc('id')->limit(self::SHOWN)->get()->all();
        $names = $kind === 'palette'
            ? Product::withTrashed()->findMany(array_map(static fn(object $row): string => (string) $row->product_id, $rows))->pluck('name', 'id')
            : null;

        return array_map(static fn(object $row): array => [
            'id' => (string) $row->id,
            'kind' => $kind,
            'words' => match ($kind) {
                'palette' => sprintf('%s: %.1f ml gone, %.1f reckoned', $names[$row->product_id] ?? 'a paint', $row->really_ml, $row->reckoned_ml),
                'strength' => sprintf('one coat hides %.0f %%', 100 * $row->opacity),
                default => sprintf(
                    '%s: dry after %d min, %d reckoned',
                    CraftBook::standard()->technique((string) $row->technique)->label ?? '',
                    round($row->really_minutes),
                    round($row->reckoned_minutes),
                ),
            },
            'at' => Carbon::parse((string) $row->created_at)->toIso8601ZuluString(),
            'isStruck' => $row->struck_at !== null,
        ], array_values($rows));
    }

    /** @throws ValidationException when there is no such reading */
    public static function strike(string $kind, string $id, bool $struck): void
    {
        DB::transaction(static function () use ($kind, $id, $struck): void {
            $row = isset(self::TABLES[$kind]) ? DB::table(self::TABLES[$kind])->where('id', $id) : null;
            if ($row === null || $row->doesntExist()) {
                throw ValidationException::withMessages(['id' => 'This reading is not there any more. Load the list anew.']);
            }
            $row->update(['struck_at' => $struck ? Date::now() : null, 'updated_at' => Date::now()]);
        });
    }
}
