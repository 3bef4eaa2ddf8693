<?php

declare(strict_types=1);

namespace Kalokroma\Exchange;

use Kalokroma\Paint\Paint;
use Kalokroma\Recipe\Area;
use Kalokroma\Recipe\Part;
use Kalokroma\Recipe\Plan;
use Kalokroma\Recipe\Role;
use Kalokroma\Recipe\Silence;
use Kalokroma\Recipe\Stop;
use Kalokroma\Recipe\Undercoat;
use Kalokroma\Recipe\Variant;

/**
 * Turns a plan into a plan document (docs/formats/plan.schema.json). The paints it names go along, so that the document
 * can be read where the catalogue does not have them.
 */
final class PlanWriter
{
    public const FORMAT = 'kalokroma-plan';

    /** Fields of areas and steps that are only written when they say something. */
    public const LEFT_OUT_WHEN_EMPTY = ['aim', 'recipe', 'byTurns', 'written', 'within', 'wish', 'roles', 'undercoat'];

    /** @return array<string, mixed> */
    public static function write(Plan $plan): array
    {
        $document = [
            'name' => $plan->name,
            'model' => [
                'name' => $plan->model->name,
                'bodyType' => $plan->model->bodyType->value,
                'heightMm' => $plan->model->heightMm,
                'finishLevel' => $plan->model->finishLevel->value,
            ],
            'undercoat' => self::undercoat($plan->undercoat),
            'way' => ['order' => $plan->way->order->value, 'edges' => $plan->way->edges->value],
            'parts' => array_map(
                static fn(Part $part): array => [
                    'id' => $part->id,
                    'name' => $part->name,
                    ...$part->undercoat === null ? [] : ['undercoat' => self::undercoat($part->undercoat)],
                ],
                $plan->parts,
            ),
            ...(
                $plan->roles === []
                    ? []
                    : ['roles' => array_map(static fn(Role $one): array => ['id' => $one->id, 'name' => $one->name], $plan->roles)]
            ),
            'areas' => array_map(self::area(...), $plan->areas),
            'wholeModel' => array_map(StepWriter::write(...), $plan->wholeModel),
            'order' => $plan->running->order,
            'locked' => $plan->running->locked,
            'stops' => array_map(static fn(Stop $stop): array => ['name' => $stop->name, 'after' => $stop->after], $plan->running->stops),
            'silenced' => array_map(
                static fn(Silence $one): array => ['rule' => $one->rule, 'area' => $one->area, 'step' => $one->step, 'note' => $one->note],
                $plan->silenced,
            ),
            'paints' => array_values(array_map(self::paint(...), $plan->paints())),
        ];

        return ['format' => self::FORMAT, 'version' => FormVersion::of($document), ...$document];
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
            'opacity' => $paint->opacity()->isEstimate ? null : $paint->opacity()->share,
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
            'part' => $area->part,
            'behind' => $area->behind,
            'fragile' => $area->fragile,
            'ground' => $area->ground,
            'open' => $area->open,
            ...($area->recipe === null ? [] : ['recipe' => $area->recipe]),
            ...($area->byTurns ? ['byTurns' => true] : []),
            ...($area->aim === null ? [] : ['aim' => $area->aim->toSrgb()->hex()]),
            ...($area->asked === null ? [] : ['wish' => ['school' => $area->asked->school, 'wishes' => $area->asked->wishes]]),
            ...($area->roles === [] ? [] : ['roles' => $area->roles]),
            ...SculptReader::write($area->onSculpt),
            'variants' => array_map(self::variant(...), $area->variants),
            'steps' => array_map(StepWriter::write(...), $area->steps),
        ];
    }

    /** @return array<string, mixed> */
    private static function variant(Variant $one): array
    {
        return [
            'id' => $one->id,
            'name' => $one->name,
            'tried' => $one->tried,
            'verdict' => $one->verdict,
            'note' => $one->note,
            ...($one->undercoat === null ? [] : ['undercoat' => self::undercoat($one->undercoat)]),
            ...($one->roles === [] ? [] : ['roles' => $one->roles]),
            'steps' => array_map(StepWriter::write(...), $one->steps),
        ];
    }

    /** @return array<string, mixed>|null null for bare plastic */
    private static function undercoat(Undercoat $undercoat): ?array
    {
        return $undercoat->base === null ? null : [
            'base' => $undercoat->base->id,
            'light' => $undercoat->light?->id,
            'coneDegrees' => $undercoat->cone->halfAngleDegrees,
            'below' => $undercoat->below?->id,
            'method' => $undercoat->method->value,
            'waitMinutes' => $undercoat->waitMinutes,
        ];
    }
}
