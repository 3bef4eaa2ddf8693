<?php

declare(strict_types=1);

namespace App\Support;

use Illuminate\Support\Facades\DB;

/**
 * Counts the changes of every table, by triggers in the database itself: whoever keeps an answer knows by them whether what it follows from
 * is still the same. No write can forget to tell.
 */
final class Changes
{
    /** The row that tells this database from any other; it is drawn anew with every start, for a copy put back may count from where it was. */
    private const DESK = '';

    private const TABLE = 'changes';

    /** @param string ...$tables of which something follows */
    public static function of(string ...$tables): string
    {
        $names = [self::DESK, ...$tables];
        sort($names);
        $counts = DB::table(self::TABLE)->whereIn('name', $names)->pluck('count', 'name')->all();

        return implode(
            ' ',
            array_map(
                static fn(string $name): string => (string) ($counts[$name] ?? throw new \LogicException("No changes of $name are counted.")),
                $names,
            ),
        );
    }

    public static function desk(): string
    {
        return (string) DB::table(self::TABLE)->where('name', self::DESK)->value('count');
    }

    /** What was kept before counts no more. */
    public static function beginAnew(): void
    {
        DB::table(self::TABLE)->updateOrInsert(['name' => self::DESK], ['count' => random_int(1, PHP_INT_MAX)]);
    }

    /** From now on every change of the table counts. */
    public static function count(string $table): void
    {
        DB::table(self::TABLE)->insertOrIgnore(['name' => $table, 'count' => 0]);
        foreach (['insert', 'update', 'delete'] as $change) {
            DB::unprepared(sprintf(
                'create trigger if not exists "%1$s_%2$s_counts" after %2$s on "%1$s" begin update %3$s set count = count + 1 where name = \'%1$s\'; end',
                $table,
                $change,
                self::TABLE,
            ));
        }
    }
}
