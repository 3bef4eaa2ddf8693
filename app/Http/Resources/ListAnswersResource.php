<?php

declare(strict_types=1);

namespace App\Http\Resources;

use Kalokroma\Matching\ListAnswer;
use Kalokroma\Matching\Standing;
use Kalokroma\Matching\Substitute;
use Kalokroma\Matching\Substitutes;
use Kalokroma\Planning\Needs;
use Kalokroma\Recipe\Step;

/** The table of wanted paints and what the shelf has for each. */
final class ListAnswersResource
{
    private const OFFERS = 4;

    /**
     * @param list<ListAnswer> $answers
     *
     * @return array<string, mixed>
     */
    public static function ofList(array $answers): array
    {
        return [
            'rows' => array_map(static fn(ListAnswer $answer): array => [
                'written' => $answer->wanted->written,
                'line' => $answer->wanted->line,
                'isKnown' => $answer->wanted->isKnown,
                'orElse' => array_map(PaintBrief::of(...), $answer->wanted->orElse),
                'paint' => $answer->wanted->paint === null ? null : PaintBrief::of($answer->wanted->paint),
                'standIn' => $answer->standIn === null
                    ? null
                    : ['words' => $answer->standIn->words, 'paints' => array_map(PaintBrief::of(...), $answer->standIn->paints)],
                ...self::standing($answer->standing, $answer->advised, $answer->offers),
            ], $answers),
            'counts' => self::counts(array_column($answers, 'standing')),
        ];
    }

    /** @return array<string, mixed> */
    public static function ofPlan(Needs $needs, Substitutes $shelf, float $tolerance): array
    {
        $rows = $standings = [];
        foreach ($needs->all as $need) {
            $verdict = $need->on($shelf, $tolerance);
            $standings[] = $verdict->standing;
            $rows[] = [
                'wanted' => MixResource::of($need->mix),
                'uses' => array_map(
                    static fn(array $use): array => [
                        'area' => $use['where'],
                        'stepId' => $use['step']->id,
                        'technique' => $need->does($use['step']),
                    ],
                    $need->uses,
                ),
                ...self::standing($verdict->standing, $verdict->advised, $verdict->offers, array_column($need->uses, 'step')),
            ];
        }

        return ['rows' => $rows, 'counts' => self::counts($standings)];
    }

    /**
     * @param list<Substitute> $offers
     * @param list<Step> $steps that ask for it
     *
     * @return array<string, mixed>
     */
    private static function standing(Standing $standing, ?Substitute $advised, array $offers, array $steps = []): array
    {
        $shown = array_slice($offers, 0, self::OFFERS);
        if ($advised !== null && ! in_array($advised, $shown, true)) {
            $shown[] = $advised;
        }
        $at = $advised === null ? false : array_search($advised, $shown, true);

        return [
            'standing' => $standing->value,
            'advised' => $at === false ? null : $at,
            'offers' => array_map(static fn(Substitute $offer): array => StandInResource::of($offer, $steps), $shown),
        ];
    }

    /**
     * @param list<Standing> $standings
     *
     * @return array<string, int>
     */
    private static function counts(array $standings): array
    {
        $counts = [];
        foreach (Standing::cases() as $case) {
            $counts[$case->value] = count(array_filter($standings, static fn(Standing $one): bool => $one === $case));
        }

        return $counts;
    }
}
