<?php

declare(strict_types=1);

namespace App\Http\Resources;

use Kalokroma\Exchange\StepWriter;
use Kalokroma\Matching\Substitute;
use Kalokroma\Mixing\Dilution;
use Kalokroma\Recipe\Step;

/** What can be used instead, and what taking it changes in the steps that ask for it. */
final class StandInResource
{
    /**
     * @param list<Step> $steps
     *
     * @return array<string, mixed>
     */
    public static function of(Substitute $substitute, array $steps = []): array
    {
        return [
            'way' => $substitute->way->value,
            'mix' => MixResource::of($substitute->mix),
            'dilution' => $substitute->strength === 1.0 ? null : $substitute->dilutionFor($steps[0]->dilution ?? Dilution::none())->words(),
            'colour' => ColourResource::of($substitute->colour),
            'difference' => round($substitute->difference->number, 2),
            'words' => $substitute->difference->words(),
            'reason' => $substitute->reason(),
            'changes' => array_map(static fn(Step $step): array => ['stepId' => $step->id, ...self::change($substitute, $step)], $steps),
        ];
    }

    /** @return array<string, mixed> fields of the step that it changes */
    public static function change(Substitute $substitute, Step $step): array
    {
        return array_intersect_key(
            StepWriter::write($step->with($substitute->mix, $substitute->dilutionFor($step->dilution))),
            ['mix' => true, 'dilution' => true],
        );
    }
}
