<?php

declare(strict_types=1);

namespace Kalokroma\Matching;

use Kalokroma\Paint\Paint;

/**
 * Finds paints by what somebody wrote down of them: a name, a code, maker and code, spelled as memory has it.
 */
final class PaintNames
{
    /** Share of letters that must agree before a paint is believed to be meant. */
    private const BELIEVED = 0.74;

    /** Another paint whose name agrees nearly as well is told of. */
    private const NEARLY = 0.06;

    /** Fewer letters of a name tell nothing. */
    private const TELLING = 3;

    /** @var array<string, list<Paint>> whatever names exactly one paint or a few, folded => paints */
    private array $exact = [];

    /** @var list<array{string, Paint}> sorted words of a name => paint */
    private array $names = [];

    /** @param iterable<Paint> $paints */
    public function __construct(iterable $paints)
    {
        foreach ($paints as $paint) {
            foreach (array_unique([
                self::fold($paint->name),
                self::fold($paint->code),
                self::fold("$paint->maker $paint->code"),
                self::fold("$paint->maker $paint->name"),
                self::fold("$paint->code $paint->name"),
                self::fold("$paint->name $paint->code"),
                self::fold("$paint->maker $paint->code $paint->name"),
                self::fold("$paint->name $paint->maker $paint->code"),
            ]) as $written) {
                $this->exact[$written][] = $paint;
            }
            $this->names[] = [self::sorted($paint->name), $paint];
            $this->names[] = [self::sorted("$paint->maker $paint->name"), $paint];
        }
    }

    /** @return list<array{Paint, float}> paint and certainty 0…1, likeliest first; empty when nothing is like it */
    public function find(string $written): array
    {
        $folded = self::fold($written);
        if ($folded === '') {
            return [];
        }
        if (isset($this->exact[$folded])) {
            return array_map(static fn(Paint $paint): array => [$paint, 1.0], $this->exact[$folded]);
        }

        return $this->alike(self::sorted($written));
    }

    /** @return list<Paint> those that are called just so */
    public function exactly(string $written): array
    {
        return $this->exact[self::fold($written)] ?? [];
    }

    /** @return list<array{Paint, float}> */
    private function alike(string $words): array
    {
        $length = strlen($words);
        $found = $this->partly($words);
        foreach ($this->names as [$name, $paint]) {
            $longest = max($length, strlen($name));
            if (abs($length - strlen($name)) > (1 - self::BELIEVED) * $longest) {
                continue;
            }
            $likeness = 1 - levenshtein($words, $name) / $longest;
            if ($likeness >= self::BELIEVED && $likeness > ($found[$paint->id][1] ?? 0.0)) {
                $found[$paint->id] = [$paint, $likeness];
            }
        }
        usort($found, static fn(array $one, array $other): int => $other[1] <=> $one[1]);

        return array_values(array_filter($found, static fn(array $one): bool => $one[1] >= $found[0][1] - self::NEARLY));
    }

    /**
     * Paints of whose name these are some of the words.
     *
     * @return array<string, array{Paint, float}>
     */
    private function partly(string $words): array
    {
        $found = [];
        foreach ($this->names as [$name, $paint]) {
            if (strlen($words) >= self::TELLING && array_diff(explode(' ', $words), explode(' ', $name)) === []) {
                $found[$paint->id] ??= [$paint, self::BELIEVED];
            }
        }

        return $found;
    }

    /** Lower case, no accents, nothing but letters, digits and single spaces. */
    private static function fold(string $text): string
    {
        $plain = iconv('UTF-8', 'ASCII//TRANSLIT//IGNORE', mb_strtolower($text));

        return trim(preg_replace('/[^a-z0-9]+/', ' ', strtolower($plain === false ? $text : $plain)) ?? '');
    }

    private static function sorted(string $text): string
    {
        $words = explode(' ', self::fold($text));
        sort($words);

        return substr(implode(' ', $words), 0, 255);
    }
}
