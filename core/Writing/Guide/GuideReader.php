<?php

declare(strict_types=1);

namespace Kalokroma\Writing\Guide;

use Kalokroma\Craft\BodyType;
use Kalokroma\Craft\CraftBook;
use Kalokroma\Craft\Family;
use Kalokroma\Craft\FinishLevel;
use Kalokroma\Craft\Nature;
use Kalokroma\Craft\Place;
use Kalokroma\Craft\Technique;
use Kalokroma\Illegal;
use Kalokroma\Matching\PaintNames;
use Kalokroma\Mixing\Dilution;
use Kalokroma\Mixing\Ingredient;
use Kalokroma\Mixing\Mix;
use Kalokroma\Paint\Finish;
use Kalokroma\Paint\Kind;
use Kalokroma\Paint\Paint;
use Kalokroma\Recipe\Area;
use Kalokroma\Recipe\ModelKind;
use Kalokroma\Recipe\Plan;
use Kalokroma\Recipe\Step;
use Kalokroma\Recipe\Undercoat;

/**
 * Reads a guide that somebody wrote in free words: areas as headings or before a colon, steps as clauses with a technique and paints, a list of paints
 * perhaps. What is not understood is said to be so, and nothing is made of it.
 */
final class GuideReader
{
    private const HEIGHT_MM = 32;

    private const MOST_LINES = 2000;

    private const LONGEST_LINE = 1000;

    private const LONGEST_AREA = 60;

    /** How sure one is of a paint at least, for a text to be a guide. */
    private const CERTAIN = 0.8;

    /** How sure one is of a paint that stands by itself and is written just so. */
    private const NAMED = 0.6;

    /** Where one step ends and the next begins. */
    private const ENDS = '/\s*(?:[;>→|]|,(?!\d)|\.(?=\s|$)|\band then\b|\bthen\b|\bfollowed by\b|\bfinally\b|\b(?:and|with)\s+(?:an?\s+|some\s+)?(?:quick\s+|light\s+|heavy\s+|final\s+|thin\s+)?(?=(?:dry[- ]?brush|wash|shade|highlight|edge|layer|glaze|base|prime|stipple|line|varnish|dot|spray))|\band\s+(?=(?:[\p{L}-]+\s+){1,3}on\s+(?:the|his|her|its|their)\b))\s*/iu';

    /** What parts the entries of a list. */
    private const LISTS = '/\s*[,;•·]\s*|\s+\/\s+/u';

    /** Techniques in short, after a name and a comma. */
    private const SHORT = 'base|basecoat|bc|wash|shade|highlight|hl|ehl|edge|layer|lyr|glaze|drybrush|db|stipple|prime';

    /** @var array<string, string> name by id */
    private array $areas = [];

    /** @var array<string, list<Step>> by area id */
    private array $steps = [];

    /** @var list<Step> */
    private array $whole = [];

    /** @var list<Paint> */
    private array $ground = [];

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

    private ?string $area = null;

    /** A technique that heads what follows. */
    private ?string $stage = null;

    private bool $isList = false;

    private bool $isAfterGap = false;

    /** @param list<string> $noPaints in lower case */
    private function __construct(
        private readonly PaintNames $names,
        private readonly CraftBook $book,
        private readonly array $noPaints,
    ) {}

    /** @param list<string> $noPaints words that look like a paint's name and are none, as they were told of */
    public static function read(string $text, PaintNames $names, ?CraftBook $book = null, array $noPaints = []): Guide
    {
        $reader = new self($names, $book ?? CraftBook::standard(), array_map(mb_strtolower(...), $noPaints));
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
        if (preg_match('/^(?:the )?(?:paints?(?: used| needed)?|colou?rs(?: used| needed)?|(?:you|i|we)(?:\'ll| will)? (?:need|used?)|shopping(?: list)?|tools|materials)\s*:\s*(.+)$/iu', $line, $found) === 1) {
            $this->listed(preg_split(self::LISTS, $found[1]) ?: [], $number);

            return;
        }
        if ($this->isList && ! $this->endsList($line, $next, $isAfterGap)) {
            $this->listed(preg_split(self::LISTS, $line) ?: [], $number);

            return;
        }
        $isHeading = $this->isHeading($written, $next);
        $line = str_replace(['**', '__'], '', $line);
        if ($isHeading) {
            $this->isList = false;
            $this->headed(trim($line, "#:*_[]() \t-–"), $next);

            return;
        }
        $this->isList = false;
        $this->sentences($number, $line);
    }

    /** Each sentence by itself: what is said in one is not how the next is done. */
    private function sentences(int $number, string $line): void
    {
        $sentences = preg_split('/(?<=[.!?])\s+(?=\p{Lu})/u', $line) ?: [$line];
        $before = count($this->read);
        $unread = [];
        foreach ($sentences as $sentence) {
            $isRead = $this->steps($number, $sentence);
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

    /** What is a sentence, or heads one, is no entry of a list any more. */
    private function endsList(string $line, string $next, bool $isAfterGap): bool
    {
        $words = preg_split('/\s+/u', $line) ?: [];

        return preg_match('/^#+\s|:\s*$|^\*\*.+\*\*$/u', $line) === 1
            || (str_contains($line, ':') && preg_match('/:\s*\S/u', $line) === 1)
            || (preg_match('/\b(?:with|then|onto|over|the)\b/iu', $line) === 1 && Words::technique($line)[0] !== null)
            || ($isAfterGap && count($words) <= 3 && $this->names->exactly(Words::bare($line)) === [] && $this->tellsAStep($next));
    }

    private function tellsAStep(string $line): bool
    {
        return $line !== '' && (Words::technique($line)[0] !== null || Clause::read($line, $this->names)->paints !== []);
    }

    /** A line that only names an area: it ends in a colon, is marked, or is short, tells of no step and has steps below it. */
    private function isHeading(string $written, string $next): bool
    {
        $line = GuideText::bare($written);
        if (mb_strlen($line) > self::LONGEST_AREA) {
            return false;
        }
        if (preg_match('/^#+\s|:\s*$|^\*\*[^*]+\*\*:?$|^\[[^\]]+\]$|^__.+__$/u', $line) === 1 || preg_match('/^#+\s/u', $written) === 1) {
            return true;
        }
        if (count(preg_split('/\s+/u', $line) ?: []) > 4 || str_contains($line, ':') || preg_match('/[.!?,;>→+]|\s[-–—]\s/u', $line) === 1 || preg_match('/\d/u', $line) === 1
            || preg_match('/\b(?:i|we|you|my|it|and then|let|wait|how|now|paint|use|start|finish|done)\b/iu', $line) === 1) {
            return false;
        }
        $clause = Clause::read($line, $this->names);

        if ($this->namesAPaint($line)) {
            return false;
        }

        // Part of a paint's name is no paint, where steps follow.
        return $clause->technique === null && ($clause->paints === [] || ($clause->sure < self::NAMED && $this->tellsAStep($next)))
            && (Area::guessed('a', $line)->material !== Area::guessed('a', 'x')->material || ($this->tellsAStep($next) && preg_match('/^\p{L}[\p{L}\'’-]*(?: (?:& )?[\p{L}\'’\/-]*\p{L}[\p{L}\'’-]*)*$/u', $line) === 1));
    }

    /** A name of two words or three stands in it just so. */
    private function namesAPaint(string $line): bool
    {
        $words = preg_split('/\s+/u', $line) ?: [];
        foreach (array_keys($words) as $at) {
            foreach ([3, 2] as $length) {
                if ($at + $length <= count($words) && $this->names->exactly(implode(' ', array_slice($words, $at, $length))) !== []) {
                    return true;
                }
            }
        }

        return false;
    }

    /** A heading names an area, or what is done until the next one. */
    private function headed(string $name, string $next): void
    {
        [$technique, $rest] = Words::technique($name);
        // Below a stage the areas are named and the paints; where steps stand that say how, it is an area.
        $isStage = $technique !== null && $technique !== Words::PAINT && Words::bare($rest) === '' && Clause::read($next, $this->names)->technique === null;
        if (Words::isGround($name) || (preg_match('/^base$/iu', $name) === 1 && ! $isStage) || (preg_match('/^base$/iu', $name) === 1 && $this->isOfTheGround($next))) {
            $this->stage = null;
            $this->enter('Base');
        } elseif ($isStage) {
            $this->stage = $technique;
        } else {
            $this->stage = null;
            $this->enter($name);
        }
    }

    /** Mud, sand and what is dusted over it. */
    private function isOfTheGround(string $text): bool
    {
        $clause = Clause::read((preg_split(self::ENDS, $text) ?: [''])[0], $this->names);

        return in_array($clause->technique, ['texture-paste', 'grit', 'tuft', 'pigments', 'rim', 'drybrush'], true)
            || array_filter($clause->paints, static fn(Paint $one): bool => $one->kind === Kind::Texture || $one->kind === Kind::Pigment) !== [];
    }

    /** @param list<string> $entries */
    private function listed(array $entries, int $number): void
    {
        $isRead = false;
        foreach ($entries as $entry) {
            $name = Words::bare((string) preg_replace('/\(.*?\)/u', ' ', $entry));
            $likely = $name === '' ? [] : $this->names->find($name);
            if ($likely !== []) {
                $this->listed[$likely[0][0]->id] = $likely[0][0];
                $isRead = true;
            } elseif ($name !== '') {
                $this->unknown = in_array(mb_strtolower($name), $this->noPaints, true) ? $this->unknown : [...$this->unknown, $name];
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
        $line = (string) preg_replace('/\bhalf\s+(.{3,40}?),?\s+(?:and\s+)?half\s+(?!water|medium|thinner)/iu', '$1 + ', $this->led($this->entered($line)));
        $last = null;
        $left = [];
        $isTurned = false;
        // Strokes between names are steps, unless a ratio says that they are mixed.
        $line = preg_match('/\d\s*:\s*\d/', $line) === 1 ? $line : str_replace(' / ', ' > ', $line);
        foreach ($this->clauses($line) as $text) {
            $clause = Clause::read($text, $this->names);
            $turnedTo = $clause->isStep() && ! str_ends_with(trim($text), '?') ? null : Words::turnedTo($text);
            if ($this->isOfNoPaint($clause)) {
                $this->aside[] = $number;
                $isTurned = true;
            } elseif ($turnedTo !== null) {
                $this->enter($turnedTo);
                $isTurned = true;
            } elseif ($clause->isStep()) {
                $last = $this->step($number, $clause, $last) ?? $last;
                $left = $clause->leftOver === '' ? $left : [...$left, $clause->leftOver];
            } elseif ($clause->isManner() && count($this->read) > $before && $this->manner($clause)) {
                continue;
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

    /** @return list<string> what is told one after the other; paints that nobody mixes are steps of their own, whatever joins them */
    private function clauses(string $line): array
    {
        $clauses = [];
        foreach (preg_split(self::ENDS, $line) ?: [] as $text) {
            $clause = Clause::read($text, $this->names);
            $kinds = array_map(static fn(Paint $one): string => Words::usualFor($one->kind), $clause->paints);
            $isMixed = count(array_unique($kinds)) < 2 || $clause->dilution !== null || max([1, ...$clause->parts]) > 1 || ! in_array('basecoat', $kinds, true);
            array_push($clauses, ...($isMixed ? [$text] : (preg_split('/\s*(?:\+|&|\band\b(?:\s+an?\b)?)\s*/iu', $text) ?: [$text])));
        }

        return $clauses;
    }

    /** What stands before a colon, a dash or a comma names the area, or says how the rest is done; what is left to be read. */
    private function entered(string $line): string
    {
        if (preg_match('/^([^:(]{2,40}?)\s*(?::|\s[-–—=]\s)\s*(.+)$/u', $line, $found) !== 1 || preg_match('/\d$/', $found[1]) === 1) {
            return preg_match('/^((?:the )?[\p{L}\'’-]+(?: [\p{L}\'’-]+)?),\s*((?:'.self::SHORT.')\b.+)$/iu', $line, $found) === 1 && Words::technique($found[1])[0] === null && $this->names->exactly(Words::bare($found[1])) === []
                ? $this->inArea($found[1], $found[2])
                : $line;
        }
        [, $head, $rest] = $found;
        $head = (string) preg_replace('/^(?:first|next|then|last|lastly|now),?\s+(?=(?:the|his|her|its|their)\b)/iu', '', $head);
        if (preg_match('/^(?:area|part|section|piece)$/iu', $head) === 1 && ! $this->isStepOf($rest)) {
            return $this->inArea($rest, '');
        }
        // "The boots were simple: ..." names the boots.
        $head = (string) preg_replace('/^((?:the|his|her|its|their)\s+[\p{L}-]+(?:\s+[\p{L}-]+)?)\s+(?:is|are|was|were|gets?|got)\b.*$/iu', '$1', $head);
        if (preg_match('/^(.{2,30}),\s*(.{2,20})$/u', $head, $two) === 1 && Words::technique($two[1])[0] === null && Words::technique($two[2])[0] !== null) {
            return $this->inArea($two[1], "$two[2] $rest");
        }
        if (Words::isGround($head) || (preg_match('/^base$/iu', $head) === 1 && $this->isOfTheGround($rest))) {
            return $this->inArea('Base', $rest);
        }
        // "Rope = driftwood + umber" tells of the rope, whatever paint is called so.
        $isPaint = preg_match('/\s=\s/', $line) !== 1 && $this->names->exactly(Words::bare($head)) !== [] && ! ($this->isStepOf($rest) && Words::technique(explode(' ', ltrim($rest))[0])[0] !== null);
        $isName = in_array(Words::technique($head)[0], [null, 'eye', 'lens', 'gem'], true) && ! $isPaint && count(preg_split('/\s+/u', $head) ?: []) <= 5;

        // "Base: Navy" says the technique before the colon.
        return $isName ? $this->inArea($head, $rest) : "$head $rest";
    }

    /** "Boots boot brown": a word that can only be an area, right before what is done to it. */
    private function led(string $line): string
    {
        if (preg_match('/^([\p{L}-]{3,20})\s+(.{3,})$/u', $line, $found) !== 1 || Words::technique($found[1])[0] !== null || preg_match('/[:,]/u', $found[1]) === 1) {
            return $line;
        }
        $words = preg_split('/\s+/u', $line) ?: [];
        foreach ([3, 2, 1] as $length) {
            if ($this->names->exactly(implode(' ', array_slice($words, 0, $length))) !== []) {
                return $line;
            }
        }
        $isKnown = Area::guessed('a', $found[1])->material !== Area::guessed('a', 'x')->material;

        return $isKnown && $this->isStepOf($found[2]) ? $this->inArea($found[1], $found[2]) : $line;
    }

    private function isStepOf(string $text): bool
    {
        return Clause::read($text, $this->names)->paints !== [];
    }

    private function inArea(string $name, string $rest): string
    {
        $this->enter($name);

        return $rest;
    }

    /** Somebody has said that what it names is no paint, and there is nothing else to it. */
    private function isOfNoPaint(Clause $clause): bool
    {
        return $clause->paints === [] && $clause->unknown !== [] && array_diff(array_map(mb_strtolower(...), $clause->unknown), $this->noPaints) === [];
    }

    /** Tells how the last step is done. */
    private function manner(Clause $clause): bool
    {
        if ($clause->dilution === null && $clause->coats === null && $clause->place === null) {
            return true;
        }
        $area = $this->read[count($this->read) - 1]['area'];
        $step = $area === null ? null : $this->steps[$area][count($this->steps[$area] ?? []) - 1] ?? null;
        if ($area === null || $step === null) {
            return false;
        }
        try {
            $this->steps[$area] = [...array_slice($this->steps[$area], 0, -1), $this->inManner($clause->place === null ? $step : $step->at($clause->place), $clause)];
        } catch (Illegal) {
            return false;
        }

        return true;
    }

    private function inManner(Step $step, Clause $clause): Step
    {
        // "Mixed with chalk, 3 : 1" speaks of the two of them.
        if ($clause->dilution !== null && $clause->thinner === null && $clause->paints === [] && count($step->mix->ingredients ?? []) === 2) {
            [$one, $other] = $step->mix->ingredients ?? [];

            return $step->with(Mix::of([Ingredient::of($one->paint, max(1, min(8, $clause->dilution[0]))), Ingredient::of($other->paint, max(1, min(8, $clause->dilution[1])))]), $step->dilution);
        }
        if ($clause->dilution !== null) {
            [$paint, $thinner] = $clause->dilution;
            $step = $step->with($step->mix, Dilution::of(max(1, min(Dilution::MOST_PARTS, $paint)), min(Dilution::MOST_PARTS, $thinner), $clause->thinner ?? $step->technique->usual->with));
        }

        return $clause->coats === null ? $step : $step->inCoats($clause->coats);
    }

    /** @return string|null the technique, if somebody has said it: what follows may be done alike */
    private function step(int $number, Clause $clause, ?string $last): ?string
    {
        if ($clause->area !== null) {
            $this->enter($clause->area);
        }
        array_push($this->unknown, ...array_filter($clause->unknown, fn(string $one): bool => ! in_array(mb_strtolower($one), $this->noPaints, true)));
        $kind = $clause->paints === [] ? null : $clause->paints[0]->kind;
        $said = $clause->technique ?? $this->stage ?? ($last !== null && $kind !== null && $this->technique($last)->takes->accepts($kind) && $last !== 'basecoat' && ! (Words::usualFor($kind) === 'basecoat' && in_array($last, ['wash', 'glaze'], true)) ? $last : null);
        $technique = $this->technique($said ?? ($kind === null ? 'basecoat' : $this->usualFor($clause, $kind)));
        foreach ($clause->paints as $paint) {
            $technique = $technique->takes->accepts($paint->kind) ? $technique : $this->technique(Words::usualFor($paint->kind));
        }
        if ($kind === Kind::Primer && $technique->id === 'spray-layer') {
            $technique = $this->technique('primer');
        }
        if ($technique->family === Family::Varnish && $clause->paints !== [] && ! $technique->does(Nature::LaysChippingFluid) && $technique->id !== 'gloss-spot') {
            $technique = $this->technique(match ($clause->paints[0]->finish) {
                Finish::Gloss => 'gloss-coat',
                Finish::Satin => 'satin-coat',
                default => $technique->id,
            });
        }
        if ($technique->does(Nature::Rims, Nature::HoldsGrit, Nature::SitsInWetPaste) || $technique->id === 'tuft') {
            $this->enter('Base');
        }
        if ($technique->primes() || $technique->id === 'spray-from-above') {
            if ($clause->paints === []) {
                return $said;
            }
            $this->ground[] = $clause->paints[0];
            $this->note($number, null, $technique, $clause);

            return $said;
        }
        if ($technique->id === 'gloss-coat' && $clause->area !== null) {
            $technique = $this->technique('gloss-spot');
        }
        $isWhole = $technique->family === Family::Varnish && $technique->id !== 'gloss-spot';
        $area = $isWhole ? null : $this->area ?? $this->enter('Model');
        try {
            if ($this->put($area, $this->made($technique, $clause, $area))) {
                $this->note($number, $area, $technique, $clause);
            }
        } catch (Illegal) {
            // Paints that no such step takes, or that do not mix: better nothing than something else.
        }

        return $said;
    }

    /** What a paint does of which nobody says it: over a base that was washed it is the base again, or a light. */
    private function usualFor(Clause $clause, Kind $kind): string
    {
        $usual = Words::usualFor($kind);
        $steps = $clause->area === null && $this->area !== null ? $this->steps[$this->area] ?? [] : [];
        $base = $steps[0] ?? null;
        $last = $steps[count($steps) - 1] ?? null;
        if ($usual !== 'basecoat' || $base?->mix === null || $base->mix->isClear() || $last === null) {
            return $usual;
        }
        $isAgain = $clause->paints !== [] && $base->mix->holds($clause->paints[0]->id);

        return match (true) {
            $clause->place === Place::UpperEdges => 'edge-highlight',
            $isAgain && $last->technique->id === 'wash' => 'layer',
            $clause->place === Place::RaisedParts => 'highlight',
            $last->technique->id === 'wash' && ! $clause->paints[0]->isClear() && $clause->paints[0]->colour()->lightness > $base->mix->colour()->lightness => 'highlight',
            default => $usual,
        };
    }

    private function made(Technique $technique, Clause $clause, ?string $area): Step
    {
        $steps = $area === null ? $this->whole : $this->steps[$area] ?? [];
        $step = Step::usual(sprintf('%s-%d', $area ?? 'whole', count($steps) + 1), $technique, $clause->place, $clause->mix());

        return $this->inManner($step, $clause);
    }

    /** False when the recipe is as long as one may be. */
    private function put(?string $area, Step $step): bool
    {
        if (count($area === null ? $this->whole : $this->steps[$area] ?? []) >= Plan::MOST_STEPS) {
            return false;
        }
        if ($area === null) {
            $this->whole[] = $step;
        } else {
            $this->steps[$area][] = $step;
        }

        return true;
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

    /** From here on it is about this area; its id. */
    private function enter(string $name): string
    {
        $name = mb_substr(trim((string) preg_replace('/^(?:the|his|her|its)\s+/iu', '', trim($name))), 0, self::LONGEST_AREA);
        $name = $name === '' ? 'Model' : mb_strtoupper(mb_substr($name, 0, 1)).mb_substr($name, 1);
        $id = mb_substr(trim((string) preg_replace('/[^a-z0-9]+/', '-', strtolower((string) iconv('UTF-8', 'ASCII//TRANSLIT//IGNORE', $name))), '-'), 0, 28) ?: 'area';
        $this->areas[$id] ??= $name;

        return $this->area = $id;
    }

    private function technique(string $id): Technique
    {
        return $this->book->technique($id) ?? Technique::of($id);
    }

    /** No paint is named for certain and nothing is said that only painters say: a recipe for soup, a poem. */
    private function isNoGuide(): bool
    {
        $certain = array_filter($this->read, static fn(array $one): bool => $one['sure'] >= self::CERTAIN);
        $craft = array_filter($this->read, static fn(array $one): bool => in_array($one['technique'], ['basecoat', 'drybrush', 'highlight', 'wash', 'glaze', 'primer', 'stipple', 'lining'], true));

        return $certain === [] && count($craft) < 2;
    }

    private function guide(): Guide
    {
        if ($this->isNoGuide()) {
            $lines = array_values(array_unique([...array_column($this->read, 'line'), ...$this->unread]));
            sort($lines);
            [$this->steps, $this->whole, $this->ground, $this->read, $this->used, $this->leftOver, $this->unread] = [[], [], [], [], [], [], $lines];
        }
        $areas = [];
        foreach ($this->areas as $id => $name) {
            $id = (string) $id;
            if (($this->steps[$id] ?? []) !== [] && count($areas) < Plan::MOST_AREAS) {
                $areas[] = Area::guessed($id, $name)->withSteps($this->steps[$id]);
            }
        }
        $ground = array_values(array_unique($this->ground, SORT_REGULAR));
        $undercoat = match (true) {
            $ground === [] => Undercoat::bare(),
            count($ground) > 1 && $ground[1]->colour()->lightness > $ground[0]->colour()->lightness => Undercoat::of($ground[0], $ground[1]),
            default => Undercoat::plain($ground[0]),
        };

        return new Guide(
            Plan::of('From a guide', ModelKind::of('Model', BodyType::OnFoot, self::HEIGHT_MM, FinishLevel::TableReady), $undercoat, $areas, wholeModel: $this->whole),
            $this->read,
            $this->unread,
            $this->leftOver,
            $this->aside,
            array_values(array_unique($this->unknown)),
            array_values(array_diff_key($this->listed, $this->used)),
            $this->listed === [] ? [] : array_values(array_diff_key($this->used, $this->listed)),
            array_values($this->used + array_column(array_map(static fn(Paint $one): array => [$one->id, $one], $this->ground), 1, 0)),
        );
    }
}
