<?php

declare(strict_types=1);

namespace Kalokroma\Exchange;

use Kalokroma\Mixing\Ingredient;
use Kalokroma\Paint\Paint;
use Kalokroma\Recipe\Area;
use Kalokroma\Recipe\Plan;
use Kalokroma\Recipe\Step;

/**
 * Turns a plan into a plan document (docs/formats/plan.schema.json). The paints it names go along, so that the document
 * can be read where the catalogue does not have them.
 */
final class PlanWriter
{
    public const FORMAT = 'kalokroma-plan';

    public const FORMAT_VERSION = 1;

    /** @return array<string, mixed> */
    public static function write(Plan $plan): array
    {
        return [
            'format' => self::FORMAT,
            'version' => self::FORMAT_VERSION,
            'name' => $plan->name,
            'model' => [
                'name' => $plan->model->name,
                'bodyType' => $plan->model->bodyType->value,
                'heightMm' => $plan->model->heightMm,
                'finishLevel' => $plan->model->finishLevel->value,
            ],
            'undercoat' => [
                'base' => $plan->undercoat->base->id,
                'light' => $plan->undercoat->light?->id,
                'coneDegrees' => $plan->undercoat->cone->halfAngleDegrees,
            ],
            'areas' => array_map(self::area(...), $plan->areas),
            'paints' => array_values(array_map(self::paint(...), $plan->paints())),
        ];
    }

    /** @return array<string, mixed> */
    public static function step(Step $step): array
    {
        return [
            'id' => $step->id,
            'technique' => $step->technique->value,
            'mix' => array_map(
                static fn(Ingredient $one): array => ['paint' => $one->paint->id, 'parts' => $one->parts],
                $step->mix->ingredients ?? [],
            ),
            'dilution' => [
                'paint' => $step->dilution->paint,
                'thinner' => $step->dilution->thinner,
                'with' => $step->dilution->with->value,
            ],
            'coats' => $step->coats,
            'brush' => $step->brush->value,
            'place' => $step->place->value,
            'note' => $step->note,
        ];
    }

    /** @return array<string, mixed> */
    public static function paint(Paint $paint): array
    {
        $measured = MeasuredFields::write($paint->measured);

        return [
            'id' => $paint->id,
            'maker' => $paint->maker,
            'code' => $paint->code,
            'name' => $paint->name,
            'kind' => $paint->kind->value,
            'swatch' => $paint->swatch?->toSrgb()->hex(),
            'opacity' => $paint->opacity->isEstimate ? null : $paint->opacity->share,
            'finish' => $paint->finish->value,
            ...($measured === null ? [] : ['measured' => $measured]),
        ];
    }

    /** @return array<string, mixed> */
    private static function area(Area $area): array
    {
        return [
            'id' => $area->id,
            'name' => $area->name,
            'texture' => $area->texture->value,
            'material' => $area->material->value,
            'size' => $area->size->value,
            'importance' => $area->importance->value,
            'touches' => $area->touches,
            'liesUnder' => $area->liesUnder,
            'steps' => array_map(self::step(...), $area->steps),
        ];
    }
}
