<?php

declare(strict_types=1);

namespace Kalokroma\Relief;

/** What was worked out of a sculpt as bytes, one a vertex and value: small enough to keep, fine enough for an eye. */
final class PackedRelief
{
    private const HIGHEST_ZONE = 4.0;

    /**
     * @param list<float> $openness by vertex
     *
     * @return string zones of all vertices, then openness of all
     */
    public static function of(Mesh $mesh, array $openness): string
    {
        return self::shares(Relief::zones($mesh, $openness), self::HIGHEST_ZONE).self::shares($openness);
    }

    /**
     * @param list<float> $values from 0 to the highest
     *
     * @return string a byte each
     */
    public static function shares(array $values, float $highest = 1.0): string
    {
        return pack('C*', ...array_map(static fn(float $value): int => (int) round(255 * max(0.0, min(1.0, $value / $highest))), $values));
    }

    /**
     * @return array{list<float>, list<float>} zones and openness by vertex
     */
    public static function read(string $bytes): array
    {
        /** @var list<int> $values */
        $values = array_values(unpack('C*', $bytes) ?: []);
        $half = intdiv(count($values), 2);

        return [
            array_map(static fn(int $byte): float => $byte * self::HIGHEST_ZONE / 255, array_slice($values, 0, $half)),
            array_map(static fn(int $byte): float => $byte / 255, array_slice($values, $half)),
        ];
    }

    /** @return list<float> 0…1, of one byte each */
    public static function readShares(string $bytes): array
    {
        /** @var list<int> $values */
        $values = array_values(unpack('C*', $bytes) ?: []);

        return array_map(static fn(int $byte): float => $byte / 255, $values);
    }

    /**
     * What a figure is drawn from.
     *
     * @param string $bytes four a vertex
     */
    public static function skin(string $bytes): Skin
    {
        /** @var list<int> $values */
        $values = array_values(unpack('C*', $bytes) ?: []);
        $of = static function (int $from, float $highest) use ($values): array {
            $one = [];
            for ($at = $from, $end = count($values); $at < $end; $at += 4) {
                $one[] = $values[$at] * $highest / 255;
            }

            return $one;
        };

        return Skin::of($of(0, self::HIGHEST_ZONE), $of(1, 1.0), $of(2, 1.0), $of(3, 1.0));
    }
}
