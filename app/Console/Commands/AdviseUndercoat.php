<?php

declare(strict_types=1);

namespace App\Console\Commands;

use App\Console\PlanCommand;
use Kalokroma\Exchange\CatalogueRow;
use Kalokroma\Paint\Kind;
use Kalokroma\Paint\Paint;
use Kalokroma\Writing\UndercoatAdvice;
use Kalokroma\Writing\UndercoatCandidate;

final class AdviseUndercoat extends PlanCommand
{
    protected $signature = 'kalokroma:undercoat
        {plan : Plan file}
        {--paints= : Catalogue file (CSV) with the primers there are}
        {--shelf= : Shelf file (CSV); left out: all are owned}
        {--json : Answer as JSON}';

    protected $description = 'Says which undercoat suits a plan, and why';

    protected function answer(): array
    {
        $plan = $this->plan();
        $primers = array_map(
            $this->paint(...),
            array_values(array_filter($this->catalogue(), static fn(CatalogueRow $row): bool => $row->kind === Kind::Primer)),
        );
        $shelf = $this->ownedShelf($plan);
        $keys = $shelf === null
            ? null
            : array_flip(array_map(static fn(Paint $one): string => "$one->maker\n$one->code", array_values($shelf->owned())));
        $isOwned = static fn(Paint $one): bool => $keys === null || isset($keys["$one->maker\n$one->code"]);
        $candidates = UndercoatAdvice::for(
            $plan,
            array_values(array_filter($primers, $isOwned)),
            array_values(array_filter($primers, static fn(Paint $one): bool => ! $isOwned($one))),
        );

        return ['candidates' => array_map(self::candidate(...), $candidates)];
    }

    protected function tell(array $answer): void
    {
        foreach ($answer['candidates'] as $one) {
            $this->line(sprintf(
                '%6.1f  %s%s%s, %.0f minutes',
                $one['score'],
                $one['base']['name'],
                isset($one['below']) ? ", {$one['below']['name']} from below" : '',
                $one['light'] === null ? '' : ", {$one['light']['name']} from above",
                $one['minutes'],
            ));
            foreach ($one['reasons'] as $reason) {
                $this->line("        $reason");
            }
        }
    }

    /** @return array<string, mixed> */
    private static function candidate(UndercoatCandidate $one): array
    {
        $told = static fn(?Paint $paint): ?array => $paint === null ? null : self::part($paint);

        return [
            'base' => $told($one->undercoat->base),
            'light' => $told($one->undercoat->light),
            ...($one->undercoat->below === null ? [] : ['below' => $told($one->undercoat->below)]),
            'coneDegrees' => (int) round($one->undercoat->cone->halfAngleDegrees),
            'score' => $one->score,
            'reasons' => $one->reasons,
            'areas' => array_map(
                static fn(string $id, ?int $coats): array => ['id' => $id, 'coats' => $coats],
                array_map(strval(...), array_keys($one->coats)),
                $one->coats,
            ),
            'minutes' => $one->minutes,
        ];
    }
}
