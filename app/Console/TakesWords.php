<?php

declare(strict_types=1);

namespace App\Console;

use BackedEnum;
use Kalokroma\Exchange\PlainText;

/** A command that reads what stands behind its options, and says what an option takes where it is something else. */
trait TakesWords
{
    protected function word(string $argument): string
    {
        $word = $this->argument($argument);

        return is_string($word) ? $word : '';
    }

    /** What stands behind an option; nothing when it is not given. */
    protected function optional(string $option): string
    {
        $word = $this->option($option);

        return is_scalar($word) ? (string) $word : '';
    }

    protected function number(string $option, string $what): float
    {
        $text = $this->option($option);
        if (! is_string($text) || preg_match('/^-?\d{1,9}(\.\d{1,6})?$/D', $text) !== 1) {
            throw new WrongWords("--$option takes $what.");
        }

        return (float) $text;
    }

    protected function whole(string $option, string $what, int $least = PHP_INT_MIN, int $most = PHP_INT_MAX): int
    {
        $number = $this->number($option, $what);

        return $number === floor($number) && $number >= $least && $number <= $most
            ? (int) $number
            : throw new WrongWords("--$option takes $what.");
    }

    /**
     * @template T of BackedEnum
     *
     * @param class-string<T> $enum
     *
     * @return T
     */
    protected function oneOf(string $option, string $enum): BackedEnum
    {
        return self::known($option, $this->optional($option), $enum);
    }

    /**
     * @template T of BackedEnum
     *
     * @param class-string<T> $enum
     *
     * @return list<T> what stands behind the option, parted by commas
     */
    protected function someOf(string $option, string $enum): array
    {
        return array_map(static fn(string $word): BackedEnum => self::known($option, $word, $enum), $this->listed($option));
    }

    /** @return list<string> */
    protected function listed(string $option): array
    {
        return array_values(array_filter(
            array_map(trim(...), explode(',', $this->optional($option))),
            static fn(string $one): bool => $one !== '',
        ));
    }

    /**
     * @template T of BackedEnum
     *
     * @param class-string<T> $enum
     *
     * @return T
     */
    private static function known(string $option, string $word, string $enum): BackedEnum
    {
        return $enum::tryFrom($word) ?? throw new WrongWords("--$option: ".PlainText::unknownChoice($word, $enum));
    }
}
