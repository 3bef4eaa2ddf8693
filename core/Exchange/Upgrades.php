<?php

declare(strict_types=1);

namespace Kalokroma\Exchange;

/** What has to be done to documents of older versions of the form, one step per version. */
final class Upgrades
{
    /**
     * @param array<mixed> $fields
     *
     * @return array<mixed> in the newest version
     */
    public static function toNewest(array $fields, int $version): array
    {
        foreach (array_slice(self::steps(), $version - 1) as $step) {
            $fields = $step($fields);
        }

        return $fields;
    }

    /** @return list<callable(array<mixed>): array<mixed>> the first leads from version 1 to 2 */
    private static function steps(): array
    {
        return [
            // Version 2 only adds, and what it adds reads as usual where it is missing.
            static fn(array $fields): array => ['version' => 2] + $fields,
            // And so does version 3.
            static fn(array $fields): array => ['version' => 3] + $fields,
        ];
    }
}
