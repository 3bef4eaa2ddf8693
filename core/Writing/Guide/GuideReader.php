<?php

declare(strict_types=1);

namespace Kalokroma\Writing\Guide;

use Kalokroma\Craft\CraftBook;
use Kalokroma\Craft\Place;
use Kalokroma\Craft\Technique;
use Kalokroma\Matching\PaintNames;
use Kalokroma\Paint\Paint;
use Kalokroma\Recipe\Area;
use Kalokroma\Recipe\Step;

/**
 * Reads a guide that somebody wrote in free words: areas as headings or before a colon, steps as clauses with a technique and paints, a
 * list of paints perhaps. What is not understood is said to be so, and nothing is made of it.
 */
final class GuideReader
{
    private const MOST_LINES = 2000;

    private const LONGEST_LINE = 1000;

    /** How sure one is of a paint at least, for a text to be a guide. */
    private const CERTAIN = 0.8;

    /** Techniques that may be named after the paint: "Navy, freehand". */
    private const SAID_AFTER = ['dot', 'freehand', 'stipple', 'drybrush', 'edge-highlight', 'highlight', 'layer', 'lining', 'chip', 'patting'];

    /** What parts the entries of a list. */
    private const LISTS = '/\s*[,;•·]\s*|\s+\/\s+/u';

    /** @var list<array{line: int, area: string|null, technique: string, paints: list<array{Paint, int}>, sure: float}> */
    private array $read = [];

    /** @var list<int> */
    private array $unread = [];

    /** @var list<string> */
    private array $unknown = [];

    /** @var array<string, Paint> */
    private array $listed = [];

    /** @var array<string, Paint> */
    private array $used = [];

    /** @var list<array{line: int, text: string}> parts of lines of which the rest was read */
    private array $leftOver = [];

    /** @var list<int> lines that tell of waiting, cleaning and patience */
    private array $aside = [];

    /** A technique that heads what follows. */
    private ?string $stage = null;

    private bool $isList = false;

    private bool $isAfterGap = false;

    /** @param list<string> $noPaints in lower case */
    private function __construct(
        private readonly PaintNames $names,
        private readonly Outline $outline,
        private readonly PlanAsRead $plan,
        private readonly array $noPaints,
    ) {}

    /** @param list<string> $noPaints words that look like a paint's name and are none, as they were told of */
    public static function read(string $text, PaintNames $names, ?CraftBook $book = null, array $noPaints = []): Guide
    {
        $reader = new self($names, new Outline($names), new PlanAsRead($book ?? CraftBook::standard()), array_map(mb_strtolower(...), $noPaints));
        $lines = GuideText::lines($text);
        foreach ($lines as $at => [$number, $line]) {
            if ($at < self::MOST_LINES && mb_strlen($line) <= self::LONGEST_LINE) {
                $reader->line($number, $line, self::next($lines, $at));
            } elseif ($line !== '') {
                $reader->unread[] = $number;
            }
        }

        return $reader->guide();
    }

    /**
     * @param list<array{int, string}> $lines
     *
     * @return string what is said next
     */
    private static function next(array $lines, int $at): string
    {
        for ($next = $at + 1; isset($lines[$next]); $next++) {
            if ($lines[$next][1] !== '') {
                return GuideText::bare($lines[$next][1]);
            }
        }

        return '';
    }

    private function line(int $number, string $written, string $next): void
    {
        $line = GuideText::bare($written);
        if ($line === '') {
            $this->isAfterGap = true;

            return;
        }
        $isAfterGap = $this->isAfterGap;
        $this->isAfterGap = false;
        if (Words::isListHeading(ltrim($line, '# '))) {
            [$this->isList, $this->stage] = [true, null];

            return;
        }
        if (preg_match(
            '/^(?:the )?(?:paints?(?: used| needed)?|colou?rs(?: used| needed)?|(?:you|i|we)(?:\'ll| will)? (?:need|used?)|shopping(?: list)?|tools|materials)\s*:\s*(.+)$/iu',
            $line,
            $found,
        ) === 1) {
            $this->listed(preg_split(self::LISTS, $found[1]) ?: [], $number);

            return;
        }
        if ($this->isList && ! $this->outline->endsList($line, $next, $isAfterGap)) {
            $this->listed(preg_split(self::LISTS, $line) ?: [], $number);

            return;
        }
        $isHeading = $this->outline->isHeading($written, $next);
        $line = str_replace(['**', '__'], '', $line);
        if ($isHeading) {
            $this->isList = false;
            $this->headed(trim((string) preg_replace('/\s*\([^()]*\)(?=:?\s*$)/u', '', $line), "#:*_[]() \t-–"), $next);

            return;
        }
        $this->isList = false;
        $this->sentences($number, $line);
    }

    /** Each sentence by itself: what is said in one is not how the next is done. */
    private function sentences(int $number, string $line): void
    {
        // Who writes everything small begins sentences so, too.
        $begins = preg_match('/\p{Lu}/u', (string) preg_replace('/\bI\b/u', '', $line)) === 1 ? '\p{Lu}' : '\p{L}{2}';
        $sentences = preg_split("/(?<=[.!?])(?<!\\s\\d\\.)[\"”»]?\\s+[\"“«]?(?=$begins|I\\b)/u", $line) ?: [$line];
        $before = count($this->read);
        $unread = [];
        foreach ($sentences as $at => $sentence) {
            if ($this->outline->isNamed($sentence, $sentences[$at + 1] ?? '')) {
                $this->plan->enter(Words::turnedTo($sentence) ?? trim($sentence, ' .!'));
                continue;
            }
            $isRead = $this->steps($number, GuideText::bare($sentence));
            $unread = $isRead ? $unread : [...$unread, trim($sentence)];
        }
        if ($unread !== [] && count($this->read) === $before) {
            $this->unread[] = $number;
        } else {
            foreach ($unread as $text) {
                $this->leftOver[] = ['line' => $number, 'text' => $text];
            }
        }
    }

    /** A heading names an area, or what is done until the next one. */
    private function headed(string $name, string $next): void
    {
        [$technique, $rest] = Words::technique($name);
        // Below a stage the areas are named and the paints; where steps stand that say how, it is an area.
        $isStage = $technique !== null
            && $technique !== Words::PAINT
            && Words::bare($rest) === ''
            && Clause::read($next, $this->names)->technique === null;
        $isGround = Words::isGround($name) || (preg_match('/^base$/iu', $name) === 1 && $this->outline->isOfTheGround($next));
        $this->stage = $isStage && ! $isGround ? $technique : null;
        if ($this->stage === null) {
            $this->plan->enter($isGround ? 'Base' : $name);
        }
    }

    /** @param list<string> $entries */
    private function listed(array $entries, int $number): void
    {
        $isRead = false;
        foreach ($entries as $entry) {
            $name = Words::bare((string) preg_replace('/\(.*?\)/u', ' ', $entry));
            $likely = $name === '' || Words::isTool($name) ? [] : $this->names->find($name);
            if ($likely !== []) {
                $this->listed[$likely[0][0]->id] = $likely[0][0];
                $isRead = true;
            } elseif ($name !== '') {
                $this->unknown = Words::isTool($name) || $this->isNoPaint($name) ? $this->unknown : [...$this->unknown, $name];
                $isRead = true;
            }
        }
        if (! $isRead) {
            $this->unread[] = $number;
        }
    }

    /** @return bool false when nothing is made of it, nor is it set aside */
    private function steps(int $number, string $line): bool
    {
        $before = count($this->read);
        $said = $line;
        $turnedTo = Clause::read($line, $this->names)->named === [] ? Words::turnedTo($line) : null;
        if ($turnedTo !== null) {
            $this->plan->enter($turnedTo);
            $this->aside[] = $number;

            return true;
        }
        $line = Wording::ofManner($line);
        [$area, $line] = $this->outline->split($line);
        if ($area !== null) {
            $this->plan->enter($area);
            if ($line === '') {
                return true;
            }
            $line = Wording::ofAll($line);
        }
        $line = Wording::ofSteps($line);
        $last = null;
        $left = [];
        $isTurned = false;
        $isUnsaid = false;
        foreach ($this->outline->clauses($line) as $text) {
            $clause = Clause::read($text, $this->names);
            // What lies over the fluid comes off: no paint is laid on.
            $chips = $clause->technique === 'chip' && $clause->paints === [] && $this->plan->canChip();
            $turnedTo = $clause->isStep() && ! str_ends_with(trim($text), '?') ? null : Words::turnedTo($text);
            if ($this->isOfNoPaint($clause)) {
                $this->aside[] = $number;
                $isTurned = true;
            } elseif ($turnedTo !== null) {
                $this->plan->enter($turnedTo);
                $isTurned = true;
                $last = null;
            } elseif (
                $clause->paints === []
                && $clause->technique !== null
                && $isUnsaid
                && in_array($clause->technique, self::SAID_AFTER, true)
                && ! $chips
                && count($this->read) > $before
                && $this->becomes($clause)
            ) {
                $isUnsaid = false;
                $left = $clause->unknown === [] ? $left : [...$left, ...$clause->unknown];
            } elseif ($this->isOnEdges($text, $clause)) {
                $left = $this->isLight() && $this->becomes($clause) ? $left : [...$left, trim($text)];
            } elseif ($clause->isStep() || $chips) {
                $last = $this->step(
                    $number,
                    $clause,
                    $clause->area === null || preg_match('/^\W*(?:the\s+)?[\p{L}-]+\s+(?:with|in)\b/iu', $text) === 1 ? $last : null,
                )
                    ?? $last;
                $isUnsaid = $clause->technique === null && $clause->paints !== [];
                $left = $clause->leftOver === '' || $chips ? $left : [...$left, $clause->leftOver];
            } elseif (
                ($clause->isManner() || $this->isOfTheLast($clause))
                && (count($this->read) > $before || ($this->read !== [] && ($clause->coats ?? $clause->dilution) !== null))
                && $this->manner($clause)
            ) {
                $isTurned = true;
            } elseif ($clause->leftOver !== '' && ! Words::isAside($text)) {
                $left[] = trim($text);
            }
        }
        if (count($this->read) === $before) {
            if (! $isTurned && ! Words::isAside($said)) {
                return false;
            }
            $this->aside[] = $number;

            return true;
        }
        foreach ($left as $text) {
            $this->leftOver[] = ['line' => $number, 'text' => $text];
        }

        return true;
    }

    private function isNoPaint(string $name): bool
    {
        return in_array(mb_strtolower($name), $this->noPaints, true);
    }

    /** Somebody has said that what it names is no paint, and there is nothing else to it. */
    private function isOfNoPaint(Clause $clause): bool
    {
        return $clause->paints === []
            && $clause->unknown !== []
            && array_all($clause->unknown, fn(string $one): bool => $this->isNoPaint($one));
    }

    /** "Drybrush tan, one coat (drybrush)": the same technique again, and no other paint. */
    private function isOfTheLast(Clause $clause): bool
    {
        return $clause->paints === []
            && $clause->unknown === []
            && $clause->technique !== null
            && $clause->technique === ($this->read[count($this->read) - 1]['technique'] ?? null);
    }

    /** The last step lays light on. */
    private function isLight(): bool
    {
        return in_array($this->read[count($this->read) - 1]['technique'] ?? null, ['highlight', 'layer', 'edge-highlight'], true);
    }

    /** "Mixed with white, just catching the edges": the light that was told before lies there. */
    private function isOnEdges(string $text, Clause $clause): bool
    {
        return $clause->paints === []
            && $clause->technique === 'edge-highlight'
            && preg_match(
                '/^\W*(?:(?:and\s+)?(?:(?:just|only)\s+)?(?:catch|hit|touch|brush|tickl|skimm?)(?:ed|t?ing|es)?\b|(?:(?:just|only)\s+)?(?:on\s+)?(?:the\s+)?edges(?:\s+only)?\W*$)/iu',
                $text,
            ) === 1;
    }

    /** Tells how the last step is done. */
    private function manner(Clause $clause): bool
    {
        if ($clause->dilution === null && $clause->coats === null && $clause->place === null) {
            return true;
        }
        $area = $this->read[count($this->read) - 1]['area'];

        return $area !== null && $this->plan->inManner($area, $clause);
    }

    /** The last step, of which nobody said how, is done so. */
    private function becomes(Clause $clause): bool
    {
        $at = count($this->read) - 1;
        $area = $this->read[$at]['area'];
        if ($area === null || $clause->technique === null || ! $this->plan->becomes($area, $clause->technique, $clause)) {
            return false;
        }
        $this->read[$at]['technique'] = $clause->technique;

        return true;
    }

    /** @return string|null the technique, if somebody has said it: what follows may be done alike */
    private function step(int $number, Clause $clause, ?string $last): ?string
    {
        $isPart = $clause->area !== null
            && ((Words::isOfAFace($clause->area) && $this->plan->isOfAFace()) || (Words::isPartOfAny($clause->area) && $this->plan->isWithin()));
        if ($clause->area !== null && ! $isPart) {
            $this->plan->enter($clause->area);
        }
        array_push(
            $this->unknown,
            ...array_filter($clause->unknown, fn(string $one): bool => ! $this->isNoPaint($one)),
        );
        $kind = ($clause->paints[0] ?? null)?->kind;
        if ($last === 'edge-highlight' && $clause->place !== null && $clause->place !== Place::UpperEdges) {
            $last = 'highlight';
        }
        $said = $clause->technique
            ?? ($this->stage !== null && $this->plan->isOfStage($this->stage, $kind) ? $this->stage : null)
            ?? ($last !== null && $kind !== null && $this->plan->goesOn($last, $kind) ? $last : null);
        $technique = $this->plan->technique($clause, $said);
        $added = $this->plan->add($clause, $technique);
        if ($added !== null) {
            $this->note($number, $added[0], $technique, $clause);
        } else {
            array_push($this->leftOver, ...array_map(static fn(Paint $one): array => ['line' => $number, 'text' => $one->name], $clause->paints));
        }

        return $said === $technique->id ? $said : null;
    }

    private function note(int $number, ?string $area, Technique $technique, Clause $clause): void
    {
        foreach ($clause->paints as $paint) {
            $this->used[$paint->id] = $paint;
        }
        $this->read[] = [
            'line' => $number,
            'area' => $area,
            'technique' => $technique->id,
            'paints' => array_map(static fn(Paint $paint, int $parts): array => [$paint, $parts], $clause->paints, $clause->parts),
            'sure' => $clause->paints === [] ? 0.0 : $clause->sure,
        ];
    }

    /** No paint is named for certain and nothing is said that only painters say: a recipe for soup, a poem. */
    private function isNoGuide(): bool
    {
        $certain = array_filter($this->read, static fn(array $one): bool => $one['sure'] >= self::CERTAIN);
        $craft = array_filter(
            $this->read,
            static fn(array $one): bool => in_array(
                $one['technique'],
                ['basecoat', 'drybrush', 'highlight', 'wash', 'glaze', 'primer', 'stipple', 'lining'],
                true,
            ),
        );

        return $certain === [] && count($craft) < 2;
    }

    private function guide(): Guide
    {
        if ($this->isNoGuide()) {
            $lines = array_values(array_unique([...array_column($this->read, 'line'), ...$this->unread]));
            sort($lines);
            $this->plan->forget();
            [$this->read, $this->used, $this->leftOver, $this->unread] = [[], [], [], $lines];
        }

        return new Guide(
            $this->plan->plan(),
            $this->read,
            $this->unread,
            $this->leftOver,
            $this->aside,
            array_values(array_unique($this->unknown)),
            array_values(array_diff_key($this->listed, $this->used)),
            $this->listed === [] ? [] : array_values(array_diff_key($this->used, $this->listed)),
            array_values($this->used + array_column(array_map(static fn(Paint $one): array => [$one->id, $one], $this->plan->ground), 1, 0)),
        );
    }
}
