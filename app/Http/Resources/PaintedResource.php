<?php

declare(strict_types=1);

namespace App\Http\Resources;

use Kalokroma\Planning\Pass;
use Kalokroma\Planning\Rehearsal;
use Kalokroma\Recipe\Area;
use Kalokroma\Relief\PaintedArea;
use Kalokroma\Relief\PaintedStage;
use Kalokroma\Simulation\Look;

/** The colours a figure is drawn in: of each area, after each stage, for every zone and every share of the sprays. */
final class PaintedResource
{
    /** @return array<string, mixed> */
    public static function of(Rehearsal $rehearsal): array
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
            'areas' => array_map(static fn(Area $area): array => self::area(PaintedArea::of($rehearsal, $area), $passes), $rehearsal->plan->areas),
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
            'id' => $painted->area->id,
            'name' => $painted->area->name,
            'above' => $painted->above,
            'below' => $painted->below,
            'stages' => array_map(static fn(PaintedStage $stage): array => [
                'step' => $stage->stepId,
                'pass' => $stage->stepId === null ? 0 : $passes[$stage->stepId] ?? 0,
                'left' => self::hexes($stage->looks, static fn(Look $look): array => $look->left ?? $look->colours),
                ...(self::isSided($stage) ? ['right' => self::hexes($stage->looks, static fn(Look $look): array => $look->right ?? $look->colours)] : []),
                'sheen' => array_map(static fn(float $sheen): float => round($sheen, 2), $stage->sheen),
                'gloss' => round($stage->gloss, 2),
                'lands' => array_map(static fn(float $share): float => round($share, 3), $stage->lands),
            ], $painted->stages),
        ];
    }

    private static function isSided(PaintedStage $stage): bool
    {
        return $stage->looks[0]->right !== null;
    }

    /**
     * @param list<Look> $looks by exposure
     * @param callable(Look): non-empty-list<\Kalokroma\Colour\Lab> $of
     *
     * @return string six hexadecimal digits a zone, recess first, one exposure after the other
     */
    private static function hexes(array $looks, callable $of): string
    {
        $digits = '';
        foreach ($looks as $look) {
            foreach ($of($look) as $colour) {
                $digits .= substr($colour->toSrgb()->hex(), 1);
            }
        }

        return $digits;
    }
}
