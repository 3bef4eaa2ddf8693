<?php

declare(strict_types=1);

namespace App\Http\Resources;

use Kalokroma\Craft\AreaGuess;
use Kalokroma\Craft\FinishLevel;
use Kalokroma\Recipe\Undercoat;
use Kalokroma\Simulation\Application;
use Kalokroma\Simulation\Strip;

/** What a plan would begin with: of each area what it most likely is, and what the undercoat makes of it. */
final class SketchResource
{
    /**
     * @param list<string> $names of areas
     *
     * @return array<string, mixed>
     */
    public static function of(array $names, ?Undercoat $undercoat): array
    {
        return ['areas' => array_map(static function (string $name) use ($undercoat): array {
            $guess = AreaGuess::of($name);

            return [
                'name' => $name,
                'texture' => $guess->texture->label(),
                'material' => $guess->material->value,
                'size' => $guess->size->value,
                'share' => $guess->size->share(),
                'first' => $guess->texture->goesOnAfter(null)->label(),
                'look' => $undercoat === null ? null : StripResource::look(self::primed($guess, $undercoat)->final()),
            ];
        }, $names)];
    }

    private static function primed(AreaGuess $guess, Undercoat $undercoat): Strip
    {
        $applications = array_map(static fn($step): ?Application => $step->application(), $undercoat->steps());

        return Strip::of($guess->texture, array_values(array_filter($applications)), FinishLevel::TableReady);
    }
}
