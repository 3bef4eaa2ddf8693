<?php

declare(strict_types=1);

namespace App\Console\Commands;

use App\Console\PlanCommand;
use App\Console\WrongWords;
use Kalokroma\Amounts\PrimingWay;
use Kalokroma\Amounts\PrimingWish;
use Kalokroma\Exchange\CatalogueRow;
use Kalokroma\Paint\Kind;
use Kalokroma\Paint\Paint;
use Kalokroma\Recipe\Part;
use Kalokroma\Recipe\Plan;
use Kalokroma\Writing\UndercoatAdvice;
use Kalokroma\Writing\UndercoatCandidate;

final class AdviseUndercoat extends PlanCommand
{
    protected $signature = 'kalokroma:undercoat
        {plan : Plan file}
        {--paints= : Catalogue file (CSV) with the primers there are}
        {--shelf= : Shelf file (CSV); left out: all are owned}
        {--part= : Id or name of a loose part that is asked for by itself; left out: what stands on the plan\'s own ground}
        {--models=1 : So many are primed together: what cleaning and shaking are shared by}
        {--wishes= : What matters, parted by commas: fine-detail, no-dust, cheap, quick}
        {--no-airbrush : There is none}
        {--json : Answer as JSON}';

    protected $description = 'Says which undercoat suits a plan, why, and by what it gets onto the models';

    protected function answer(): array
    {
        $plan = $this->plan();
        $part = $this->loosePart($plan);
        $primers = array_filter($this->catalogue(), static fn(CatalogueRow $row): bool => $row->kind === Kind::Primer);
        $paints = array_map($this->paint(...), array_values($primers));
        $shelf = $this->ownedShelf($plan);
        $keys = $shelf === null
            ? null
            : array_flip(array_map(static fn(Paint $one): string => "$one->maker\n$one->code", array_values($shelf->owned())));
        $isOwned = static fn(Paint $one): bool => $keys === null || isset($keys["$one->maker\n$one->code"]);
        $candidates = UndercoatAdvice::for(
            $plan,
            array_values(array_filter($paints, $isOwned)),
            array_values(array_filter($paints, static fn(Paint $one): bool => ! $isOwned($one))),
            $part,
        );

        return [
            'candidates' => array_map(self::candidate(...), $candidates),
            'ways' => $candidates === [] ? [] : $this->ways($plan->standingOn($part)->over($candidates[0]->undercoat), $primers),
        ];
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
            $this->reasons($one['reasons']);
        }
        foreach ($answer['ways'] as $at => $way) {
            if ($at === 0) {
                $this->line("By what, for {$answer['candidates'][0]['base']['name']}:");
            }
            $this->line(sprintf(
                '        %s, %s, %.1f minutes a model',
                $way['method'],
                $way['cents'] === null ? 'no price is known' : sprintf('%.2f', $way['cents'] / 100.0),
                $way['minutes'],
            ));
            $this->reasons(array_map(static fn(string $one): string => "    $one", $way['reasons']));
        }
    }

    /** @param array<string> $reasons */
    private function reasons(array $reasons): void
    {
        foreach ($reasons as $reason) {
            $this->line("        $reason");
        }
    }

    /** @throws WrongWords when the plan has no such loose part */
    private function loosePart(Plan $plan): ?string
    {
        $asked = $this->optional('part');
        $part = array_find($plan->parts, static fn(Part $one): bool => $asked === $one->id || $asked === $one->name);

        return $part !== null || $asked === '' ? $part?->id : throw new WrongWords('--part takes the id or the name of a loose part of the plan.');
    }

    /**
     * @param array<string, CatalogueRow> $primers by maker and code
     *
     * @return list<array{method: string, cents: float|null, minutes: float, score: float, reasons: list<string>}>
     */
    private function ways(Plan $plan, array $primers): array
    {
        $pots = array_map(
            static fn(CatalogueRow $row): array => [$row->price, $row->volumeMl],
            array_filter($primers, static fn(CatalogueRow $row): bool => $row->price > 0 && $row->volumeMl > 0.0),
        );

        return array_map(
            static fn(PrimingWay $way): array => [
                'method' => $way->method->value, 'cents' => $way->cents, 'minutes' => $way->minutes, 'score' => $way->score,
                'reasons' => $way->reasons,
            ],
            PrimingWay::all(
                $plan,
                $this->models(),
                $this->someOf('wishes', PrimingWish::class),
                $pots,
                $this->option('no-airbrush') !== true,
            ),
        );
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
