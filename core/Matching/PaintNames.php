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

    /** Letters from which a word may be a name that is misspelled. */
    private const LIKENED = 4;

    /** @var array<string, list<string>> whatever names exactly one paint or a few, folded => ids */
    private array $exact = [];

    /** @var list<array{string, string}> sorted words of a name => id */
    private array $names = [];

    /** @var array<string, Paint> those that were asked for */
    private array $paints = [];

    /** @var array<string, string> ids of paints and of those that are taken instead */
    private array $instead = [];

    /** @param callable(string): Paint $fetch by id */
    private function __construct(private readonly mixed $fetch) {}

    /** @param iterable<Paint> $paints */
    public static function of(iterable $paints): self
    {
        $byId = array_column([...$paints], null, 'id');

        return self::labelled(
            array_map(static fn(Paint $paint): array => [$paint->id, $paint->maker, $paint->code, $paint->name], $byId),
            static fn(string $id): Paint => $byId[$id],
        );
    }

    /**
     * Of a large catalogue only those paints are made that somebody means.
     *
     * @param iterable<array{string, string, string, string}> $labels id, maker, code and name
     * @param callable(string): Paint $fetch by id
     */
    public static function labelled(iterable $labels, callable $fetch): self
    {
        $names = new self($fetch);
        foreach ($labels as [$id, $makerWritten, $codeWritten, $nameWritten]) {
            [$maker, $code, $name] = [self::fold($makerWritten), self::fold($codeWritten), self::fold($nameWritten)];
            foreach ([
                $name, $code, "$maker $code", "$maker $name", "$code $name", "$name $code", "$maker $code $name", "$name $maker $code",
            ] as $written) {
                $written = trim($written);
                if ($written !== '' && ! in_array($id, $names->exact[$written] ?? [], true)) {
                    $names->exact[$written][] = $id;
                }
            }
            $names->names[] = [self::sorted($name), $id];
            $names->names[] = [self::sorted(trim("$maker $name")), $id];
        }

        return $names;
    }

    /**
     * Where somebody has said what is meant.
     *
     * @param array<string, string> $written ids of paints by what is written of them
     * @param array<string, string> $instead ids of paints by those they stand in for
     */
    public function meaning(array $written, array $instead = []): self
    {
        $names = clone $this;
        foreach ($written as $text => $id) {
            $names->exact[self::fold((string) $text)] = [$id];
        }
        $names->instead = [...$names->instead, ...$instead];

        return $names;
    }

    /** @return list<array{Paint, float}> paint and certainty 0…1, likeliest first; empty when nothing is like it */
    public function find(string $written): array
    {
        $folded = self::fold($written);
        if ($folded === '') {
            return [];
        }
        if (isset($this->exact[$folded])) {
            return array_map(static fn(Paint $paint): array => [$paint, 1.0], $this->exactly($written));
        }

        return array_map(fn(array $one): array => [$this->paint($one[0]), $one[1]], $this->alike(self::sorted($folded)));
    }

    /** @return list<Paint> those that are called just so */
    public function exactly(string $written): array
    {
        return array_map($this->paint(...), $this->exact[self::fold($written)] ?? []);
    }

    private function paint(string $id): Paint
    {
        $id = $this->instead[$id] ?? $id;

        return $this->paints[$id] ??= ($this->fetch)($id);
    }

    /** @return list<array{string, float}> ids */
    private function alike(string $words): array
    {
        $length = strlen($words);
        $found = $this->partly($words);
        // Of few letters one more or less makes another word.
        foreach ($length < self::LIKENED ? [] : $this->names as [$name, $id]) {
            $longest = max($length, strlen($name));
            if (abs($length - strlen($name)) > (1 - self::BELIEVED) * $longest) {
                continue;
            }
            $likeness = 1 - levenshtein($words, $name) / $longest;
            if ($likeness >= self::BELIEVED && $likeness > ($found[$id][1] ?? 0.0)) {
                $found[$id] = [$id, $likeness];
            }
        }
        usort($found, static fn(array $one, array $other): int => $other[1] <=> $one[1]);

        return array_values(array_filter($found, static fn(array $one): bool => $one[1] >= $found[0][1] - self::NEARLY));
    }

    /**
     * Paints of whose name these are some of the words.
     *
     * @return array<string, array{string, float}>
     */
    private function partly(string $words): array
    {
        if (strlen($words) < self::TELLING) {
            return [];
        }
        $found = [];
        $each = array_map(static fn(string $word): string => " $word ", explode(' ', $words));
        foreach ($this->names as [$name, $id]) {
            $name = " $name ";
            foreach ($each as $word) {
                if (! str_contains($name, $word)) {
                    continue 2;
                }
            }
            $found[$id] ??= [$id, self::BELIEVED];
        }

        return $found;
    }

    /** Lower case, no accents, nothing but letters, digits and single spaces. */
    private static function fold(string $text): string
    {
        $plain = iconv('UTF-8', 'ASCII//TRANSLIT//IGNORE', mb_strtolower($text));

        return trim(preg_replace('/[^a-z0-9]+/', ' ', strtolower($plain === false ? $text : $plain)) ?? '');
    }

    private static function sorted(string $folded): string
    {
        $words = explode(' ', $folded);
        sort($words);

        return substr(implode(' ', $words), 0, 255);
    }
}
