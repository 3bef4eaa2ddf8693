<?php

declare(strict_types=1);

namespace App\Http\Resources;

use App\Figures\Stills;
use App\Plans\MusterView;
use App\Plans\PlanView;
use Kalokroma\Recipe\Area;

/** Plans beside each other, with what they share and what falls out. */
final class MusterResource
{
    /** @return array<string, mixed> */
    public static function of(MusterView $view): array
    {
        $muster = $view->muster;
        $plans = array_map(
            static fn(string $id): array => self::plan($id, $view->views[$id], ! in_array($id, $view->without, true), $muster->fallsOut[$id] ?? []),
            array_keys($view->views),
        );
        $figures = Stills::addresses(array_column($plans, 'areas', 'id'));

        return [
            'undercoat' => $muster->undercoat,
            'plans' => array_map(static fn(array $plan): array => [...$plan, 'figure' => $figures[$plan['id']] ?? null], $plans),
            'recipes' => array_map(static fn(array $one): array => [
                'name' => $one['name'],
                'look' => StripResource::look($view->views[$one['areas'][0][0]]->rehearsal->strip($one['areas'][0][1])->final()),
                'uses' => array_map(
                    static fn(array $use): array => [
                        'plan' => $use[0],
                        'planName' => $view->views[$use[0]]->plan->name,
                        'area' => $use[1]->id,
                        'areaName' => $use[1]->name,
                    ],
                    $one['areas'],
                ),
            ], $muster->recipes),
            'paints' => array_map(static fn(array $one): array => ['paint' => PaintBrief::of($one[0]), 'plans' => $one[1]], $muster->paints),
        ];
    }

    /**
     * @param list<string> $fallsOut
     *
     * @return array<string, mixed>
     */
    private static function plan(string $id, PlanView $view, bool $counts, array $fallsOut): array
    {
        return [
            'id' => $id,
            'name' => $view->plan->name,
            'counts' => $counts,
            'undercoat' => $view->plan->undercoat->words(),
            'quilt' => QuiltResource::of($view->plan),
            'areas' => array_map(static fn(Area $area): array => [
                'id' => $area->id, 'name' => $area->name, 'texture' => $area->texture->value, 'look' => $view->seen($area) === null
                    ? null
                    : StripResource::look($view->seen($area)),
            ], $view->plan->areas),
            'fallsOut' => $fallsOut,
        ];
    }
}
