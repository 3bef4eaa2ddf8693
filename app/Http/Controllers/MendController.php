<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Http\Resources\FindingResource;
use App\Models\Plan;
use App\Plans\PlanView;
use Illuminate\Http\JsonResponse;
use Kalokroma\Recipe\Edit\Edit;
use Kalokroma\Recipe\Edit\Several;
use Kalokroma\Review\Aftermath;
use Kalokroma\Review\Finding;
use Kalokroma\Review\GoesAlong;
use Kalokroma\Review\Mend;

/** What each mend of a plan would bring with it: asked when the plan stands still, for each is the whole review once more. */
final class MendController
{
    public function __invoke(string $id): JsonResponse
    {
        $view = PlanView::of(Plan::query()->findOrFail($id));
        $before = $view->findings();

        return new JsonResponse(array_map(
            static fn(Finding $finding): array => [
                'rule' => $finding->rule,
                'areaId' => $finding->area,
                'stepId' => $finding->step,
                'mends' => $finding->isSilenced
                    ? []
                    : array_map(static fn(Mend $mend): array => self::weighed($view, $before, $finding, $mend), $finding->mends),
            ],
            $before,
        ));
    }

    /**
     * @param list<Finding> $before
     *
     * @return array<string, mixed>
     */
    private static function weighed(PlanView $view, array $before, Finding $finding, Mend $mend): array
    {
        $along = GoesAlong::with($finding, $mend->edit, $before, $view->plan, $view->findingsIn(...));
        $all = new Several([$mend->edit, ...array_map(static fn(array $one): Edit => $one['mend']->edit, $along ?? [])]);

        return [
            'leavesLess' => $along !== null,
            'with' => array_map(static fn(array $one): array => [
                'rule' => $one['finding']->rule,
                'area' => $one['finding']->area,
                'step' => $one['finding']->step,
                'mend' => $one['number'],
                'label' => $one['mend']->label,
            ], $along ?? []),
            'brings' => FindingResource::brought(Aftermath::of($before, $view->findingsIn($all->applyTo($view->plan)))),
        ];
    }
}
