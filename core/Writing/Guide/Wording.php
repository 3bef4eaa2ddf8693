<?php

declare(strict_types=1);

namespace Kalokroma\Writing\Guide;

/** What people say in many ways said in one, before it is read. */
final class Wording
{
    /** So many parts of a paint, and not of what thins it. */
    private const PARTS = '\b(?:[1-9]|one|two|three|four|five|six)\s+(?:parts?|drops?)\s+(?:of\s+)?(?!(?:\w+\s+)?(?:water|medium|thinner)|paint|wash\b|ink\b|colou?r)';

    /** "Coats: 2", "wash ratio: 1:1" tell how the step before is done. */
    public static function ofManner(string $line): string
    {
        return (string) preg_replace(
            ['/^coats?\s*:\s*(\d)\s*$/iu', '/^(?:\p{L}+ )?(?:ratio|dilution|thinning|thinned)\s*:\s*(?=\d)/iu'],
            ['$1 coats', ''],
            $line,
        );
    }

    /** Of a line whose area stands before it: "the whole coat" is all of it, "half the crew in red" the same area. */
    public static function ofAll(string $line): string
    {
        return (string) preg_replace(
            ['/\b(?:over |on )?the (?:whole|entire) \p{L}+\b/iu', '/^\s*(?:half|some|most)(?: of)? (?:the|them|my) ?\p{L}* in\b/iu'],
            ['all over', 'in'],
            $line,
        );
    }

    /** Halves are one part each; strokes between names are steps, unless a ratio says that they are mixed. */
    public static function ofSteps(string $line): string
    {
        $line = (string) preg_replace(
            [
                '/\b(?:mixed|cut)\s+(?:half and half|fifty[- ]fifty|50\s?[:\/]\s?50|equally|in equal parts) with\b(?!\s+(?:a\s+)?(?:water|medium|thinner|flow))/iu',
                '/\bhalf\s+(?!and\b)(.{3,40}?),?\s+(?:and\s+)?half\s+(?!water|medium|thinner)/iu',
                '/('.self::PARTS.'[^,;:.]{3,30}?)(?:,|\s+and)?\s+(?='.self::PARTS.')/iu',
            ],
            ['mixed with', '$1 + ', '$1 + '],
            Ratio::percentagesAsParts($line),
        );

        return preg_match('/\d\s*:\s*\d/', $line) === 1 ? $line : str_replace(' / ', ' > ', $line);
    }
}
