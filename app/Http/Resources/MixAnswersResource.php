<?php

declare(strict_types=1);

namespace App\Http\Resources;

use App\Mixing\MixQuestion;
use Kalokroma\Mixing\Dilution;
use Kalokroma\Mixing\Drops;
use Kalokroma\Mixing\Ingredient;
use Kalokroma\Mixing\MixAnswer;
use Kalokroma\Mixing\MixAnswers;
use Kalokroma\Mixing\MixTarget;
use Kalokroma\Mixing\OnePartMore;
use Kalokroma\Mixing\Reach;

/** What the solver found, ready to be drawn beside the target. */
final class MixAnswersResource
{
    /** @return array<string, mixed> */
    public static function of(MixQuestion $question, MixAnswers $answers): array
    {
        $reach = Reach::of($answers);
        $buy = $question->bestBuy($answers);
        $told = static fn(MixAnswer $answer): array => self::answer($answer, $question->target, $question->amountMl);

        return [
            'target' => [
                'name' => $question->name,
                'film' => $question->target->film->value,
                'kinds' => array_map(static fn($kind): string => $kind->value, $question->limits->kinds ?? $question->target->film->usualKinds()),
                'colour' => ColourResource::of($question->target->colour),
                'lab' => ColourResource::lab($question->target->colour),
            ],
            'reach' => ['isReached' => $reach->isReached, 'words' => $reach->words],
            'buy' => $buy === null
                ? null
                : [
                    'paint' => PaintBrief::of($buy->paint),
                    'difference' => round($buy->difference->number, 2),
                    'words' => $buy->difference->words(),
                ],
            'tried' => count($answers->tried),
            'advised' => count($answers->advised()->mix->ingredients ?? []),
            'singles' => array_map($told, $answers->singles),
            'pairs' => array_map($told, $answers->pairs),
            'triples' => array_map($told, $answers->triples),
        ];
    }

    /** @return array<string, mixed> */
    private static function answer(MixAnswer $answer, MixTarget $target, float $amountMl): array
    {
        $drops = Drops::forAmount($answer->mix, Dilution::none(), $amountMl);

        return [
            'mix' => MixResource::of($answer->mix),
            'colour' => ColourResource::of($answer->colour),
            'difference' => round($answer->difference->number, 2),
            'closeness' => $answer->difference->closeness()->words(),
            'leans' => $answer->difference->leans(),
            'drops' => array_map(static fn(Ingredient $one, int $count): array => [
                'name' => $one->paint->name,
                'hex' => $one->paint->colour()->toSrgb()->hex(),
                'count' => $count,
            ], $answer->mix->ingredients, $drops->paints),
            'ml' => round(array_sum($drops->paints) * Drops::DROP_ML, 2),
            'oneMore' => array_map(static fn(OnePartMore $more): array => [
                'name' => $more->paint->name,
                'words' => $more->words(),
                'colour' => ColourResource::of($more->colour),
                'difference' => round($more->toTarget->number, 2),
            ], OnePartMore::ofEach($answer->mix, $target)),
        ];
    }
}
