<?php

declare(strict_types=1);

namespace Kalokroma\Craft;

/** What the handbook says besides the techniques, as it stands in handbook.md. */
final class Handbook
{
    /** @var array<string, list<array<string, string>>>|null by heading */
    private static ?array $chapters = null;

    /** @return list<array<string, string>> id, title and text: ways of painting an area from the first coat to the last */
    public static function schools(): array
    {
        return self::chapter('Schools');
    }

    /** @return list<array<string, string>> id, title and text: which undercoat, and how it gets on */
    public static function undercoats(): array
    {
        return self::chapter('Undercoats');
    }

    /** @return list<array<string, string>> id, title and text: the words of the craft as they are used here */
    public static function words(): array
    {
        return self::chapter('Words');
    }

    /** @return list<array<string, string>> id, title and two lines, first and then: what can hurt, and how one keeps from it */
    public static function cautions(): array
    {
        return self::chapter('Cautions');
    }

    /** @return list<array<string, string>> */
    private static function chapter(string $heading): array
    {
        self::$chapters ??= MarkdownTables::of(__DIR__.'/handbook.md');

        return self::$chapters[$heading];
    }
}
