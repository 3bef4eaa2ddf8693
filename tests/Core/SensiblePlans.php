<?php

declare(strict_types=1);

namespace Tests\Core;

use Random\Engine\Mt19937;
use Random\Randomizer;

/**
 * Whole models as somebody might really plan them: recipes that belong to what they are put on, areas that touch, lie over and hide each
 * other. The same seed makes the same plan.
 */
final class SensiblePlans
{
    /** texture and material, and the ways it is painted */
    private const STUFF = [
        'cloth' => [
            'broad-folds',
            'cloth',
            [
                "basecoat blue x2\n wash blue-wash\n layer blue\n highlight sky",
                "basecoat red x2\n layered-shade dark-red\n highlight orange\n edge-highlight tan",
                "one-coat moss\n highlight lime x1",
                "basecoat navy x1\n layer blue x1\n highlight sky x1\n glaze navy",
            ],
        ],
        'tunic' => [
            'close-folds',
            'cloth',
            [
                "basecoat green x2\n wash umber-wash\n drybrush lime x1",
                "basecoat tan x2\n wash umber-wash\n layer tan x1\n highlight sand",
                "one-coat ruby\n drybrush pink x1",
            ],
        ],
        'plate' => [
            'hard-edged-panel',
            'armour',
            [
                "basecoat navy x2\n wash black-wash recesses\n edge-highlight sky",
                "basecoat red x2\n lining coal\n edge-highlight orange\n dot tan",
                "spray-layer green\n spray-layer lime upper x1\n edge-highlight lime",
                "basecoat leather x1\n chipping-fluid lifter\n basecoat green x2\n chip\n edge-highlight lime",
            ],
        ],
        'steel' => [
            'hard-edged-panel',
            'metal',
            [
                "basecoat steel x1\n wash black-wash\n edge-highlight bright-steel",
                "drybrush steel x2\n wash umber-wash\n drybrush bright-steel x1",
                "basecoat brass x1\n wash umber-wash\n edge-highlight bright-steel\n effect rust recesses",
            ],
        ],
        'mail' => [
            'scales-or-chain',
            'metal',
            ["basecoat steel x1\n wash black-wash\n drybrush bright-steel x1", "drybrush steel\n drybrush bright-steel x1\n wash black-wash"],
        ],
        'pelt' => [
            'fur-or-feather',
            'fur',
            ["basecoat dark-brown x1\n drybrush brown\n drybrush tan x1", "basecoat brown x1\n wash umber-wash\n drybrush sand x1"],
        ],
        'wood' => [
            'rope-or-grain',
            'wood',
            ["basecoat brown x1\n drybrush tan\n wash umber-wash", "basecoat leather x2\n wash black-wash\n highlight sand x1"],
        ],
        'strap' => [
            'close-folds',
            'leather',
            ["basecoat leather x2\n wash umber-wash\n highlight tan x1", "basecoat dark-brown x1\n edge-highlight leather"],
        ],
        'glass' => [
            'tiny-detail',
            'glass',
            ["lens ivory x1\n lens ruby x2\n gloss-spot gloss", "gem dark-red x1\n gem red x1 lower\n dot snow\n gloss-spot gloss"],
        ],
        'banner' => [
            'broad-folds',
            'cloth',
            ["basecoat sand x2\n wash umber-wash 1:3\n layer sand x1\n freehand coal", "basecoat ivory x3\n layered-shade tan\n freehand red x2"],
        ],
    ];

    private const FACES = [
        "basecoat skin x2\n wash red-wash 1:3\n layer skin x1\n highlight skin-pale",
        "basecoat skin-dark x2\n layer skin x1\n highlight skin-pale\n edge-highlight skin-pale",
    ];

    private const EYES = ["eye coal x1\n eye ivory x1\n dot coal\n gloss-spot gloss", "eye ivory x1\n eye coal x1\n gloss-spot gloss"];

    private const GROUNDS = [
        "texture-paste mud\n grit\n basecoat dark-brown x1\n drybrush tan x1\n tuft\n rim coal",
        "basecoat soot x1\n drybrush mid-grey x1\n drybrush pale-grey x1\n wash umber-wash\n rim brown",
        "basecoat dark-brown x2\n drybrush tan\n pigments dust\n rim coal",
    ];

    private const ENDS = [
        '',
        "whole\n matt-coat matt",
        "whole\n gloss-coat gloss\n solvent-wash grime recesses\n matt-coat matt",
        "whole\n streaks grime 1:0\n pigments dust\n matt-coat matt",
    ];

    /** @return array<string, mixed> the plan file */
    public static function document(int $seed): array
    {
        $dice = new Randomizer(new Mt19937($seed));
        $kinds = array_slice($dice->shuffleArray(array_keys(self::STUFF)), 0, $dice->getInt(3, 7));
        $ids = [...$kinds, ...($dice->getInt(0, 2) > 0 ? ['face', 'eyes'] : []), ...($dice->getInt(0, 3) > 0 ? ['base'] : [])];
        $isLoose = $dice->getInt(0, 4) === 0;
        $lines = ['undercoat '.self::one($dice, ['black', 'grey', 'bone', 'black light bone', 'white']), ...($isLoose ? ['loose piece'] : [])];
        foreach ($ids as $at => $id) {
            [$texture, $material, $recipes] = self::STUFF[$id] ?? match ($id) {
                'face' => ['skin', 'skin', self::FACES],
                'eyes' => ['tiny-detail', 'other', self::EYES],
                default => ['rubble', 'ground ground', self::GROUNDS],
            };
            $size = $at === 0 ? 'main' : self::one($dice, $id === 'eyes' || $id === 'glass' ? ['speck'] : ['small', 'medium', 'large']);
            $lines[] = "area $id $texture $size $material".self::relations($dice, $id, array_slice($ids, 0, $at))
                .($isLoose && $at === 1 ? ' part piece' : '');
            foreach (explode("\n", self::one($dice, $recipes)) as $step) {
                // A mark goes on before the paint is chipped.
                if ($id === 'plate' && trim($step) === 'chip' && $dice->getInt(0, 1) === 0) {
                    $lines[] = 'decal setting';
                }
                $lines[] = $step;
            }
        }
        $end = self::one($dice, self::ENDS);
        $lines = [...$lines, ...($isLoose ? [...($end === '' ? ['whole'] : explode("\n", $end)), 'glue-part part piece'] : explode("\n", $end))];

        return PlanSketch::document(implode("\n", $lines));
    }

    /** @param list<string> $others areas named before it */
    private static function relations(Randomizer $dice, string $id, array $others): string
    {
        $words = '';
        $others = array_values(array_diff($others, ['base', 'eyes']));
        if ($id === 'eyes') {
            return ' touches face';
        }
        if ($others === [] || $id === 'base') {
            return '';
        }
        $words .= ' touches '.implode(',', array_slice($dice->shuffleArray($others), 0, $dice->getInt(1, min(2, count($others)))));
        $words .= $dice->getInt(0, 3) === 0 ? ' under '.self::one($dice, $others) : '';

        return $words.($dice->getInt(0, 5) === 0 ? ' behind '.self::one($dice, $others) : '');
    }

    /**
     * @template T
     *
     * @param non-empty-list<T> $of
     *
     * @return T
     */
    private static function one(Randomizer $dice, array $of): mixed
    {
        return $of[$dice->getInt(0, count($of) - 1)];
    }
}
