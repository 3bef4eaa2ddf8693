<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Evenings\Agenda;
use App\Evenings\CalendarFile;
use App\Evenings\Desk;
use App\Evenings\Hours;
use App\Http\Requests\SittingRules;
use App\Http\Resources\AgendaResource;
use App\Learning\LogLessons;
use DateTimeImmutable;
use Illuminate\Http\JsonResponse;
use Illuminate\Http\Request;
use Illuminate\Http\Response;
use Illuminate\Validation\ValidationException;
use Kalokroma\Planning\Pass;
use Kalokroma\Schedule\Deadline;
use Kalokroma\Schedule\Job;
use Kalokroma\Schedule\Manner;
use Kalokroma\Schedule\Moment;
use Kalokroma\Schedule\Schedule;
use Kalokroma\Schedule\Scheduler;
use Kalokroma\Schedule\Session;
use Kalokroma\Schedule\Sessions;
use Psr\Clock\ClockInterface;

/** When the painter sits down, and what for. */
final readonly class EveningController
{
    private const DAYS = 14;

    private const MOST_DAYS = 120;

    public function __construct(private ClockInterface $clock) {}

    public function index(Request $request): JsonResponse
    {
        $wish = $request->validate(['days' => ['nullable', 'integer', 'between:1,'.self::MOST_DAYS]]);

        return $this->answer((int) ($wish['days'] ?? self::DAYS));
    }

    public function week(Request $request): JsonResponse
    {
        /** @var array{hours: list<array{weekday: int, from: string, minutes: int}>} $wish */
        $wish = $request->validate(
            [
                'hours' => ['present', 'array', 'list', 'max:21'],
                'hours.*' => ['array:weekday,from,minutes'],
                'hours.*.weekday' => ['required', 'integer:strict', 'between:1,7'],
                ...SittingRules::under('hours'),
            ],
            SittingRules::MESSAGES,
        );
        Hours::keepWeek($wish['hours']);

        return $this->answer(self::DAYS);
    }

    public function day(Request $request, string $day): JsonResponse
    {
        /** @var array{sittings: list<array{from: string, minutes: int}>|null, version: int} $wish */
        $wish = validator([...$request->all(), 'day' => $day], [
            'day' => ['bail', 'required', 'date_format:Y-m-d', 'before:2200-01-01'],
            'sittings' => ['present', 'nullable', 'array', 'list', 'max:6'],
            'sittings.*' => ['array:from,minutes'],
            ...SittingRules::under('sittings'),
            'version' => ['required', 'integer:strict'],
        ], SittingRules::MESSAGES)->validate();
        Hours::keepDay($day, $wish['sittings'], $wish['version'], $this->clock->now());

        return $this->answer(self::DAYS);
    }

    /** I have so many minutes. */
    public function moment(Request $request): JsonResponse
    {
        $wish = $request->validate(
            ['minutes' => ['required', 'integer', 'between:5,600']],
            ['minutes.*' => 'Say how many minutes you have, from 5 to 600.'],
        );
        $now = $this->clock->now();
        $agenda = Agenda::from($now);
        $session = Session::of($now, (int) $wish['minutes']);
        $moment = Moment::of($agenda->work, $session, $agenda->hours->sessions($now->modify("+$session->minutes minutes"), Agenda::MOST_SESSIONS));

        return new JsonResponse([
            'minutes' => (int) $wish['minutes'],
            'items' => AgendaResource::items($agenda, ...$moment->items),
            'others' => AgendaResource::items($agenda, ...$moment->others),
        ]);
    }

    /** Make it ready by a day. */
    public function deadline(Request $request): JsonResponse
    {
        $wish = $request->validate([
            'batchId' => ['required', 'string', 'max:40'],
            'stop' => ['nullable', 'string', 'max:40'],
            'day' => ['bail', 'required', 'string', 'date_format:Y-m-d', 'before:2200-01-01'],
        ]);
        $agenda = Agenda::from($this->clock->now());
        $job = array_search($wish['batchId'], array_column($agenda->desk->batches, 'id'), true);
        if ($job === false) {
            throw ValidationException::withMessages(['batchId' => in_array($wish['batchId'], array_column($agenda->desk->beyond, 'id'), true)
                ? sprintf('The desk has its %d batches, and this one waits for room. Let another rest first.', Desk::MOST_BATCHES)
                : 'This batch does not share the desk: it is finished, or it rests.']);
        }
        if ($wish['day'] < $this->clock->now()->setTimezone($agenda->hours->zone)->format('Y-m-d')) {
            throw ValidationException::withMessages(['day' => 'This day is over. Choose today or a later one.']);
        }
        if ($agenda->sessions === []) {
            throw ValidationException::withMessages(['day' => 'There is no evening to paint in yet. Say first when you sit down.']);
        }
        $sessions = Sessions::of($agenda->sessions);
        $deadline = Deadline::of(
            $agenda->desk->jobs,
            (int) $job,
            $wish['stop'] ?? null,
            (new DateTimeImmutable($wish['day'].' 23:59:59', $agenda->hours->zone))->getTimestamp(),
            /** @param list<Job> $jobs */
            static fn(array $jobs): Schedule => Scheduler::roughly($agenda->desk->work($agenda->work->sprayHours, $jobs), $sessions, Manner::Calm),
        );

        return new JsonResponse([
            'isMet' => $deadline->isMet,
            'at' => $deadline->at === null
                ? null
                : (new DateTimeImmutable("@$deadline->at"))->setTimezone($agenda->hours->zone)->format('Y-m-d\TH:i:sP'),
            'leaveOut' => array_map(static fn(Pass $pass): array => [
                'stepId' => $pass->step->id,
                'areaName' => $pass->where(),
                'label' => $pass->step->technique->label,
                'isOptional' => $pass->step->more->optional,
            ], $deadline->dropped),
        ]);
    }

    public function calendar(): Response
    {
        return new Response(
            CalendarFile::of(Agenda::from($this->clock->now())),
            200,
            ['Content-Type' => 'text/calendar; charset=utf-8', 'Content-Disposition' => 'attachment; filename="kalokroma-evenings.ics"'],
        );
    }

    private function answer(int $days): JsonResponse
    {
        return new JsonResponse(AgendaResource::of(Agenda::from($this->clock->now()), $days, LogLessons::allowance()));
    }
}
