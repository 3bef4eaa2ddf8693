<?php

declare(strict_types=1);

namespace Kalokroma\Writing\Guide;

use Kalokroma\Craft\Thinner;
use Kalokroma\Mixing\Dilution;

/** How thin something goes on, as people say it: "2 parts medium to 1 part", "(medium:wash 2:1)", "30 % water", "half and half", "straight". */
final readonly class Ratio
{
    private const NUMBER = '(?:\d{1,2}(?:[.,]\d)?|one|two|three|four|five|six|seven|eight|nine|ten)';

    private const THINNER = '(?:(?:matt |glaze |glazing |slow |acrylic )?med(?:ium)?\b|water|(?:airbrush |enamel |paint )?thinners?|flow improver|white spirit|spirit)';

    private const PAINT = '(?:(?:the |of )?(?:paint|wash|ink|colou?r|shade|glaze))';

    private const WORDS = [
        'one' => 1, 'two' => 2, 'three' => 3, 'four' => 4, 'five' => 5, 'six' => 6, 'seven' => 7, 'eight' => 8, 'nine' => 9, 'ten' => 10,
    ];

    /** Beyond these it is a time, or a size. */
    private const MOST = 20.0;

    /**
     * @param array{int, int}|null $parts of what is said first to what is said then: paint and thinner, or two paints; null when none are said
     * @param string $rest of the text, names of paints still in it
     */
    private function __construct(
        public ?array $parts,
        public ?Thinner $thinner,
        public string $rest,
    ) {}

    public static function read(string $text): self
    {
        // A clock or the time of a film is no ratio.
        $text = (string) preg_replace('/\b\d{1,2}:(?:0\d|[2-9]\d|1[3-9])(?::\d{2})?\b/u', ' ', $text);
        foreach (self::patterns() as $pattern) {
            if (preg_match($pattern, $text, $found) === 1) {
                [$paint, $thinner] = self::said($found);
                if ($paint > 0.0 && $paint <= self::MOST && $thinner <= self::MOST) {
                    $rest = str_replace($found[0], ' '.($found['name'] ?? '').' ', $text);

                    return new self(
                        self::whole($paint, $thinner),
                        self::thinner($found['with'] ?? '') ?? self::thinner($rest),
                        self::without($rest),
                    );
                }
            }
        }

        return new self(null, self::thinner($text), self::without($text));
    }

    /** @return list<string> the more exact ones first; groups say which number is the paint's, and which the thinner's */
    private static function patterns(): array
    {
        $one = '(?<paint>'.self::NUMBER.')';
        $other = '(?<thinner>'.self::NUMBER.')';
        $with = '(?<with>'.self::THINNER.')';
        $paint = '(?:'.self::PAINT.'|(?<name>¤\d+¤))';

        return [
            "/\\b$other parts? (?:of )?$with (?:to|and|with|,)? ?$one(?: parts?)?\\b(?: (?:of )?".self::PAINT.')?/iu',
            "/\\b$with\\s*(?::|to|\\/)\\s*$paint\\W{0,3}(?:of |at )?$other\\s*(?::|to)\\s*$one\\b/iu",
            "/\\b$one parts? (?:of )?$paint (?:to|and|with) $other (?:parts? )?(?:of )?$with\\b/iu",
            "/$paint\\s*(?::|to|\\/)\\s*$with\\W{0,3}(?:of |at )?$one\\s*(?::|to)\\s*$other\\b/iu",
            "/\\b$one parts?(?: (?:of )?".self::PAINT.")? to $other(?: parts?)?(?: (?:of )?$with)?\\b/iu",
            "/\\b(?<thinnerShare>\\d{1,2}) ?% (?:of )?$with\\b/iu",
            "/\\b(?<paintShare>\\d{1,2}) ?% (?:of )?$paint/iu",
            "/\\b(?<half>half[- ]and[- ]half|equal parts|fifty[- ]fifty|50[:\\/]50)(?: (?:paint|with|of|and))* ?$with?\\b/iu",
            "/\\b(?<half>half)(?: (?:with|of))? $with\\b/iu",
            "/\\b$one\\s*(?::|to)\\s*$other\\b(?:\\s+(?:with )?$with)?/iu",
            '/\b(?<straight>straight(?: from the (?:pot|bottle))?|undiluted|unthinned|neat|as it comes)\b/iu',
        ];
    }

    /**
     * @param array<int|string, string> $found
     *
     * @return array{float, float} parts of paint and of thinner
     */
    private static function said(array $found): array
    {
        return match (true) {
            ($found['thinnerShare'] ?? '') !== '' => self::outOf(100 - (int) $found['thinnerShare'], (int) $found['thinnerShare']),
            ($found['paintShare'] ?? '') !== '' => self::outOf((int) $found['paintShare'], 100 - (int) $found['paintShare']),
            ($found['half'] ?? '') !== '' => [1.0, 1.0],
            ($found['straight'] ?? '') !== '' => [1.0, 0.0],
            default => [self::value($found['paint'] ?? ''), self::value($found['thinner'] ?? '')],
        };
    }

    private static function thinner(string $text): ?Thinner
    {
        return match (1) {
            preg_match('/\bmed(?:ium)?\b/iu', $text) => Thinner::Medium,
            preg_match('/\bwater(?:ed)?\b/iu', $text) => Thinner::Water,
            preg_match('/\b(?:thinners?|flow improver|spirit)\b/iu', $text) => Thinner::Thinner,
            default => null,
        };
    }

    private static function without(string $text): string
    {
        return (string) preg_replace(
            '/\b(?:thinned|diluted|watered|mixed|cut)?(?: down)? ?(?:with |of |in )?(?:a (?:bit|little|touch|drop) of |some |plenty of )?'
                .self::THINNER.'\b|\b(?:thinned|diluted|watered)(?: down)?\b/iu',
            ' ',
            $text,
        );
    }

    private static function value(string $said): float
    {
        return (float) (self::WORDS[mb_strtolower($said)] ?? str_replace(',', '.', $said));
    }

    /** @return array{float, float} a share as a few parts, near enough for a brush */
    private static function outOf(int $one, int $other): array
    {
        $best = [1.0, 1.0];
        $off = INF;
        for ($a = 1; $a <= 9; $a++) {
            for ($b = 1; $b <= 9; $b++) {
                $error = abs($a / ($a + $b) - $one / max(1, $one + $other)) + 0.002 * ($a + $b);
                if ($error < $off) {
                    [$best, $off] = [[(float) $a, (float) $b], $error];
                }
            }
        }

        return $best;
    }

    /** @return array{int, int} whole parts, halves doubled */
    private static function whole(float $one, float $other): array
    {
        $times = abs($one - round($one)) + abs($other - round($other)) > 0.05 ? 2 : 1;

        return [max(1, min(Dilution::MOST_PARTS, (int) round($times * $one))), min(Dilution::MOST_PARTS, (int) round($times * $other))];
    }

    /** "60% blue, 40% black" is a mix of three parts and two. */
    public static function percentagesAsParts(string $line): string
    {
        return (string) preg_replace_callback(
            '/(\d{1,2})\s*%\s+(?:of\s+)?(?!water|medium|thinner)([^,%]{3,40}?)\s*(?:,|\+|&|\/|\band\b|\bto\b|\s)\s*(\d{1,2})\s*%\s+(?:of\s+)?(?!water|medium|thinner)/iu',
            static function (array $found): string {
                [$one, $other] = [(int) round((int) $found[1] / 10.0), (int) round((int) $found[3] / 10.0)];
                for ($by = min($one, $other); $by > 1; $by--) {
                    if ($one % $by === 0 && $other % $by === 0) {
                        [$one, $other] = [intdiv($one, $by), intdiv($other, $by)];
                    }
                }

                return sprintf('%d %s + %d ', max(1, $one), $found[2], max(1, $other));
            },
            $line,
        );
    }
}
