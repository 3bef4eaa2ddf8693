<?php

declare(strict_types=1);

namespace App\Http\Resources;

use Kalokroma\Exchange\PlanDocument;
use Kalokroma\Paint\Paint;
use Kalokroma\Writing\Guide\Guide;

/** What was understood of a guide, and what was not. */
final class GuideResource
{
    /** @return array<string, mixed> */
    public static function of(Guide $guide, string $text): array
    {
        $lines = preg_split('/\R/u', mb_scrub($text)) ?: [];
        $told = static fn(int $line): array => ['line' => $line, 'text' => mb_strimwidth(trim($lines[$line - 1] ?? ''), 0, 160, '…')];
        $recipes = array_map(static fn($area): array => [$area->id, $area->name, $area->steps], $guide->plan->areas);
        if ($guide->plan->wholeModel !== []) {
            $recipes[] = [null, 'Whole model', $guide->plan->wholeModel];
        }

        return [
            'document' => array_diff_key(PlanDocument::ofPlan($guide->plan)->fields, ['paints' => true]),
            'undercoat' => $guide->plan->undercoat->isBare() ? null : $guide->plan->undercoat->words(),
            'areas' => array_map(
                static fn(array $one): array => ['id' => $one[0], 'name' => $one[1], 'steps' => array_map(ProposalResource::step(...), $one[2])],
                $recipes,
            ),
            'read' => array_map(
                static fn(array $one): array => [
                    'line' => $one['line'],
                    'area' => $one['area'],
                    'technique' => $one['technique'],
                    'sure' => round($one['sure'], 2),
                ],
                $guide->read,
            ),
            'unread' => array_map($told, $guide->unread),
            'leftOver' => array_map(
                static fn(array $one): array => ['line' => $one['line'], 'text' => mb_strimwidth($one['text'], 0, 160, '…')],
                $guide->leftOver,
            ),
            'aside' => array_map($told, $guide->aside),
            'unknownPaints' => $guide->unknownPaints,
            'listedUnused' => array_map(PaintBrief::of(...), $guide->listedUnused),
            'usedUnlisted' => array_map(PaintBrief::of(...), $guide->usedUnlisted),
        ];
    }

    /**
     * @param list<array{paint: Paint, standIn: Paint|null, off: float|null}> $standIns
     *
     * @return list<array<string, mixed>>
     */
    public static function standIns(array $standIns): array
    {
        return array_map(static fn(array $one): array => [
            'paint' => PaintBrief::of($one['paint']),
            'standIn' => $one['standIn'] === null ? null : PaintBrief::of($one['standIn']),
            'difference' => $one['off'] === null ? null : round($one['off'], 1),
        ], $standIns);
    }
}
