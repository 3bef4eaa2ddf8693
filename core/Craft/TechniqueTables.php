<?php

declare(strict_types=1);

namespace Kalokroma\Craft;

use Kalokroma\Paint\Finish;
use RuntimeException;

/** The techniques as they stand in techniques.md. */
final class TechniqueTables
{
    /**
     * @return list<Technique> in the order of the tables
     *
     * @throws RuntimeException when the tables are torn
     */
    public static function all(): array
    {
        $tables = MarkdownTables::of(__DIR__.'/techniques.md');
        $begun = array_column($tables['How one begins with them'], null, 'id');
        $hints = array_column($tables['What matters in the hand'], 'hint', 'id');
        $left = [];
        foreach ($tables['What a coat of them leaves'] as $row) {
            $left[$row['id']][$row['load']] = self::deposit($row);
        }

        return array_map(static fn(array $row): Technique => new Technique(
            $row['id'],
            $row['label'],
            Family::from($row['family']),
            (int) $row['rank'],
            Takes::from($row['takes']),
            self::leaves($left[$row['id']] ?? []),
            self::usual($begun[$row['id']]),
            (int) $begun[$row['id']]['neat'],
            (float) $begun[$row['id']]['minutes'],
            (int) $begun[$row['id']]['dry'],
            $begun[$row['id']]['next'],
            $hints[$row['id']],
            array_map(Nature::from(...), self::words($row['natures'])),
            array_map(Hazard::from(...), self::words($row['hazards'])),
            Finish::tryFrom($row['leaves']),
        ), $tables['What they are']);
    }

    /** @param array<string, string> $row */
    private static function deposit(array $row): Deposit
    {
        return Deposit::of(
            self::numbers($row['level']),
            self::numbers($row['carved'] ?: $row['level']),
            self::numbers($row['share'] ?: '1'),
            $row['tapers'] === 'yes',
        );
    }

    /** @param array<string, Deposit> $loads by load */
    private static function leaves(array $loads): Deposit
    {
        return ($loads['normal'] ?? Deposit::none())->withLoads(array_diff_key($loads, ['normal' => true]));
    }

    /** @param array<string, string> $row */
    private static function usual(array $row): Usual
    {
        [$paint, , $thinner, $with] = $row['paint : thinner'] === 'straight' ? ['1', ':', '0', 'water'] : self::words($row['paint : thinner']);

        return new Usual(
            (int) $row['coats'],
            (int) $paint,
            (int) $thinner,
            Thinner::from($with),
            Brush::from($row['brush']),
            Place::from($row['place']),
        );
    }

    /** @return list<float> zone by zone */
    private static function numbers(string $field): array
    {
        $numbers = array_map(floatval(...), self::words($field));

        return count($numbers) === 1 ? array_fill(0, count(Zone::cases()), $numbers[0]) : $numbers;
    }

    /** @return list<string> */
    private static function words(string $field): array
    {
        return $field === '' ? [] : explode(' ', $field);
    }
}
