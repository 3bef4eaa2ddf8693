<?php

declare(strict_types=1);

namespace App\Http\Resources;

use App\Evenings\Agenda;
use App\Evenings\BatchLooks;
use App\Models\Batch;
use DateTimeImmutable;
use Kalokroma\Recipe\Stop;
use Kalokroma\Schedule\HeldUp;
use Kalokroma\Schedule\Item;
use Kalokroma\Schedule\Schedule;
use Kalokroma\Schedule\Session;
use Kalokroma\Schedule\Wait;

/** The evenings to come: their bars with what is painted in them, and when each batch stands on the table. */
final readonly class AgendaResource
{
    /** A few minutes more are nothing to speak of: one has put the brushes away by then. */
    private const WORTH_SAYING = 1800;

    /** Nobody sits down for 23 minutes. */
    private const STEP_MINUTES = 5;

    private function __construct(private Agenda $agenda) {}

    /**
     * @param int $days to be told, from today
     * @param array{quick: float, slow: float, samples: int} $allowance what the logbook tells of how sure a date is
     *
     * @return array<string, mixed>
     */
    public static function of(Agenda $agenda, int $days, array $allowance): array
    {
        $self = new self($agenda);
        $schedule = $agenda->schedule();

        return [
            'zone' => $agenda->hours->zone->getName(),
            'now' => $self->clock($agenda->now->getTimestamp()),
            'week' => $agenda->hours->week,
            'days' => $self->days($days),
            'evenings' => $self->evenings($days),
            'batches' => $self->batches($allowance),
            'heldUp' => array_map($self->heldUp(...), $agenda->heldUp()),
            'beyond' => array_map(static fn(Batch $one): array => ['id' => $one->id, 'name' => $one->name], $agenda->desk->beyond),
            'lackingMinutes' => $schedule === null
                ? ($agenda->sessions === [] ? (int) ceil($agenda->work->handsOn() / 60) : 0)
                : (int) ceil($schedule->lacking / 60),
            'handsOnMinutes' => (int) round($agenda->work->handsOn() / 60),
        ];
    }

    /** @return array<string, mixed> */
    public function item(Item $item): array
    {
        $batch = $this->agenda->desk->batches[$item->job];
        $progress = $this->agenda->desk->progress[$item->job];

        return [
            'batchId' => $batch->id,
            'batchName' => $batch->name,
            'stepId' => $item->pass->step->id,
            'areaName' => $item->pass->where(),
            'label' => $item->pass->step->technique->label,
            'words' => $item->pass->step->words(),
            'coat' => $item->coat,
            'coats' => $item->pass->step->coats,
            'models' => $item->models,
            'ofModels' => count($progress->squad->modelsOf($item->pass->step->id)),
            'start' => $this->clock($item->start),
            'end' => $this->clock($item->end),
            'minutes' => (int) max(1, round(($item->end - $item->start) / 60)),
            'zones' => BatchLooks::of($batch)[$item->pass->step->id] ?? [],
        ];
    }

    /** @return array<string, mixed> what waits for the weather, and a sitting that would do for it */
    private function heldUp(HeldUp $held): array
    {
        $full = static fn(int $seconds): int => (int) ceil($seconds / 60 / self::STEP_MINUTES) * self::STEP_MINUTES;
        $from = $held->from === null ? null : (new DateTimeImmutable('@'. 60 * $full($held->from)))->setTimezone($this->agenda->hours->zone);

        return [
            'batchName' => $this->agenda->desk->batches[$held->job]->name,
            'words' => $held->pass->words(),
            'sitting' => $from === null
                ? null
                : ['day' => $from->format('Y-m-d'), 'from' => $from->format('H:i'), 'minutes' => $full($held->seconds)],
        ];
    }

    /** @return list<array<string, mixed>> every day, also those without a sitting */
    private function days(int $days): array
    {
        $today = $this->agenda->now->setTimezone($this->agenda->hours->zone)->setTime(0, 0);
        $versions = \App\Models\Day::query()->pluck('version', 'day');

        return array_map(function (int $ahead) use ($today, $versions): array {
            $day = $today->modify("$ahead days");

            return [
                'day' => $day->format('Y-m-d'),
                'sittings' => $this->agenda->hours->on($day),
                'isOtherwise' => $this->agenda->hours->isOtherwise($day),
                'version' => (int) ($versions[$day->format('Y-m-d')] ?? 0),
            ];
        }, range(0, $days - 1));
    }

    /** @return list<array<string, mixed>> */
    private function evenings(int $days): array
    {
        $until = $this->agenda->now->modify("$days days")->getTimestamp();
        $told = [];
        foreach ($this->agenda->sessions as $number => $session) {
            if ($session->from() >= $until) {
                break;
            }
            $told[] = $this->evening($session, $number);
        }

        return $told;
    }

    /** @return array<string, mixed> */
    private function evening(Session $session, int $number): array
    {
        $schedule = $this->agenda->schedule();
        $items = array_values(array_filter($schedule->items ?? [], static fn(Item $one): bool => $one->session === $number));
        $waits = array_values(array_filter(
            $schedule->waits ?? [],
            static fn(Wait $one): bool => $one->start >= $session->from() && $one->end <= $session->to(),
        ));
        $last = $items === [] ? null : $items[count($items) - 1];

        return [
            'day' => $session->start->setTimezone($this->agenda->hours->zone)->format('Y-m-d'),
            'start' => $this->clock($session->from()),
            'end' => $this->clock($session->to()),
            'minutes' => $session->minutes,
            'isNow' => $session->from() <= $this->agenda->now->getTimestamp() && $this->agenda->now->getTimestamp() < $session->to(),
            'items' => array_map($this->item(...), $items),
            'waits' => array_map(fn(Wait $one): array => [
                'start' => $this->clock($one->start),
                'end' => $this->clock($one->end),
                'minutes' => (int) round(($one->end - $one->start) / 60),
                'for' => $this->named($one->job, $one->stepId),
            ], $waits),
            'waitMinutes' => (int) round(array_sum(array_map(static fn(Wait $one): int => $one->end - $one->start, $waits)) / 60),
            'driesOn' => $schedule === null || $last === null ? null : $this->driesOn($schedule, $last, $session),
        ];
    }

    /** @return array{words: string, until: string}|null what is laid last and dries well after the session is over */
    private function driesOn(Schedule $schedule, Item $last, Session $session): ?array
    {
        $dry = $schedule->dryAfter($last);

        return $dry <= $session->to() + self::WORTH_SAYING
            ? null
            : ['words' => $last->pass->words(), 'until' => $this->clock($dry)];
    }

    /**
     * @param array{quick: float, slow: float, samples: int} $allowance
     *
     * @return list<array<string, mixed>>
     */
    private function batches(array $allowance): array
    {
        [$soon, $late] = [$this->agenda->atPace($allowance['quick']), $this->agenda->atPace($allowance['slow'])];

        return array_map(fn(Batch $batch, int $job): array => [
            'id' => $batch->id,
            'name' => $batch->name,
            'models' => $batch->models,
            'version' => $batch->version,
            'share' => round($this->agenda->desk->progress[$job]->tally->share(), 4),
            'skipped' => array_map(fn(string $step): array => ['stepId' => $step, 'words' => $this->named($job, $step)], $batch->skipped ?? []),
            'stops' => array_map(
                fn(Stop $stop): array => [
                    'name' => $stop->name,
                    'after' => $stop->after,
                    ...$this->dates(static fn(?Schedule $one): ?int => $one?->restsAt($stop, $job), $soon, $late),
                ],
                $this->agenda->desk->progress[$job]->plan->running->stops,
            ),
            'finished' => $this->dates(
                static fn(?Schedule $one): ?int => $one === null || ! $one->isWhole() ? null : $one->finish($job),
                $soon,
                $late,
            ),
            'samples' => $allowance['samples'],
        ], $this->agenda->desk->batches, array_keys($this->agenda->desk->batches));
    }

    /**
     * @param callable(Schedule|null): (int|null) $at
     *
     * @return array{at: string|null, soonest: string|null, latest: string|null}
     */
    private function dates(callable $at, ?Schedule $soon, ?Schedule $late): array
    {
        $told = fn(?int $time): ?string => $time === null ? null : $this->clock($time);
        $middle = $at($this->agenda->schedule());

        return [
            'at' => $told($middle),
            'soonest' => $told($middle === null ? null : min($middle, $at($soon) ?? $middle)),
            'latest' => $told($middle === null ? null : (($last = $at($late)) === null ? null : max($middle, $last))),
        ];
    }

    /** "Coat, wash" */
    private function named(int $job, string $stepId): string
    {
        return $this->agenda->desk->progress[$job]->pass($stepId)?->words() ?? 'a step since removed';
    }

    private function clock(int $time): string
    {
        return (new DateTimeImmutable("@$time"))->setTimezone($this->agenda->hours->zone)->format('Y-m-d\TH:i:sP');
    }

    /** @return array<string, mixed>|null the session that is on, or the next one */
    public static function next(Agenda $agenda): ?array
    {
        return $agenda->sessions === [] ? null : (new self($agenda))->evening($agenda->sessions[0], 0);
    }

    /** @return list<array<string, mixed>> */
    public static function items(Agenda $agenda, Item ...$items): array
    {
        return array_map((new self($agenda))->item(...), array_values($items));
    }
}
