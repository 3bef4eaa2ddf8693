<?php

declare(strict_types=1);

namespace Kalokroma\Writing\Guide;

use Kalokroma\Craft\Place;
use Kalokroma\Craft\Technique;
use Kalokroma\Craft\Thinner;
use Kalokroma\Matching\PaintNames;
use Kalokroma\Mixing\Ingredient;
use Kalokroma\Mixing\Mix;
use Kalokroma\Paint\Kind;
use Kalokroma\Paint\Paint;

/** One step as a guide words it: "wash all over with Soot Wash 1:1". */
final readonly class Clause
{
    /** A touch is one part in five. */
    private const TOUCH = '/\s*\b(?:with|and|plus|\+)?\s*(?:just )?a (?:touch|bit|dot|drop|hint|little)(?: bit)? of\s+/iu';

    private const JOINTS = '/\s*(?:\+|&|\/|=|\bplus\b|\bmixed with\b|\band\b)\s*|(?<=¤)\s+(?:\w+\s+)?(?=¤\d)/iu';

    private const MOST_PARTS = 9;

    private const PLAIN_COLOUR = '/^(?:dark |light |pale )?(?:black|white|gr[ea]y|brown|red|blue|green|yellow|orange|violet|purple|pink|sepia)$/iu';

    /** Words of the longest name, and letters of the shortest that is looked for within a text; of three where it begins with a capital. */
    private const LONGEST_NAME = 4;

    private const SHORTEST_NAME = 4;

    /** How sure one is of a name with other words beside it. */
    private const BESIDE = 0.7;

    /** How sure one is of a step whose technique nobody said. */
    private const UNSAID = 0.6;

    /**
     * @param list<Paint> $paints
     * @param list<int> $parts
     * @param array{int, int}|null $dilution parts of paint to parts of thinner
     * @param list<string> $unknown what looks like a paint and is none
     * @param string $leftOver words that nothing was made of
     * @param bool $addsToTheLast they come into the mix before
     * @param list<Paint> $named just so, mediums left out
     */
    private function __construct(
        public ?string $technique,
        public array $paints,
        public array $parts,
        public ?array $dilution,
        public ?Thinner $thinner,
        public ?int $coats,
        public ?Place $place,
        public ?string $area,
        public array $unknown,
        public float $sure,
        public string $leftOver,
        public bool $addsToTheLast,
        public array $named,
    ) {}

    public static function read(string $text, PaintNames $names): self
    {
        $said = $text;
        // The brush in a bracket says nothing of the paint.
        $text = (string) preg_replace('/\((?!\s*dry[- ]?brush)[^()]*\b(?:\w*brush|spray can)\)/iu', ' ', $text);
        [$text, $exact] = self::named((string) preg_replace('/\s*([+&])\s*/u', ' $1 ', $text), $names);
        $text = (string) preg_replace(
            [
                // "Blue 1 : white 1" counts each after its name; what goes straight over the primer is none.
                '/(¤\d+¤)\s+(\d)\s*:\s*(¤\d+¤)\s+(\d)(?=\D|$)/u',
                '/\b(?:straight |directly |right )?over (?:the|a|that) (?:primer|undercoat)\b/iu',
            ],
            ['$2 $1 + $4 $3', ' '],
            $text,
        );
        [$coats, $text] = Words::coats($text);
        $ratio = Ratio::read($text);
        $text = $ratio->rest;
        // "A dot of white" says how much of it, not how it goes on.
        [$technique, $rest] = Words::technique((string) preg_replace(self::TOUCH, ' ', $text));
        if ($technique !== null) {
            [, $text] = preg_match(self::TOUCH, $text) === 1 ? self::withoutTechnique($text) : [$technique, $rest];
        }
        // What stands out of a face gets light, whoever says so or not.
        $onFace = '/\bon(?:to)?\s+(?:(?:the|his|her|its|their)\s+)?(?:(?:nose|cheeks?|cheekbones?|chin|brows?|forehead|knuckles|lips?)(?:\s*(?:,|\/|and|&)\s*(?:the\s+)?)?)+/iu';
        if ($technique === null && preg_match($onFace, $text) === 1 && preg_match("/\\b(?:again|back)\\b/iu", $text) !== 1) {
            [$technique, $text] = ['highlight', (string) preg_replace($onFace, ' ', $text)];
        }
        [$place, $text] = Words::place($text);
        $technique = $technique === 'highlight' && $place === Place::UpperEdges ? 'edge-highlight' : $technique;
        $addsTo = preg_match(
            '/\b(?:add(?:s|ed|ing)?|mix(?:es|ed|ing)? in)\b.{0,30}?¤\d+¤.{0,12}?\b(?:to|into)\s+(?:the|it|that|this|my)\b|\bmix(?:es|ed|ing)? in\s+(?:some |more |a (?:bit|little|touch|dot) of )?¤\d+¤|¤\d+¤\s+(?:was |is |gets )?(?:mixed in|added|mixed)\s+(?:in)?to\s+(?:the|it|that|this)\b|\badd(?:s|ed|ing)?\s+(?:some |a (?:bit|little|touch) of )?(?:more\s+¤\d+¤|¤\d+¤\s+again\b)/iu',
            $text,
        ) === 1;
        $area = Words::ofTheBase($said)
            ?? Words::broughtBack($said)
            ?? Words::ofTheRest($said)
            ?? Words::area($text, $technique === null || $technique === 'basecoat');
        $text = $area === null ? $text : str_replace($area, ' ', $text);
        [$paints, $parts, $unknown, $sure, $beside] = self::paints($text, $names, $exact, $technique);
        [$dilution, $thinner] = [$ratio->parts, $ratio->thinner];
        // A medium among colours thins them; the ratio is in the order they are named in.
        $clear = array_keys(array_filter($paints, static fn(Paint $one): bool => $one->kind === Kind::Medium));
        if ($clear !== [] && count($clear) < count($paints)) {
            $thinner ??= Thinner::Medium;
            $dilution = $dilution === null || $clear[0] > 0 ? $dilution : [max(1, $dilution[1]), $dilution[0]];
            $paints = array_values(array_diff_key($paints, array_flip($clear)));
            $parts = array_values(array_diff_key($parts, array_flip($clear)));
        }
        if ($dilution !== null && count($paints) === 2 && $thinner === null) {
            [$parts, $dilution] = [[max(1, $dilution[0]), max(1, $dilution[1])], null];
        }

        if ($technique === Words::PAINT) {
            // "How I paint my boats" is no step.
            [$technique, $unknown] = $paints === [] && $area === null ? [null, []] : ['basecoat', $unknown];
        }
        if (self::needsNoPaint($technique)) {
            $unknown = [];
        }
        $isStep = $paints !== [] || ($technique !== null && $unknown !== []) || self::needsNoPaint($technique);

        return new self(
            $technique,
            $paints,
            $parts,
            $dilution,
            $thinner,
            $coats,
            $place,
            $area,
            $unknown,
            $technique === null ? $sure * self::UNSAID : $sure,
            $isStep ? trim(implode(' ', [...$beside, ...self::unused($exact, $paints)])) : Words::bare(self::told($said, $exact)),
            $addsTo,
            array_values(array_filter($exact, static fn(Paint $one): bool => $one->kind !== Kind::Medium)),
        );
    }

    /**
     * Paints that are named and come into nothing: never without a word.
     *
     * @param array<string, Paint> $named by mark
     * @param list<Paint> $taken
     *
     * @return list<string> their names, but those of mediums
     */
    private static function unused(array $named, array $taken): array
    {
        $unused = array_filter($named, static fn(Paint $one): bool => $one->kind !== Kind::Medium && ! in_array($one, $taken, true));

        return array_values(array_unique(array_column($unused, 'name')));
    }

    /** @return array{string, string} */
    private static function withoutTechnique(string $text): array
    {
        [$before, $after] = [...(preg_split(self::TOUCH, $text, 2) ?: []), ''];
        [$technique, $before] = Words::technique($before);
        preg_match(self::TOUCH, $text, $touch);

        return [$technique ?? '', $before.($touch[0] ?? ' ').$after];
    }

    /** @param array<string, Paint> $marks */
    private static function told(string $text, array $marks): string
    {
        return strtr($text, array_map(static fn(Paint $one): string => $one->name, $marks));
    }

    private static function needsNoPaint(?string $technique): bool
    {
        return in_array($technique, ['decal', 'grit', 'tuft', 'mask', 'gloss-spot', 'gloss-coat', 'satin-coat', 'matt-coat'], true);
    }

    /** It says how the step before it is done: "thinned 1 : 1", "two coats", "watered down". */
    public function isManner(): bool
    {
        return ! $this->isStep() && $this->technique === null && ($this->unknown === [] || $this->coats !== null);
    }

    public function isStep(): bool
    {
        return $this->paints !== [] || ($this->technique !== null && $this->unknown !== []) || self::needsNoPaint($this->technique);
    }

    public function mix(): ?Mix
    {
        return $this->paints === []
            ? null
            : Mix::of(array_map(
                static fn(Paint $paint, int $parts): Ingredient => Ingredient::of($paint, max(1, min(self::MOST_PARTS - 1, $parts))),
                $this->paints,
                $this->parts,
            ));
    }

    /**
     * Names that are written just so are taken out first: they may hold words that mean something else.
     *
     * @return array{string, array<string, Paint>} the text with a mark in place of each name, and the paints by mark
     */
    private static function named(string $text, PaintNames $names): array
    {
        $words = preg_split('/\s+/u', trim($text)) ?: [];
        $marks = $out = [];
        for ($at = 0; $at < count($words); $at++) {
            for ($length = self::LONGEST_NAME; $length > 0; $length--) {
                $some = array_slice($words, $at, $length);
                $span = trim(implode(' ', $some), '.,;:()"!?');
                // A sign between two names belongs to neither.
                $isShort = mb_strlen($span) < self::SHORTEST_NAME && preg_match('/^\p{Lu}\p{Ll}{2}$/u', $span) !== 1;
                $found = $isShort || preg_match('/^\W|\W$/u', $span) === 1 ? [] : $names->exactly($span);
                // A code that is a plain word ("blue") says too little by itself.
                $isTelling = count($some) > 1 || preg_match('/\d/', $span) === 1;
                if ($found !== [] && ($isTelling || mb_strtolower($found[0]->name) === mb_strtolower($span))) {
                    $mark = sprintf('¤%d¤', count($marks));
                    $marks[$mark] = $found[0];
                    $out[] = $mark;
                    $at += count($some) - 1;
                    continue 2;
                }
            }
            $out[] = $words[$at];
        }

        return [implode(' ', $out), $marks];
    }

    /**
     * @param array<string, Paint> $marks
     *
     * @return array{list<Paint>, list<int>, list<string>, float, list<string>} paints, parts, unknown names, certainty, words beside names
     */
    private static function paints(string $text, PaintNames $names, array $marks, ?string $technique): array
    {
        $paints = $parts = $unknown = $beside = [];
        $takes = $technique === null || $technique === Words::PAINT ? null : Technique::of($technique)->takes;
        $sure = 1.0;
        foreach (self::pieces($text) as [$piece, $share]) {
            $mark = preg_match('/¤\d+¤/u', $piece, $found) === 1 ? $found[0] : '';
            // Words beside a name may belong to another one that is not known.
            $isAlone = preg_match('/\p{L}{3,}/u', str_replace($mark, '', $piece)) !== 1;
            $likely = isset($marks[$mark]) ? [[$marks[$mark], $isAlone ? 1.0 : self::BESIDE]] : $names->find($piece);
            if ($likely === []) {
                if (preg_match('/\p{L}{3,}/u', $piece) === 1) {
                    $unknown[] = $piece;
                }
                continue;
            }
            if (isset($marks[$mark])) {
                $other = Words::bare(str_replace($mark, ' ', $piece));
                array_push($beside, ...(preg_match('/\p{L}{4,}/u', $other) === 1 ? [self::told($other, $marks)] : []));
            }
            // Of several that may be meant the one that can be used so.
            $fits = array_values(array_filter(
                $likely,
                static fn(array $one): bool => $takes?->accepts($one[0]->kind) !== false
                    && ($technique !== 'primer' || $one[0]->kind === Kind::Primer),
            ));
            // "A black wash" is a wash, not whatever else has black in its name.
            $washes = array_filter($likely, static fn(array $one): bool => in_array($one[0]->kind, [Kind::Wash, Kind::Ink, Kind::OneCoat], true));
            if (
                in_array($technique, ['wash', 'glaze'], true)
                && ! isset($marks[$mark])
                && $washes === []
                && preg_match(self::PLAIN_COLOUR, trim($piece)) === 1
            ) {
                $unknown[] = "$piece $technique";
                continue;
            }
            // Half a name of a wash that is washed with: no other paint that is called nearly so.
            $named = isset($marks[$mark]) || $technique !== 'wash'
                ? []
                : array_values(array_filter($fits, static fn(array $one): bool => $one[0]->kind === Kind::Wash));
            [$paint, $certainty] = $named[0] ?? $fits[0] ?? $likely[0];
            if (! in_array($paint, $paints, true) && count($paints) < 3) {
                $paints[] = $paint;
                $parts[] = $share;
                $sure = min($sure, $certainty / max(1, count($likely)) ** 0.25);
            }
        }

        return [$paints, $parts, $unknown, round($sure, 2), $beside];
    }

    /** @return list<array{string, int}> names as written, and their parts */
    private static function pieces(string $text): array
    {
        $touched = preg_split(self::TOUCH, $text) ?: [];
        $pieces = [];
        foreach ($touched as $at => $part) {
            foreach (preg_split(self::JOINTS, $part) ?: [] as $piece) {
                $parts = 1;
                if (preg_match('/^[^\d¤]*(\d)\s*(?:parts?|drops?)?\s+(?=[\p{L}¤])/iu', $piece, $found) === 1) {
                    $parts = max(1, (int) $found[1]);
                    $piece = substr($piece, strlen($found[0]));
                }
                $piece = Words::bare($piece);
                if ($piece !== '') {
                    $pieces[] = [$piece, count($touched) > 1 && $at === 0 ? 4 : $parts];
                }
            }
        }

        return $pieces;
    }
}
