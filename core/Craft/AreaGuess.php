<?php

declare(strict_types=1);

namespace Kalokroma\Craft;

/**
 * What an area most likely is, told from its name: the last word that we know (areas.md) says what thing it is and so its texture and share,
 * a word for a stuff before it ("leather coat", "brass lantern") what it is made of.
 */
final class AreaGuess
{
    /** Reliefs that a thing keeps from what it is made of. */
    private const WOVEN_IN = [Texture::FurOrFeather, Texture::ScalesOrChain];

    /** @var array<string, self>|null by word */
    private static ?array $things = null;

    /** @var array<string, Material> by word */
    private static array $stuffs = [];

    private function __construct(
        public readonly Texture $texture,
        public readonly Material $material,
        public readonly AreaSize $size,
    ) {}

    public static function of(string $name): self
    {
        if (self::$things === null) {
            self::read();
        }
        $words = preg_split('/[^\p{L}]+/u', mb_strtolower(mb_scrub($name)), -1, PREG_SPLIT_NO_EMPTY) ?: [];
        $thing = $stuff = null;
        foreach ($words as $word) {
            // Many of a thing are made of what one is.
            $found = self::$things[$word] ?? self::$things[preg_replace('/(?<=.{3})s$/u', '', $word)] ?? null;
            // What came before said what it is made of.
            $thing = match (true) {
                $found === null => $thing,
                // A fur cape is a cape with the relief of fur.
                in_array($thing?->texture, self::WOVEN_IN, true) => new self($thing->texture, $thing->material, $found->size),
                default => $found,
            };
            $stuff ??= $found !== null && $word === end($words) ? null : self::$stuffs[$word] ?? null;
        }
        $thing ??= new self(Texture::BroadFolds, Material::Other, AreaSize::Medium);

        return new self($thing->texture, $stuff ?? $thing->material, $thing->size);
    }

    private static function read(): void
    {
        $tables = MarkdownTables::of(__DIR__.'/areas.md');
        self::$things = [];
        foreach ($tables['Things'] as $row) {
            $thing = new self(Texture::from($row['texture']), Material::from($row['material']), AreaSize::from($row['size']));
            self::$things += array_fill_keys(explode(' ', $row['words']), $thing);
        }
        foreach ($tables['Stuffs'] as $row) {
            self::$stuffs += array_fill_keys(explode(' ', $row['words']), Material::from($row['material']));
        }
    }
}
