<?php

declare(strict_types=1);

namespace Kalokroma\Exchange;

use Kalokroma\Mixing\Dilution;
use Kalokroma\Mixing\Ingredient;
use Kalokroma\Mixing\Mix;
use Kalokroma\Recipe\Step;

/** Writes a step as a plan document holds it. Everything is written, also what is as usual: what is taken back is then really gone. */
final class StepWriter
{
    /** @return array<string, mixed> */
    public static function write(Step $step): array
    {
        $more = $step->more;

        return [
            'id' => $step->id,
            'technique' => $step->technique->id,
            'mix' => self::mix($step->mix),
            'dilution' => self::dilution($step->dilution),
            'coats' => $step->coats,
            'brush' => $step->brush->value,
            'place' => $step->place->value,
            'note' => $step->note,
            'optional' => $more->optional,
            'waitMinutes' => $more->waitMinutes,
            'perModel' => $step->isPerModel(),
            'side' => $more->side?->value,
            'borders' => $more->borders,
            'part' => $more->part,
            'load' => $more->load->value,
            'spirit' => $more->spirit->value,
            'second' => $more->second === null
                ? null
                : ['mix' => self::mix($more->second->mix), 'dilution' => self::dilution($more->second->dilution)],
            'heads' => $more->heads,
            ...($more->roles === [] ? [] : ['roles' => $more->roles]),
            ...($more->within === null ? [] : ['within' => $more->within]),
            ...($more->written === null ? [] : ['written' => ['rung' => $more->written->rung, 'as' => $more->written->as]]),
        ];
    }

    /** @return list<array{paint: string, parts: int}> */
    private static function mix(?Mix $mix): array
    {
        return array_map(static fn(Ingredient $one): array => ['paint' => $one->paint->id, 'parts' => $one->parts], $mix->ingredients ?? []);
    }

    /** @return array<string, mixed> */
    private static function dilution(Dilution $dilution): array
    {
        return [
            'paint' => $dilution->paint,
            'thinner' => $dilution->thinner,
            'with' => $dilution->with->value,
            'paintId' => $dilution->pot?->id,
        ];
    }
}
