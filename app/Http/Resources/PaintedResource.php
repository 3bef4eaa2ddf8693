<?php

declare(strict_types=1);

namespace App\Http\Resources;

use Kalokroma\Colour\Lab;
use Kalokroma\Planning\Pass;
use Kalokroma\Planning\Rehearsal;
use Kalokroma\Planning\SquadPlan;
use Kalokroma\Recipe\Area;
use Kalokroma\Relief\Grain;
use Kalokroma\Relief\PaintedArea;
use Kalokroma\Relief\PaintedStage;
use Kalokroma\Simulation\Tones;

/** The colours a figure is drawn in: of each area, after each stage, for every zone and every share of the sprays. */
final class PaintedResource
{
    /** @return array<string, mixed> */
    public static function of(Rehearsal $rehearsal): array
    {
        return self::painted(
            $rehearsal,
            array_combine(array_column($rehearsal->plan->areas, 'id'), $rehearsal->plan->areas),
        );
    }

    /**
     * As one model of a squad is painted.
     *
     * @return array<string, mixed>
     */
    public static function onModel(SquadPlan $squad, int $model): array
    {
        return self::painted($squad->rehearsalOf($model), $squad->areasOn($model));
    }

    /**
     * @param array<string, Area> $areas by the id they have on the figure
     *
     * @return array<string, mixed>
     */
    private static function painted(Rehearsal $rehearsal, array $areas): array
    {
        $passes = [];
        foreach ($rehearsal->order()->passes as $pass) {
            $passes[$pass->step->id] = $pass->number;
        }

        return [
            'passes' => array_map(static fn(Pass $pass): array => [
                'step' => $pass->step->id,
                'where' => $pass->where(),
                'words' => $pass->step->technique->label,
                'isUndercoat' => $pass->isUndercoat,
            ], $rehearsal->order()->passes),
            'areas' => array_map(
                static fn(string $id, Area $area): array => ['id' => $id, ...self::area(PaintedArea::of($rehearsal, $area), $passes)],
                array_map(strval(...), array_keys($areas)),
                $areas,
            ),
        ];
    }

    /**
     * @param array<string, int> $passes by step
     *
     * @return array<string, mixed>
     */
    private static function area(PaintedArea $painted, array $passes): array
    {
        return [
            'name' => $painted->area->name,
            'above' => $painted->above,
            'below' => $painted->below,
            'stages' => array_map(static fn(PaintedStage $stage): array => [
                'step' => $stage->stepId,
                'pass' => $stage->stepId === null ? 0 : $passes[$stage->stepId] ?? 0,
                'left' => self::hexes($stage->left),
                ...($stage->right === null ? [] : ['right' => self::hexes($stage->right)]),
                ...($stage->grain === null ? [] : ['flecks' => self::flecks($stage, $stage->grain)]),
                ...($stage->marks === [] ? [] : ['marks' => array_map(
                    static fn(array $mark): array => ['hex' => $mark['colour']->toSrgb()->hex(), 'share' => round($mark['share'], 4)],
                    $stage->marks,
                )]),
                'sheen' => array_map(static fn(float $sheen): float => round($sheen, 2), $stage->sheen),
                'gloss' => round($stage->gloss, 2),
                'lands' => array_map(static fn(float $share): float => round($share, 3), $stage->lands),
                ...($stage->landsWithin === null ? [] : ['landsWithin' => round($stage->landsWithin, 4)]),
            ], $painted->stages),
        ];
    }

    /** @return array<string, mixed> */
    private static function flecks(PaintedStage $stage, Grain $grain): array
    {
        $of = static fn(Tones $one): array => $one->flecks ?? $one->plain;

        return [
            'grain' => $grain->value,
            'shares' => array_map(static fn(float $share): float => round($share, 3), $stage->shares()),
            'left' => self::hexes($stage->left, $of),
            ...($stage->right === null ? [] : ['right' => self::hexes($stage->right, $of)]),
        ];
    }

    /**
     * @param list<Tones> $tones by exposure
     * @param (callable(Tones): non-empty-list<Lab>)|null $of the ground where none is given
     *
     * @return string six hexadecimal digits a zone, recess first, one exposure after the other
     */
    private static function hexes(array $tones, ?callable $of = null): string
    {
        $digits = '';
        foreach ($tones as $one) {
            foreach ($of === null ? $one->plain : $of($one) as $colour) {
                $digits .= substr($colour->toSrgb()->hex(), 1);
            }
        }

        return $digits;
    }
}
