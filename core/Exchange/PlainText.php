<?php

declare(strict_types=1);

namespace Kalokroma\Exchange;

use BackedEnum;

/** What may stand in a name or note: any script and emoji, but no control characters and no more than fits. */
final class PlainText
{
    /** What is wrong with the text, or nothing. */
    public static function complaint(string $text, int $longest, bool $needed): ?string
    {
        return match (true) {
            $needed && trim($text) === '' => 'This may not be empty.',
            ! mb_check_encoding($text, 'UTF-8') => 'This is not UTF-8 text.',
            mb_strlen($text) > $longest => sprintf('This is %d characters long; %d fit.', mb_strlen($text), $longest),
            preg_match('/[\x00-\x08\x0B\x0C\x0E-\x1F\x7F]/', $text) === 1 => 'This holds control characters. Type it anew instead of pasting it.',
            default => null,
        };
    }

    /** @param class-string<BackedEnum> $enum */
    public static function unknownChoice(string $given, string $enum): string
    {
        return self::unknownWord($given, array_map(static fn(BackedEnum $case): string => (string) $case->value, $enum::cases()));
    }

    /** @param list<string> $known */
    public static function unknownWord(string $given, array $known): string
    {
        return sprintf('"%s" is not known here. Use one of: %s.', mb_strimwidth(mb_scrub($given), 0, 30, '…'), implode(', ', $known));
    }
}
