<?php

declare(strict_types=1);

namespace Kalokroma\Matching;

use Kalokroma\Paint\PaintGuess;

/**
 * Reads what somebody owns, one pot a line, by name or code, with a number of pots ("2 x Boot Brown", "Boot Brown x2") or a colour ("Marsh
 * Umber #5b4632") where one is given. A paint is taken as known when its name is all but spelled out; a name that only resembles one is a
 * new paint, and the one it resembles is offered.
 */
final class PotList
{
    public const MOST_LINES = 300;

    public const MOST_POTS = 99;

    /** Share of the letters that must agree before a pot is taken for a known paint without asking. */
    private const SURE = 0.9;

    private const COUNT_BEFORE = '/^\s*(?:[-*•–]\s*)?(?<pots>\d{1,2})\s*[x×]\s+/ui';

    private const COUNT_BEHIND = '/\s+[x×]\s*(?<pots>\d{1,2})\s*$/ui';

    /**
     * @return list<NamedPot> one for each line that holds anything
     *
     * @throws IllegalList when it is empty, or longer than can be looked through at once
     */
    public static function read(string $text, PaintNames $names): array
    {
        $pots = [];
        $lines = preg_split('/\R/u', $text);
        if ($lines === false) {
            throw IllegalList::notText();
        }
        foreach ($lines as $at => $line) {
            [$lines[$at], $pots[$at + 1]] = self::counted($line);
        }

        return array_map(
            static fn(WantedPaint $one): NamedPot => self::pot($one, max(1, min(self::MOST_POTS, $pots[$one->line]))),
            WantedList::read(implode("\n", $lines), $names, self::MOST_LINES),
        );
    }

    /** @return array{string, int} the line without its number of pots, and that */
    private static function counted(string $line): array
    {
        foreach ([self::COUNT_BEFORE, self::COUNT_BEHIND] as $pattern) {
            if (preg_match($pattern, $line, $found) === 1) {
                return [preg_replace($pattern, '', $line) ?? $line, (int) $found['pots']];
            }
        }

        return [$line, 1];
    }

    private static function pot(WantedPaint $one, int $pots): NamedPot
    {
        $isSure = $one->isKnown && $one->certainty >= self::SURE;
        $orElse = $isSure || ! $one->isKnown || $one->paint === null ? $one->orElse : [$one->paint, ...$one->orElse];
        $coloured = $one->isKnown ? null : $one->paint;
        $guess = PaintGuess::of($coloured->name ?? $one->written);
        $swatch = $coloured?->colour()->toSrgb()->hex();

        return new NamedPot(
            $one->line,
            $one->written,
            $pots,
            $isSure ? $one->paint : null,
            $orElse,
            $coloured->name ?? $one->written,
            $guess->kind,
            $guess->kind->isClear() ? null : ($swatch ?? $guess->swatch),
            $swatch !== null || $guess->knowsColour || $guess->kind->isClear(),
        );
    }
}
