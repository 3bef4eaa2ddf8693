<?php

declare(strict_types=1);

namespace Tests\Core;

use Kalokroma\Craft\AreaSize;
use Kalokroma\Craft\Brush;
use Kalokroma\Craft\CraftBook;
use Kalokroma\Craft\Family;
use Kalokroma\Craft\Material;
use Kalokroma\Craft\Technique;
use Kalokroma\Craft\Texture;
use Random\Engine\Mt19937;
use Random\Randomizer;

/** Sketches that are a word or a line away from one that says something: where a rule begins to speak, and where it keeps quiet again. */
final readonly class Nearby
{
    private function __construct(private Randomizer $dice) {}

    /** @return list<string> sketches of plans; the same seed makes the same ones */
    public static function of(string $sketch, int $count, int $seed): array
    {
        $near = new self(new Randomizer(new Mt19937($seed)));
        $found = [];
        for ($at = 0; $at < 4 * $count && count($found) < $count; $at++) {
            $changed = $near->changed(explode("\n", $sketch));
            if ($changed !== $sketch && ! in_array($changed, $found, true)) {
                $found[] = $changed;
            }
        }

        return $found;
    }

    /**
     * The same in other shades: each paint of it a little or much darker, paler, greyer, thinner than it is.
     *
     * @return list<string>
     */
    public static function inShades(string $sketch, int $count, int $seed): array
    {
        $near = new self(new Randomizer(new Mt19937($seed)));
        $found = [];
        while (count($found) < $count) {
            $shades = [];
            $lines = explode("\n", $sketch);
            foreach ($lines as $at => $line) {
                $words = explode(' ', $line);
                foreach (CraftBook::standard()->technique(strtok(trim($line), ' ') ?: '') === null ? [] : $words as $place => $word) {
                    if (isset(PlanSketch::PAINTS[$word][1])) {
                        $words[$place] = $shades[$word] ??= $word.$near->shade();
                    }
                }
                $lines[$at] = implode(' ', $words);
            }
            $found[] = implode("\n", $lines);
        }

        return $found;
    }

    private function shade(): string
    {
        return sprintf('~%dc%do%d', $this->dice->getInt(-14, 14), $this->dice->getInt(20, 160), $this->dice->getInt(40, 125));
    }

    /** @param non-empty-list<string> $lines */
    private function changed(array $lines): string
    {
        $at = $this->dice->getInt(0, count($lines) - 1);
        $words = explode(' ', trim($lines[$at]));
        $technique = CraftBook::standard()->technique($words[0]);
        if ($technique === null) {
            $lines[$at] = implode(' ', match ($words[0]) {
                'area' => $this->area($words),
                'undercoat' => $this->replaced($words, 1, ['none', 'black', 'grey', 'bone', 'white', 'dim']),
                default => $words,
            });

            return implode("\n", $lines);
        }
        $kind = $this->dice->getInt(0, 7);
        if ($kind === 0) {
            array_splice($lines, $at, 1);
        } elseif ($kind === 1) {
            array_splice($lines, $at, 0, [$lines[$at]]);
        } elseif ($kind === 2 && CraftBook::standard()->technique(strtok(trim($lines[$at + 1] ?? ''), ' ') ?: '') !== null) {
            [$lines[$at], $lines[$at + 1]] = [$lines[$at + 1], $lines[$at]];
        } else {
            $lines[$at] = ' '.implode(' ', $this->step($words, $technique));
        }

        return implode("\n", $lines);
    }

    /**
     * @param list<string> $words
     *
     * @return list<string>
     */
    private function area(array $words): array
    {
        return match ($this->dice->getInt(0, 2)) {
            0 => $this->replaced($words, 2, array_column(Texture::cases(), 'value')),
            1 => $this->replaced($words, 3, array_column(AreaSize::cases(), 'value')),
            default => $this->replaced($words, 4, array_column(Material::cases(), 'value')),
        };
    }

    /**
     * @param list<string> $words
     *
     * @return list<string>
     */
    private function step(array $words, Technique $technique): array
    {
        switch ($this->dice->getInt(0, 5)) {
            case 0:
                return [...$words, 'x'.$this->one([1, 2, 3, 5])];
            case 1:
                return [...$words, $this->one(['1:0', '2:1', '1:1', '1:3'])];
            case 2:
                return [...$words, $this->one(['all', 'but', 'raised', 'edges', 'recesses', 'upper', 'patch'])];
            case 3:
                return [...$words, 'brush', $this->one(array_column(Brush::cases(), 'value'))];
            case 4:
                $alike = array_filter(
                    CraftBook::standard()->techniques(),
                    static fn(Technique $one): bool => $one->takes === $technique->takes && $one->family !== Family::Handling,
                );

                return $this->replaced($words, 0, array_column($alike, 'id'));
            default:
                foreach ($words as $at => $word) {
                    $kind = PlanSketch::PAINTS[$word][0] ?? null;
                    if ($kind !== null) {
                        $same = array_filter(PlanSketch::PAINTS, static fn(array $paint): bool => $paint[0] === $kind);

                        return $this->replaced($words, $at, array_keys($same));
                    }
                }

                return $words;
        }
    }

    /**
     * @param list<string> $words
     * @param array<string> $others
     *
     * @return list<string>
     */
    private function replaced(array $words, int $at, array $others): array
    {
        return $others === [] || ! isset($words[$at]) ? $words : array_values(array_replace($words, [$at => $this->one(array_values($others))]));
    }

    /**
     * @template T
     *
     * @param non-empty-list<T> $of
     *
     * @return T
     */
    private function one(array $of): mixed
    {
        return $of[$this->dice->getInt(0, count($of) - 1)];
    }
}
