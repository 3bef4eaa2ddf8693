<?php

declare(strict_types=1);

namespace Kalokroma\Writing\Guide;

use Kalokroma\Craft\Place;
use Kalokroma\Craft\Thinner;
use Kalokroma\Paint\Kind;

/** Words that people use in guides, and what they mean by them. */
final class Words
{
    /** Somebody paints something: it says nothing of how. */
    public const PAINT = 'paint';

    /** What one says => technique; the first that fits counts. */
    private const TECHNIQUES = [
        'dry[- ]?brush(?:es|ed|ing)?' => 'drybrush',
        'edge[- ]?highlight(?:s|ed|ing)?|highlight(?:s|ed|ing)? (?:the |all |its )*(?:\w+ )?edges' => 'edge-highlight',
        'stippl(?:e|es|ed|ing)' => 'stipple',
        'glaz(?:e|es|ed|ing)' => 'glaze',
        'black[- ]?lin(?:e|es|ed|ing)|lin(?:ed|ing)' => 'lining',
        'shad(?:e|es|ed|ing)|wash(?:es|ed|ing)?' => 'wash',
        'highlight(?:s|ed|ing)?' => 'highlight',
        'dots?|corners?' => 'dot',
        'layer(?:s|ed|ing)?' => 'layer',
        'prim(?:e|es|ed|ing)|primer|undercoat(?:s|ed|ing)?' => 'primer',
        'zenithal(?:ly)?' => 'spray-from-above',
        'varnish(?:es|ed|ing)?|seal(?:s|ed|ing)?' => 'matt-coat',
        'pigments?|weather(?:s|ed|ing)?' => 'pigments',
        'base[- ]?coat(?:s|ed|ing)?|basing|bas(?:e|ed)|(?:first|main) colou?r' => 'basecoat',
        'edges?|edged' => 'edge-highlight',
        'paint(?:ed|ing)?' => self::PAINT,
    ];

    private const PLACES = [
        'recess(?:es)?|joints?|crevices?|panel lines|gaps|folds' => Place::Recesses,
        'raised (?:parts|areas|details)|upper (?:parts|areas)' => Place::RaisedParts,
        'upper edges|edges' => Place::UpperEdges,
        'upper half|top half' => Place::UpperHalf,
        'lower sides|undersides' => Place::LowerSides,
        'all over|everywhere|everything' => Place::Everywhere,
    ];

    private const NUMBERS = ['one' => 1, 'two' => 2, 'three' => 3, 'four' => 4, 'five' => 5, 'a' => 1, 'another' => 1];

    /** What joins, fills and praises. */
    private const FILLERS = 'a|an|the|then|and|with|using|use|used|of|in|into|on|onto|over|by|to|it|its|this|them|some|all|apply|applied|give|gave|is|are|was|get|gets|got|again|up|down|now|next|first|second|finally|lastly|last|thin|light|lightly|heavy|heavily|careful|carefully|coat|coats|colou?r|paint|around|along|from|above|below|final|very|more|my|your|mix|mixture|mixed|thinned|diluted|down|parts?|for|step|once|dry|extreme|deepest|sharp|sharpest|same|was|were';

    /** A heading under which paints are listed. */
    public static function isListHeading(string $line): bool
    {
        return preg_match('/^(?:the )?(?:paints?|colou?rs|what you need|you(?:\'ll| will)? need|materials|needed|list)\b[^:]{0,30}:?\s*$/iu', trim($line)) === 1;
    }

    /** @return array{string|null, string} the technique, if one is said, and what is left of the text */
    public static function technique(string $text): array
    {
        foreach (self::TECHNIQUES as $pattern => $technique) {
            if (preg_match("/\\b(?:$pattern)\\b/iu", $text) === 1) {
                return [$technique, (string) preg_replace("/\\b(?:$pattern)\\b/iu", ' ', $text, 1)];
            }
        }

        return [null, $text];
    }

    /** @return array{Place|null, string} */
    public static function place(string $text): array
    {
        foreach (self::PLACES as $pattern => $place) {
            $found = "/\\b(?:(?:in|into|on|onto|over|along|around|to) )?(?:(?:all|the|its|deepest|sharp|upper) )*(?:$pattern)\\b/iu";
            if (preg_match($found, $text) === 1) {
                return [$place, (string) preg_replace($found, ' ', $text, 1)];
            }
        }

        return [null, $text];
    }

    /** @return array{int|null, string} */
    public static function coats(string $text): array
    {
        $found = '/\b(one|two|three|four|five|another|[1-9])(?: more)?(?: thin| light)* coats?\b|\bx ?([1-9])\b|\b([1-9]) ?[x×](?= |$)/iu';
        if (preg_match($found, $text, $said) !== 1) {
            return [null, $text];
        }
        $word = strtolower(implode('', array_slice($said, 1)));

        return [self::NUMBERS[$word] ?? (int) $word, (string) preg_replace($found, ' ', $text, 1)];
    }

    public static function thinner(string $text): ?Thinner
    {
        return match (1) {
            preg_match('/\bmedium\b/iu', $text) => Thinner::Medium,
            preg_match('/\bwater\b/iu', $text) => Thinner::Water,
            preg_match('/\b(?:thinner|flow improver)\b/iu', $text) => Thinner::Thinner,
            default => null,
        };
    }

    /** What an area is called in "the coat with", if anything is. */
    public static function area(string $text): ?string
    {
        return preg_match('/\b(?:the|his|her|its|all|both)\s+((?:[\p{L}-]+\s+){0,2}?[\p{L}-]+)\s+(?:with|using|in|is|are|gets?)\b/iu', $text, $found) === 1 ? $found[1] : null;
    }

    /** Without what tells nothing, at both ends. */
    public static function bare(string $text): string
    {
        $text = trim((string) preg_replace('/[\s.,:;()"“”\'!?-]+/u', ' ', $text));
        do {
            $before = $text;
            $text = trim((string) preg_replace(['/^(?:'.self::FILLERS.')\b\s*/iu', '/\s*\b(?:'.self::FILLERS.')$/iu'], '', $text));
        } while ($text !== $before);

        return $text;
    }

    /** The technique a paint is used by where it cannot be used as was said, or nothing was said. */
    public static function usualFor(Kind $kind): string
    {
        return match ($kind) {
            Kind::Wash => 'wash',
            Kind::OneCoat => 'one-coat',
            Kind::Ink => 'glaze',
            Kind::Varnish => 'matt-coat',
            Kind::Primer => 'primer',
            Kind::Pigment => 'pigments',
            Kind::Enamel => 'solvent-wash',
            Kind::Texture => 'texture-paste',
            Kind::Effect => 'effect',
            Kind::Chipping => 'chipping-fluid',
            default => 'basecoat',
        };
    }
}
