<?php

declare(strict_types=1);

namespace Kalokroma\Writing\Guide;

use Kalokroma\Matching\PaintNames;
use Kalokroma\Paint\Kind;
use Kalokroma\Paint\Paint;

/** How a guide is laid out: what heads what, where a list ends, which area a line is about, and where one step ends and the next begins. */
final readonly class Outline
{
    private const LONGEST_AREA = 60;

    /** How sure one is of a paint that stands by itself and is written just so. */
    private const NAMED = 0.6;

    /** Techniques in short, after a name and a comma. */
    private const SHORT = 'base|basecoat|bc|wash|shade|highlight|hl|ehl|edge|layer|lyr|glaze|drybrush|db|stipple|prime';

    /** Where one step ends and the next begins. */
    private const ENDS = '/\s*(?:[;>|]|,(?!\d)|\.(?=\s|$)|\band then\b|\bthen\b|\bfollowed by\b|\bfinally\b|\b(?:and|with)\s+(?:an?\s+|some\s+)?(?:(?:quick|light|lighter|heavy|final|thin|second|careful|gentle|last|sharp|bright|brighter)\s+)?(?=(?:dry[- ]?brush|wash|shade|highlight|edge|layer|glaze|base|prime|stipple|line|varnish|dot|spray))|\band\s+(?=(?:[\p{L}-]+\s+){1,3}on\s+(?:the|his|her|its|their)\b)|\s\d{1,2}[.)](?=\s)|\band\s+(?=the\s+[\p{L}-]+\s+(?:with|in|gets?|got|picked out|painted|done|is|are|was|were)\b)|\band\s+(?=(?:i |we |you )?(?:brought|bring|built|re-?establish|went back|go back|picked? out)\b)|\bwith\s+(?:an?\s+)?(?=(?:[\p{L}]+\s+){1,3}(?:edges?|highlights?)\b)|\band\s+(?=a (?:little|touch of|bit of|dot of)\s+(?:[\p{L}]+\s+){1,3}(?:round|around|along)\s+(?:the|its|his|her|their)\b)|\bbefore\s+(?=(?:an?|the)\s+(?:final\s+|last\s+|quick\s+|light\s+)?(?:edge|highlight|wash|glaze|dry[- ]?brush|coat)\b)|\b(?:and\s+)?(?=once (?:that|it|this)\b|next up\b|for the (?:first|second|final|last) highlight\b))\s*/iu';

    /** "So the face came first" */
    private const COMES_FIRST = '/\b((?:the|his|her|its|their)\s+[\p{L}-]+)\s+(?:came|comes?|is|are|was|were|went|goes)\s+(?:first|next|then|last)$/iu';

    /** What stands before a colon and is neither an area nor how it is done. */
    private const NO_HEAD = '/^(?:(?:my |the |our )?(?:plan|recipes?|notes?|scheme|list|tips?|update|summary)\b|how\b|what\b|why\b|when\b|it\W?s\b|this\b|here\b|(?:mon|tues|wednes|thurs|fri|satur|sun)day\b|today|tomorrow|evening|morning|part \d|(?:sure|yes|yeah|yep|thanks|thank you|of course|edit|answer|ok|okay|both|all|each|everyone|everything)$)/iu';

    public function __construct(private PaintNames $names) {}

    /** A line that only names an area: it ends in a colon, is marked, or is short, tells of no step and has steps below it. */
    public function isHeading(string $written, string $next): bool
    {
        // How many there are of it stands in brackets.
        $line = (string) preg_replace('/\s*\((?:\d+\s+\p{L}+|x ?\d+|\p{L}+)\)(?=:?\s*$)/u', '', GuideText::bare($written));
        if (mb_strlen($line) > self::LONGEST_AREA) {
            return false;
        }
        if ((Words::isStage($line) || Words::isGround($line)) && $next !== '') {
            return true;
        }
        if (preg_match('/^#+\s|:\s*$|^\*\*[^*]+\*\*:?$|^\[[^\]]+\]$|^__.+__$/u', $line) === 1 || preg_match('/^#+\s/u', $written) === 1) {
            return true;
        }
        if (
            count(preg_split('/\s+/u', $line) ?: []) > 4
            || str_contains($line, ':')
            || preg_match('/[.!?,;>→+]|\s[-–—]\s/u', $line) === 1
            || preg_match('/\d/u', $line) === 1
            || Words::turnedTo($line) !== null
            || preg_match('/\b(?:i|we|you|my|it|and then|let|wait|how|now|paint|use|start|finish|done)\b/iu', $line) === 1
        ) {
            return false;
        }
        $clause = Clause::read($line, $this->names);

        if ($this->namesAPaint($line)) {
            return false;
        }

        // Part of a paint's name is no paint, where steps follow.
        return $clause->technique === null && ($clause->paints === [] || ($clause->sure < self::NAMED && $this->tellsAStep($next)))
            && (
                Words::isThing($line)
                || ($this->tellsAStep($next) && preg_match('/^\p{L}[\p{L}\'’-]*(?: (?:& )?[\p{L}\'’\/-]*\p{L}[\p{L}\'’-]*)*$/u', $line) === 1)
            );
    }

    /** A sentence that is only the name of a thing, with what is done to it after it: "Sails. Sailcloth basecoat." */
    public function isNamed(string $sentence, string $next): bool
    {
        $name = trim($sentence, ' .!');

        return $next !== ''
            && count(preg_split('/\s+/u', $name) ?: []) <= 2
            && Words::isThing($name)
            && Words::technique($name)[0] === null
            && $this->names->exactly($name) === []
            && $this->tellsAStep($next);
    }

    /** What is a sentence, or heads one, is no entry of a list any more. */
    public function endsList(string $line, string $next, bool $isAfterGap): bool
    {
        $words = preg_split('/\s+/u', $line) ?: [];

        return preg_match('/^#+\s|:\s*$|^\*\*.+\*\*$/u', $line) === 1
            || (str_contains($line, ':') && preg_match('/:\s*\S/u', $line) === 1)
            || (preg_match('/\b(?:with|then|onto|over|the)\b/iu', $line) === 1 && Words::technique($line)[0] !== null)
            || ($isAfterGap && count($words) <= 3 && $this->names->exactly(Words::bare($line)) === [] && $this->tellsAStep($next));
    }

    /** Mud, sand and what is dusted over it. */
    public function isOfTheGround(string $text): bool
    {
        $clause = Clause::read((preg_split(self::ENDS, $text) ?: [''])[0], $this->names);

        return in_array($clause->technique, ['texture-paste', 'grit', 'tuft', 'pigments', 'rim', 'drybrush'], true)
            || array_any($clause->paints, static fn(Paint $one): bool => $one->kind === Kind::Texture || $one->kind === Kind::Pigment);
    }

    /** @return array{string|null, string} the area that a line is about, if it says so, and what is left of it */
    public function split(string $line): array
    {
        [$area, $rest] = $this->headed($line);
        [$word, $rest] = $area === null ? $this->led($rest) : [$area, $rest];

        return [$word, $rest];
    }

    /** @return list<string> what is told one after the other; paints that nobody mixes are steps of their own, whatever joins them */
    public function clauses(string $line): array
    {
        // "Red over a grey undercoat" tells the ground first; "one part paint, six parts medium" is one ratio.
        $line = (string) preg_replace(
            '/^(.{3,60}?)\s+over\s+(?:an?\s+|the\s+)?((?:[\p{L}]+\s+){1,3}?)(?:undercoat|undercoating)\b/iu',
            'undercoat $2; $1',
            $line,
        );
        $line = (string) preg_replace(
            '/(\bparts?\s+(?:of\s+)?[\p{L}]+),\s*(?=(?:\d+|one|two|three|four|five|six|seven|eight|nine|ten)\s+parts?\b)/iu',
            '$1 to ',
            $line,
        );
        $line = $this->enumerated($line);
        $clauses = [];
        foreach (preg_split(self::ENDS, $line) ?: [] as $text) {
            // "The skin pale and the staff cork": another thing with a paint of its own.
            if (
                preg_match('/^(.+?)\s+and\s+(the\s+[\p{L}-]+\s+.+)$/iu', $text, $two) === 1
                && $this->isStepOf($two[1])
                && $this->isStepOf($two[2])
            ) {
                array_push($clauses, ...$this->clauses($two[1]), ...$this->clauses($two[2]));
                continue;
            }
            // "Chalk over grey": first the one below, then the other.
            if (preg_match('/^(.+?)\s+over\s+(?:an?\s+|the\s+)?(.+)$/iu', $text, $two) === 1 && $this->isBase($two[1]) && $this->isBase($two[2])) {
                array_push($clauses, $two[2], "layer $two[1]");
                continue;
            }
            // "Black with grey on the edges": what lies on a part of it comes after it.
            if (
                preg_match(
                    '/^(.+?)\s+with\s+(.+?\s+on\s+(?:the\s+|its\s+)?(?:[\p{L}]+\s+)?(?:edges?|tips?|ridges?|corners?|rims?))$/iu',
                    trim($text, ' .!'),
                    $two,
                ) === 1
                && $this->isBase($two[1])
                && $this->isStepOf($two[2])
            ) {
                array_push($clauses, $two[1], $two[2]);
                continue;
            }
            $clause = Clause::read($text, $this->names);
            $kinds = array_map(static fn(Paint $one): string => Words::usualFor($one->kind), $clause->named);
            $isMixed = count(array_unique($kinds)) < 2
                || $clause->dilution !== null
                || max([1, ...$clause->parts]) > 1
                || ! in_array('basecoat', $kinds, true);
            array_push($clauses, ...($isMixed ? [$text] : $this->parted($text)));
        }

        return $this->withWhatWasTaken($clauses);
    }

    /** "Brass, soot wash, brass and gold": one paint after the other, and the last of them is not mixed in. */
    private function enumerated(string $line): string
    {
        if (
            preg_match('/^((?:[^,;.:]+,\s*){2,})([^,;.:]+?)\s+and\s+([^,;.:]+)\W*$/u', $line, $found) !== 1
            || preg_match('/\d|\bthen\b|\bwith\b/iu', $line) === 1
        ) {
            return $line;
        }
        foreach ([...(preg_split('/,\s*/u', rtrim($found[1], ', ')) ?: []), $found[2], $found[3]] as $one) {
            if (count(Clause::read($one, $this->names)->named) !== 1) {
                return $line;
            }
        }

        return "$found[1]$found[2], $found[3]";
    }

    /** It names one paint that covers, just so, and nothing else is said of how. */
    private function isBase(string $text): bool
    {
        $clause = Clause::read($text, $this->names);

        return $clause->technique === null && count($clause->named) === 1 && Words::usualFor($clause->named[0]->kind) === 'basecoat';
    }

    /**
     * "Leather washed with umber", "iron over black primer": each paint by itself, and the primer first.
     *
     * @return list<string>
     */
    private function parted(string $text): array
    {
        if (preg_match('/^(.+?)\s+over\s+(?:an?\s+|the\s+)?(.+)$/iu', $text, $found) === 1) {
            $ground = Clause::read($found[2], $this->names)->named;
            if (count($ground) === 1 && $ground[0]->kind === Kind::Primer && $this->isStepOf($found[1])) {
                return ["undercoat {$ground[0]->name}", ...$this->clauses($found[1])];
            }
        }
        $parts = [];
        foreach (preg_split('/\s*(?:(?:\+|&|(?<!\bwashed\s)(?<!\bshaded\s)(?<!brushed\s)(?<!lighted\s)(?<!\bedged\s)(?<!glazed\s)(?<!layered\s)(?<!stippled\s)\b(?:and|with)\b(?:\s+an?\b)?)|\s(?=(?:washed|shaded|dry[- ]?brushed|highlighted|edged|glazed|layered|stippled)\s+(?:with\b|in\b|using\b|(?-i:\p{Lu}))))\s*/iu', $text, -1, PREG_SPLIT_OFFSET_CAPTURE)
            ?: [] as [$part, $at]) {
            $last = count($parts) - 1;
            $before = $last < 0 ? '' : $parts[$last];
            // A joint parts two paints; else it belongs to the words before it.
            $parts = $last >= 0 && ! ($this->isStepOf($before) && $this->isStepOf($part))
                ? [...array_slice($parts, 0, $last), $before.' with '.$part]
                : [...$parts, $part];
        }

        return $parts;
    }

    /**
     * "I take the blue and base the armour with it": what is taken in hand is what the next does it with.
     *
     * @param list<string> $clauses
     *
     * @return list<string>
     */
    private function withWhatWasTaken(array $clauses): array
    {
        $told = [];
        foreach ($clauses as $text) {
            $before = $told[count($told) - 1] ?? '';
            // "Drybrush again, lighter, with tan": the paint comes behind how it is done.
            if (preg_match('/^(?:with|using)\b/iu', ltrim($text)) === 1 && $this->isStepOf($text)) {
                $how = '';
                for ($at = count($told) - 1; $at >= 0 && Words::technique($how)[0] === null && ! $this->isStepOf($told[$at]); $at--) {
                    $how = trim("$told[$at] $how");
                }
                if (Words::technique($how)[0] !== null) {
                    $told = [...array_slice($told, 0, $at + 1), "$how $text"];
                    continue;
                }
            }
            $isTaken = preg_match('/\b(?:with|use) (?:it|that|this|them)\b/iu', $text) === 1
                && preg_match(
                    '/\b(?:tak(?:e|es|en|ing)|took|grab(?:s|bed|bing)?|get(?:s|ting)?|got|us(?:e|ed|ing))\s+(?:(?:my|the|some|a bit of|out)\s+)?\p{L}/iu',
                    $before,
                ) === 1
                && $this->isStepOf($before) && ! $this->isStepOf($text);
            if ($isTaken) {
                array_pop($told);
                $text = (string) preg_replace('/\b(with|use) (?:it|that|this|them)\b/iu', '$1 '.$this->taken($before), $text);
            }
            $told[] = $text;
        }

        return $told;
    }

    /** The paints of a text by their names alone. */
    private function taken(string $text): string
    {
        return implode(' and ', array_column(Clause::read($text, $this->names)->paints, 'name'));
    }

    /**
     * What stands before a colon, a dash or a comma names the area, or says how the rest is done.
     *
     * @return array{string|null, string}
     */
    private function headed(string $line): array
    {
        if (
            preg_match('/^([^:(]{2,40}?|[^:(.]{2,90}\s(?:first|next|then|last)(?=:))\s*(?::|\s[-–—=]\s)\s*(.+)$/u', $line, $found) !== 1
            || preg_match('/\d$/', $found[1]) === 1
        ) {
            return preg_match(
                '/^(?!(?:next|then|first|finally|lastly|now|after|later|last|also|so|ok|okay|well|again)\b)((?:the )?[\p{L}\'’-]+(?: [\p{L}\'’-]+)?),\s*((?:'
                    .self::SHORT.')\b.+)$/iu',
                $line,
                $found,
            ) === 1
                && Words::technique($found[1])[0] === null
                && $this->names->exactly(Words::bare($found[1])) === []
                ? [$found[1], $found[2]]
                : [null, $line];
        }
        [, $head, $rest] = $found;
        $head = preg_match(self::COMES_FIRST, $head, $first) === 1 ? $first[1] : $head;
        $head = (string) preg_replace(
            [
                '/^(?:(?:and|so|ok|okay|right|well|anyway|alright)[,\s]+)+(?=\p{L})/iu',
                '/^(?:first|next(?: up)?(?: is| are)?|then|last|lastly|now(?: for)?|on to|moving on to|for),?\s+(?=(?:the|his|her|its|their)\b)/iu',
                '/^for\s+(?=[\p{L}-]+$)/iu',
            ],
            '',
            $head,
        );
        if (preg_match('/^(?:area|part|section|piece)$/iu', $head) === 1 && ! $this->isStepOf($rest)) {
            return [$rest, ''];
        }
        // "In the box: skin" names the skin.
        if (
            count(preg_split('/\s+/u', trim($rest)) ?: []) <= 2
            && Words::isThing($rest)
            && $this->names->exactly(Words::bare($rest)) === []
            && Words::technique($head)[0] === null
            && ! Words::isThing($head)
        ) {
            return [$rest, ''];
        }
        // "The boots were simple: ..." names the boots.
        $head = (string) preg_replace(
            '/^((?:the|his|her|its|their)\s+[\p{L}-]+(?:\s+[\p{L}-]+)?)\s+(?:is|are|was|were|gets?|got|match(?:es|ed)?|follows?|mirrors?)\b.*$/iu',
            '$1',
            $head,
        );
        if (
            preg_match('/^(.{2,30}),\s*(.{2,20})$/u', $head, $two) === 1
            && Words::technique($two[1])[0] === null
            && Words::technique($two[2])[0] !== null
        ) {
            return [$two[1], "$two[2] $rest"];
        }
        if (Words::isGround($head) || (preg_match('/^base$/iu', $head) === 1 && $this->isOfTheGround($rest))) {
            return ['Base', $rest];
        }
        // "Rope = driftwood + umber" tells of the rope, whatever paint is called so.
        $isPaint = preg_match('/\s=\s/', $line) !== 1
            && $this->names->exactly(Words::bare($head)) !== []
            && ! ($this->isStepOf($rest) && Words::technique(explode(' ', ltrim($rest))[0])[0] !== null);
        $isName = preg_match(self::NO_HEAD, $head) !== 1
            && in_array(Words::technique($head)[0], [null, 'eye', 'lens', 'gem'], true)
            && ! $isPaint
            && count(preg_split('/\s+/u', $head) ?: []) <= 5;

        // "Base: Navy" says the technique before the colon.
        return $isName ? [$head, $rest] : [null, "$head $rest"];
    }

    /**
     * "Boots boot brown": a word that can only be an area, right before what is done to it.
     *
     * @return array{string|null, string}
     */
    private function led(string $line): array
    {
        if (
            preg_match('/^([\p{L}-]{3,20})\s+(.{3,})$/u', $line, $found) !== 1
            || Words::technique($found[1])[0] !== null
            || preg_match('/[:,]/u', $found[1]) === 1
            || preg_match(self::NO_HEAD, $found[1]) === 1
        ) {
            return [null, $line];
        }
        $words = preg_split('/\s+/u', $line) ?: [];
        foreach ([3, 2, 1] as $length) {
            if ($this->names->exactly(implode(' ', array_slice($words, 0, $length))) !== []) {
                return [null, $line];
            }
        }
        $isKnown = Words::isThing($found[1]);

        // "BOOK barge red": what is shouted before what is not.
        $isKnown = $isKnown || (preg_match('/^\p{Lu}{3,}$/u', $found[1]) === 1 && preg_match('/\p{Ll}/u', $found[2]) === 1);

        return $isKnown && $this->isStepOf($found[2]) ? [$found[1], $found[2]] : [null, $line];
    }

    private function tellsAStep(string $line): bool
    {
        return $line !== '' && (Words::technique($line)[0] !== null || Clause::read($line, $this->names)->paints !== []);
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

    private function isStepOf(string $text): bool
    {
        return Clause::read($text, $this->names)->paints !== [];
    }
}
