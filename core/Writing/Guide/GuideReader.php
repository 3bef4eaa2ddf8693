<?php

declare(strict_types=1);

namespace Kalokroma\Writing\Guide;

use Kalokroma\Craft\BodyType;
use Kalokroma\Craft\CraftBook;
use Kalokroma\Craft\Family;
use Kalokroma\Craft\FinishLevel;
use Kalokroma\Craft\Technique;
use Kalokroma\Illegal;
use Kalokroma\Matching\PaintNames;
use Kalokroma\Mixing\Dilution;
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

    /** Where one step ends and the next begins. */
    private const ENDS = '/\s*(?:[;,>→|]|\.(?=\s|$)|\band then\b|\bthen\b|\bfollowed by\b|\bfinally\b|\band\s+(?=(?:dry[- ]?brush|wash|shade|highlight|edge|layer|glaze|base|prime|stipple|line)))\s*/iu';

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

    private ?string $area = null;

    private bool $isList = false;

    private function __construct(
        private readonly PaintNames $names,
        private readonly CraftBook $book,
    ) {}

    public static function read(string $text, PaintNames $names, ?CraftBook $book = null): Guide
    {
        $reader = new self($names, $book ?? CraftBook::standard());
        $lines = preg_split('/\R/u', mb_scrub(strip_tags($text))) ?: [];
        foreach ($lines as $at => $line) {
            $line = trim($line);
            if ($at < self::MOST_LINES && mb_strlen($line) <= self::LONGEST_LINE) {
                $reader->line($at + 1, $line);
            } elseif ($line !== '') {
                $reader->unread[] = $at + 1;
            }
        }

        return $reader->guide();
    }

    private function line(int $number, string $line): void
    {
        $line = trim((string) preg_replace('/^(?:[-*•–>]\s*|\d{1,2}[.)]\s+|step \d+\s*[:.)-]?\s*)+/iu', '', $line));
        if ($line === '') {
            return;
        }
        if (Words::isListHeading(ltrim($line, '# '))) {
            $this->isList = true;

            return;
        }
        if (preg_match('/^(?:the )?(?:paints?(?: used| needed)?|colou?rs|you(?:\'ll| will)? need)\s*:\s*(.+)$/iu', $line, $found) === 1) {
            $this->listed(explode(',', $found[1]), $number);

            return;
        }
        if ($this->isHeading($line)) {
            $this->isList = false;
            $this->enter(trim($line, "#:*_ \t-–"));

            return;
        }
        if ($this->isList && (Words::technique($line)[0] === null || $this->names->find(Words::bare($line)) !== [])) {
            $this->listed(explode(',', $line), $number);

            return;
        }
        $this->isList = false;
        if (! $this->steps($number, $line)) {
            $this->unread[] = $number;
        }
    }

    /** A line that only names an area: it ends in a colon, is marked, or is short and neither a technique nor a paint. */
    private function isHeading(string $line): bool
    {
        if (preg_match('/^#+\s|:\s*$|^\*\*.+\*\*$/u', $line) === 1) {
            return mb_strlen($line) <= self::LONGEST_AREA;
        }

        return mb_strlen($line) <= self::LONGEST_AREA && count(preg_split('/\s+/u', $line) ?: []) <= 3 && ! str_contains($line, ':') && preg_match('/[.!?]$/u', $line) !== 1
            && Words::technique($line)[0] === null && $this->names->exactly(Words::bare($line)) === [] && Area::guessed('a', $line)->material !== Area::guessed('a', 'x')->material;
    }

    /** @param list<string> $entries */
    private function listed(array $entries, int $number): void
    {
        $isRead = false;
        foreach ($entries as $entry) {
            $name = Words::bare($entry);
            $likely = $name === '' ? [] : $this->names->find($name);
            if ($likely !== []) {
                $this->listed[$likely[0][0]->id] = $likely[0][0];
                $isRead = true;
            } elseif ($name !== '') {
                $this->unknown[] = $name;
                $isRead = true;
            }
        }
        if (! $isRead) {
            $this->unread[] = $number;
        }
    }

    private function steps(int $number, string $line): bool
    {
        if (preg_match('/^([^:]{2,40}?)\s*(?::|\s[-–]\s)\s*(.+)$/u', $line, $found) === 1 && preg_match('/\d$/', $found[1]) !== 1) {
            if (Words::technique($found[1])[0] === null && $this->names->exactly(Words::bare($found[1])) === []) {
                $this->enter($found[1]);
                $line = $found[2];
            } else {
                // "Base: Navy" says the technique before the colon.
                $line = "$found[1] $found[2]";
            }
        }
        $before = count($this->read);
        $last = null;
        foreach (preg_split(self::ENDS, $line) ?: [] as $text) {
            $clause = Clause::read($text, $this->names);
            if ($clause->isStep()) {
                $last = $this->step($number, $clause, $last);
            }
        }

        return count($this->read) > $before;
    }

    /** @return string|null the technique, if somebody has said it: what follows may be done alike */
    private function step(int $number, Clause $clause, ?string $last): ?string
    {
        if ($clause->area !== null) {
            $this->enter($clause->area);
        }
        array_push($this->unknown, ...$clause->unknown);
        $kind = $clause->paints === [] ? null : $clause->paints[0]->kind;
        $said = $clause->technique ?? ($last !== null && $kind !== null && $this->technique($last)->takes->accepts($kind) && $last !== 'basecoat' ? $last : null);
        $technique = $this->technique($said ?? ($kind === null ? 'basecoat' : Words::usualFor($kind)));
        foreach ($clause->paints as $paint) {
            $technique = $technique->takes->accepts($paint->kind) ? $technique : $this->technique(Words::usualFor($paint->kind));
        }
        if ($technique->family === Family::Undercoat && $clause->paints !== []) {
            $this->ground[] = $clause->paints[0];
            $this->note($number, null, $technique, $clause);

            return $said;
        }
        $isWhole = $technique->family === Family::Varnish;
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

    private function made(Technique $technique, Clause $clause, ?string $area): Step
    {
        $steps = $area === null ? $this->whole : $this->steps[$area] ?? [];
        $step = Step::usual(sprintf('%s-%d', $area ?? 'whole', count($steps) + 1), $technique, $clause->place, $clause->mix());
        if ($clause->dilution !== null) {
            [$paint, $thinner] = $clause->dilution;
            $step = $step->with($step->mix, Dilution::of(max(1, min(Dilution::MOST_PARTS, $paint)), min(Dilution::MOST_PARTS, $thinner), $clause->thinner ?? $technique->usual->with));
        }

        return $clause->coats === null ? $step : $step->inCoats($clause->coats);
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

    private function guide(): Guide
    {
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
            array_values(array_unique($this->unknown)),
            array_values(array_diff_key($this->listed, $this->used)),
            $this->listed === [] ? [] : array_values(array_diff_key($this->used, $this->listed)),
            array_values($this->used + array_column(array_map(static fn(Paint $one): array => [$one->id, $one], $this->ground), 1, 0)),
        );
    }
}
