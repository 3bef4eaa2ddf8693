<?php

declare(strict_types=1);

namespace App\Support;

use JsonException;

/** JSON of a reasonable shape: what comes in one way can be sent back any other. */
final class SoundJson
{
    /** Of a request; what is kept of it lies two levels higher. */
    public const DEEPEST = 32;

    /** Objects and lists in one document: a megabyte of brackets would fill a worker's memory. */
    private const MOST_BRACKETS = 40_000;

    /**
     * @param int<1, max> $deepest
     *
     * @return array<mixed>
     *
     * @throws JsonException when it is no object or list, too deep or of too many pieces, or has a number that no answer could hold
     */
    public static function decode(string $text, int $deepest = self::DEEPEST): array
    {
        if (substr_count($text, '[') + substr_count($text, '{') > self::MOST_BRACKETS) {
            throw new JsonException(sprintf('It has more than %d objects and lists', self::MOST_BRACKETS));
        }
        $content = json_decode($text, true, $deepest, JSON_THROW_ON_ERROR);
        if (! is_array($content)) {
            throw new JsonException('It is neither an object nor a list');
        }
        if (! self::isFinite($content)) {
            throw new JsonException('A number in it is too large');
        }

        return $content;
    }

    /**
     * 1e309 is sound JSON and reads as infinity, which no answer can hold.
     *
     * @param array<mixed> $content
     */
    private static function isFinite(array $content): bool
    {
        $isFinite = true;
        array_walk_recursive($content, static function (mixed $value) use (&$isFinite): void {
            $isFinite = $isFinite && (! is_float($value) || is_finite($value));
        });

        return $isFinite;
    }
}
