<?php

declare(strict_types=1);

namespace Kalokroma\Review\Rules;

use Kalokroma\Review\OrderRule;
use Kalokroma\Review\Scene;
use Kalokroma\Review\Severity;

/** A clean mark on dirty paint looks stuck on. */
final class DecalAfterGrime extends OrderRule
{
    protected function findings(Scene $scene, array $broken): iterable
    {
        foreach (self::onceEach($broken) as $one) {
            yield $this->tooLate(
                $scene,
                $one,
                Severity::CostsTime,
                'The decal comes after the grime.',
                sprintf(
                    '%s is weathered in step %d and the decal laid in step %d: it stays clean where all around it is dirty, and its fluids loosen the grime.',
                    $one->then->area->name ?? $one->first->area->name ?? 'The model',
                    self::number($scene, $one->then),
                    self::number($scene, $one->first),
                ),
                'Some do, and dirty the decal by itself afterwards.',
                'The decal before the grime',
            );
        }
    }
}
