<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Http\Resources\FindingResource;
use App\Models\Plan;
use App\Plans\PlanView;
use Illuminate\Http\JsonResponse;
use Kalokroma\Review\Aftermath;
use Kalokroma\Review\Finding;
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
     * @return array{leavesLess: bool, brings: list<array{areaId: string|null, words: string}>}
     */
    private static function weighed(PlanView $view, array $before, Finding $finding, Mend $mend): array
    {
        $after = $view->findingsAfter($mend->edit);

        return [
            'leavesLess' => Aftermath::isLess($finding, $before, $after),
            'brings' => FindingResource::brought(Aftermath::of($before, $after)),
        ];
    }
}
