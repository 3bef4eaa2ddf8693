<?php

declare(strict_types=1);

namespace App\Http\Requests;

/**
 * Rules for each item of a list are made before the list's own length is looked at, which takes seconds for ten thousand items. So a list
 * that is too long is cut to one more than it may have: enough for its own rule to refuse it.
 */
final class BoundedLists
{
    /**
     * @param array<mixed> $input
     * @param array<mixed> $rules by dotted field, "*" for each item
     *
     * @return array<mixed>
     */
    public static function cut(array $input, array $rules): array
    {
        foreach ($rules as $field => $ofField) {
            $most = self::most(is_array($ofField) ? $ofField : []);
            if ($most !== null) {
                $input = self::cutAt($input, explode('.', (string) $field), $most);
            }
        }

        return $input;
    }

    /**
     * @param array<mixed> $input
     * @param list<string> $path
     *
     * @return array<mixed>
     */
    private static function cutAt(array $input, array $path, int $most): array
    {
        if ($path === []) {
            return array_slice($input, 0, $most + 1, true);
        }
        $keys = $path[0] === '*' ? array_keys($input) : [$path[0]];
        foreach ($keys as $key) {
            if (is_array($input[$key] ?? null)) {
                $input[$key] = self::cutAt($input[$key], array_slice($path, 1), $most);
            }
        }

        return $input;
    }

    /** @param array<mixed> $rules */
    private static function most(array $rules): ?int
    {
        if (! in_array('array', $rules, true)) {
            return null;
        }
        foreach ($rules as $rule) {
            if (is_string($rule) && preg_match('/^(?:max:|between:\d+,|size:)(\d+)$/D', $rule, $found) === 1) {
                return (int) $found[1];
            }
        }

        return null;
    }
}
