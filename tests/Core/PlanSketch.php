<?php

declare(strict_types=1);

namespace Tests\Core;

use InvalidArgumentException;
use Kalokroma\Colour\Lch;
use Kalokroma\Colour\Srgb;
use Kalokroma\Exchange\DocumentPaints;
use Kalokroma\Exchange\PlanDocument;
use Kalokroma\Recipe\Plan;

/**
 * Plans as a painter would jot them down, for tests that need many:
 *
 *     undercoat black light bone
 *     area coat broad-folds main cloth touches skin
 *       basecoat navy 2:1 x2
 *       wash umber-wash 1:2 medium all
 *     whole
 *       matt-coat
 *     order coat-1 skin-1 coat-2
 *
 * "navy~-6c120o50" is the navy darker by 6 of L*, a fifth more colourful, half as opaque.
 * A line "variant teal for leader over black" begins another way to paint the area above it; "role leader" says who there may be.
 * Steps are called after their area, counted from 1; those of the whole model whole-1 and on. What is not said is as usual.
 */
final class PlanSketch
{
    /** name => kind, swatch, opacity, finish */
    public const PAINTS = [
        'black' => ['primer', '#1c1c1e', 0.97, 'matt'], 'grey' => ['primer', '#7f8183', 0.93, 'matt'],
        'bone' => ['primer', '#e4dcc6', 0.9, 'matt'], 'white' => ['primer', '#eff0ed', 0.92, 'matt'],
        'shiny' => ['primer', '#8a8a8a', 0.9, 'gloss'], 'dim' => ['primer', '#2c2d30', 0.95, 'matt'],
        'navy' => ['opaque', '#1f2f5c', 0.84, 'matt'], 'blue' => ['opaque', '#27509a', 0.78, 'matt'], 'sky' => ['opaque', '#6f9fd8', 0.72, 'matt'],
        'red' => ['opaque', '#a3231f', 0.6, 'matt'], 'dark-red' => ['opaque', '#5e1617', 0.85, 'matt'],
        'orange' => ['opaque', '#d56a1c', 0.48, 'matt'], 'pink' => ['opaque', '#dda0a0', 0.62, 'matt'],
        'yellow' => ['opaque', '#e8b923', 0.33, 'matt'], 'ochre' => ['opaque', '#bd862d', 0.8, 'matt'],
        'tan' => ['opaque', '#b18e5f', 0.8, 'matt'], 'sand' => ['opaque', '#cbb281', 0.72, 'matt'],
        'brown' => ['opaque', '#67482f', 0.91, 'matt'], 'dark-brown' => ['opaque', '#3e2c22', 0.94, 'matt'],
        'leather' => ['opaque', '#8a5a34', 0.84, 'matt'],
        'green' => ['opaque', '#3f6b35', 0.8, 'matt'], 'dark-green' => ['opaque', '#253e2c', 0.86, 'matt'],
        'lime' => ['opaque', '#9ab84a', 0.6, 'matt'],
        'coal' => ['opaque', '#1f1f21', 0.96, 'matt'], 'soot' => ['opaque', '#2b2c2e', 0.95, 'matt'],
        'mid-grey' => ['opaque', '#7c7e7e', 0.85, 'matt'], 'pale-grey' => ['opaque', '#c8c9c8', 0.68, 'matt'],
        'snow' => ['opaque', '#f6f6f3', 0.66, 'matt'], 'ivory' => ['opaque', '#ece6d6', 0.62, 'matt'], 'ice' => ['opaque', '#94b8de', 0.68, 'matt'],
        'skin-dark' => ['opaque', '#8d5a45', 0.7, 'matt'], 'skin' => ['opaque', '#c08a6c', 0.62, 'matt'],
        'skin-pale' => ['opaque', '#e0b899', 0.62, 'matt'], 'purple' => ['opaque', '#5a3a72', 0.75, 'matt'],
        'umber-wash' => ['wash', '#6f4a2b', 0.03, 'matt'], 'black-wash' => ['wash', '#3a3836', 0.03, 'matt'],
        'blue-wash' => ['wash', '#33507a', 0.03, 'matt'], 'red-wash' => ['wash', '#8e2f2a', 0.03, 'matt'],
        'amber' => ['one-coat', '#f0c52c', 0.04, 'matt'], 'moss' => ['one-coat', '#6f8a3a', 0.04, 'matt'],
        'ruby' => ['ink', '#a01c2a', 0.04, 'matt'], 'white-ink' => ['ink', '#e8e8e4', 0.05, 'matt'],
        'steel' => ['metallic', '#8b8f93', 0.95, 'satin'], 'bright-steel' => ['metallic', '#c2c6c9', 0.95, 'satin'],
        'brass' => ['metallic', '#a67f35', 0.95, 'satin'],
        'rust' => ['effect', '#8a4420', 0.6, 'matt'], 'slime' => ['effect', '#7da030', 0.4, 'gloss'],
        'grime' => ['enamel', '#3f3226', 0.5, 'satin'], 'dust' => ['pigment', '#a58a63', 0.7, 'matt'],
        'mud' => ['texture', '#4a3826', 0.95, 'matt'], 'gloss' => ['varnish', null, null, 'gloss'],
        'matt' => ['varnish', null, null, 'matt'], 'satin' => ['varnish', null, null, 'satin'],
        'setting' => ['decal', null, null, 'gloss'], 'lifter' => ['chipping', null, null, 'satin'], 'medium' => ['medium', null, null, 'matt'],
    ];

    private const SHADE = '/^([a-z-]+)~(-?\d+)c(\d+)o(\d+)$/';

    private const PLACES = [
        'all' => 'everywhere', 'but' => 'all-but-recesses', 'raised' => 'raised-parts', 'edges' => 'upper-edges', 'lower' => 'lower-sides',
        'recesses' => 'recesses', 'corners' => 'corners', 'upper' => 'upper-half', 'tips' => 'tips', 'roots' => 'roots',
        'centre' => 'centre', 'patch' => 'patch',
    ];

    public static function plan(string $sketch): Plan
    {
        $document = self::document($sketch);

        return PlanDocument::ofFile($document)->plan(DocumentPaints::of($document));
    }

    /** @return array<string, mixed> the plan file */
    public static function document(string $sketch): array
    {
        $plan = [
            'format' => 'kalokroma-plan', 'version' => 2, 'name' => 'Sketch',
            'model' => ['name' => 'Model', 'bodyType' => 'on-foot', 'heightMm' => 32, 'finishLevel' => 'table-ready'],
            'undercoat' => ['base' => 'grey'], 'way' => [], 'parts' => [], 'areas' => [], 'wholeModel' => [], 'order' => [], 'locked' => [],
            'stops' => [], 'silenced' => [], 'paints' => self::paints($sketch),
        ];
        $area = $variant = null;
        foreach (explode("\n", $sketch) as $line) {
            $words = preg_split('/\s+/', trim($line), -1, PREG_SPLIT_NO_EMPTY) ?: [];
            $first = array_shift($words);
            match ($first) {
                null => null,
                'undercoat' => $plan['undercoat'] = $words === ['none'] ? null : ['base' => $words[0]] + self::pairs(array_slice($words, 1)),
                'beast' => $plan['model']['bodyType'] = 'beast',
                'messy' => $plan['way'] = ['edges' => 'messy'],
                'order', 'locked' => $plan[$first] = $words,
                'stop' => $plan['stops'][] = ['name' => $words[0], 'after' => $words[1]],
                'silence' => $plan['silenced'][] = ['rule' => $words[0], 'note' => 'known'],
                'loose' => $plan['parts'][] = [
                    'id' => $words[0], 'name' => ucfirst($words[0]), ...(isset($words[1]) ? ['undercoat' => ['base' => $words[1]]] : []),
                ],
                'role' => $plan['roles'][] = ['id' => $words[0], 'name' => ucfirst($words[0])],
                'whole' => $area = -1,
                'area' => [$variant, $area] = [null, array_push($plan['areas'], self::area($words)) - 1],
                'variant' => $variant = array_push($plan['areas'][(int) $area]['variants'], self::variant($words)) - 1,
                default => $variant !== null && $area !== -1
                    ? $plan['areas'][(int) $area]['variants'][$variant]['steps'][] = self::step(
                        $plan['areas'][(int) $area]['variants'][$variant]['id'].'-'
                            .(count($plan['areas'][(int) $area]['variants'][$variant]['steps']) + 1),
                        $first,
                        $words,
                    )
                    : ($area === -1
                    ? $plan['wholeModel'][] = self::step('whole-'.(count($plan['wholeModel']) + 1), $first, $words)
                    : $plan['areas'][$area ?? throw new InvalidArgumentException("A step before any area: $line")]['steps'][] = self::step(
                        $plan['areas'][$area]['id'].'-'.(count($plan['areas'][$area]['steps']) + 1),
                        $first,
                        $words,
                    )),
            };
        }

        return $plan;
    }

    /** @return list<array<string, mixed>> */
    private static function paints(string $sketch): array
    {
        $all = self::PAINTS;
        foreach (preg_split('/[\s*]+/', $sketch) ?: [] as $word) {
            if (preg_match(self::SHADE, $word, $found) === 1) {
                $all[$word] = self::shade($all[$found[1]], (float) $found[2], (float) $found[3], (float) $found[4]);
            }
        }
        $paints = [];
        foreach ($all as $id => [$kind, $swatch, $opacity, $finish]) {
            $paints[] = [
                'id' => $id, 'maker' => 'Sample', 'code' => $id, 'name' => ucfirst(str_replace('-', ' ', $id)), 'kind' => $kind,
                'swatch' => $swatch, 'opacity' => $opacity, 'finish' => $finish,
            ];
        }

        return $paints;
    }

    /**
     * @param array{string, string|null, float|null, string} $paint
     *
     * @return array{string, string|null, float|null, string}
     */
    private static function shade(array $paint, float $lighter, float $chroma, float $opacity): array
    {
        [$kind, $swatch, $was, $finish] = $paint;
        $colour = Srgb::parse($swatch ?? '#808080')->toLab()->toLch();
        $shade = Lch::of(max(0.0, min(100.0, $colour->lightness + $lighter)), $colour->chroma * $chroma / 100.0, $colour->hue);

        return [
            $kind,
            $swatch === null ? null : $shade->toLab()->toSrgb()->hex(),
            $was === null ? null : min(0.99, $was * $opacity / 100.0),
            $finish,
        ];
    }

    /**
     * @param list<string> $words
     *
     * @return array<string, mixed>
     */
    private static function area(array $words): array
    {
        $area = [
            'id' => $words[0], 'name' => ucfirst(str_replace('-', ' ', $words[0])), 'texture' => $words[1], 'size' => $words[2],
            'material' => $words[3], 'steps' => [], 'variants' => [],
        ];
        for ($i = 4; $i < count($words); $i++) {
            match ($words[$i]) {
                'touches' => $area['touches'] = explode(',', $words[++$i]),
                'under' => $area['liesUnder'] = explode(',', $words[++$i]),
                'behind' => $area['behind'] = explode(',', $words[++$i]),
                'part' => $area['part'] = $words[++$i],
                'named' => $area['name'] = str_replace('-', ' ', $words[++$i]),
                'aim' => $area['aim'] = $words[++$i],
                'quiet' => $area['importance'] = 'quiet',
                'only' => $area['roles'] = explode(',', $words[++$i]),
                'turns' => $area['byTurns'] = true,
                'fragile', 'ground', 'open' => $area[$words[$i]] = true,
                default => throw new InvalidArgumentException("Not known of an area: $words[$i]"),
            };
        }

        return $area;
    }

    /**
     * @param list<string> $words
     *
     * @return array<string, mixed>
     */
    private static function variant(array $words): array
    {
        $variant = ['id' => $words[0], 'name' => $words[0], 'tried' => false, 'verdict' => '', 'note' => '', 'steps' => []];
        for ($i = 1; $i < count($words); $i++) {
            match ($words[$i]) {
                'for' => $variant['roles'] = explode(',', $words[++$i]),
                'over' => $variant['undercoat'] = ['base' => $words[++$i]],
                default => throw new InvalidArgumentException("Not known of a variant: $words[$i]"),
            };
        }

        return $variant;
    }

    /**
     * @param list<string> $words
     *
     * @return array<string, mixed>
     */
    private static function step(string $id, string $technique, array $words): array
    {
        $usual = \Kalokroma\Craft\Technique::of($technique)->usual;
        $step = [
            'id' => $id,
            'technique' => $technique,
            'dilution' => ['paint' => $usual->paint, 'thinner' => $usual->thinner, 'with' => $usual->with->value],
        ];
        for ($i = 0; $i < count($words); $i++) {
            $word = $words[$i];
            [$paint, $parts] = [...explode('*', $word), '1'];
            if (isset(self::PAINTS[$paint]) || preg_match(self::SHADE, $paint) === 1) {
                $step['mix'][] = ['paint' => $paint, 'parts' => (int) $parts];
            } elseif (preg_match('/^(\d+):(\d+)$/', $word, $found) === 1) {
                $step['dilution'] = ['paint' => (int) $found[1], 'thinner' => (int) $found[2], 'with' => $step['dilution']['with']];
            } elseif (preg_match('/^x(\d+)$/', $word, $found) === 1) {
                $step['coats'] = (int) $found[1];
            } elseif (isset(self::PLACES[$word])) {
                $step['place'] = self::PLACES[$word];
            } else {
                match ($word) {
                    'water', 'medium-thin', 'thinner' => $step['dilution']['with'] = str_replace('-thin', '', $word),
                    'wait' => $step['waitMinutes'] = (int) $words[++$i],
                    'only' => $step['roles'] = explode(',', $words[++$i]),
                    'borders' => $step['borders'] = explode(',', $words[++$i]),
                    'side', 'part', 'load', 'spirit', 'brush', 'within' => $step[$word] = $words[++$i],
                    'note' => $step['note'] = str_replace('_', ' ', $words[++$i]),
                    'heads' => $step['heads'] = explode(',', $words[++$i]),
                    'batch' => $step['perModel'] = false,
                    'optional' => $step['optional'] = true,
                    'over' => $step['second'] = [
                        'mix' => [['paint' => $words[++$i], 'parts' => 1]],
                        'dilution' => ['paint' => 2, 'thinner' => 1, 'with' => 'water'],
                    ],
                    default => throw new InvalidArgumentException("Not known of a step: $word"),
                };
            }
        }

        return $step;
    }

    /**
     * @param list<string> $words
     *
     * @return array<string, mixed>
     */
    private static function pairs(array $words): array
    {
        $pairs = [];
        foreach (array_chunk($words, 2) as [$name, $value]) {
            $pairs[match ($name) {
                'cone' => 'coneDegrees', 'wait' => 'waitMinutes', default => $name
            }] = is_numeric($value) ? (int) $value : $value;
        }

        return $pairs;
    }
}
