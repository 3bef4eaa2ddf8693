<?php

declare(strict_types=1);

namespace Kalokroma\Recipe\Edit;

use Kalokroma\Craft\AreaSize;
use Kalokroma\Craft\Texture;
use Kalokroma\Recipe\IllegalPlan;
use Kalokroma\Recipe\OnSculpt;
use Kalokroma\Recipe\Plan;

/** What was measured of areas takes the place of what was guessed: how large they are, how they are folded, what they touch. */
final readonly class MeasureAreas implements Edit
{
    /**
     * @param list<array{area: string, size: AreaSize|null, texture: Texture|null, touches: list<string>|null, onSculpt: OnSculpt}> $measured
     *     null where it stays as it was said
     */
    public function __construct(private array $measured) {}

    public function applyTo(Plan $plan): Plan
    {
        foreach ($this->measured as $measure) {
            $area = $plan->area($measure['area']) ?? throw IllegalPlan::unknownArea('area');
            $touches = $measure['touches'] === null
                ? null
                : array_values(array_filter($measure['touches'], static fn(string $id): bool => $id !== $area->id && $plan->area($id) !== null));
            $plan = $plan->withArea($area->measured(
                $measure['size'] ?? $area->size,
                $measure['texture'] ?? $area->texture,
                $touches ?? $area->touches,
                $measure['onSculpt'],
            ));
        }

        return $plan;
    }
}
