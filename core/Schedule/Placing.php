<?php

declare(strict_types=1);

namespace Kalokroma\Schedule;

/** Turns a sequence into items with their times. */
final class Placing
{
    /** @var list<array{int, int, int}> coat, model and start in seconds since the epoch, in the order they are laid */
    private array $laid = [];

    /** @var list<Item> */
    private array $items = [];

    /** @var list<Wait> */
    private array $waits = [];

    private int $lacking = 0;

    /** @param list<array{int, int}> $sequence that can be */
    public function __construct(
        private readonly Desk $desk,
        array $sequence,
    ) {
        $ends = $desk->lay($sequence) ?? [];
        $next = array_fill(0, count($desk->span), 0);
        foreach ($sequence as [$coat, $count]) {
            for ($i = 0; $i < $count; $i++) {
                $model = $desk->models[$coat][$next[$coat]++];
                $this->laid[] = [$coat, $model, $ends[$coat][$model] - $desk->span[$coat]];
            }
        }
        $this->closeGaps($ends);
        $this->waits = $this->idle($ends);
        foreach ($this->laid as [$coat, $model, $start]) {
            if ($desk->isBeyond($start + $desk->span[$coat])) {
                $this->lacking += $desk->work->coats[$coat]->handsOn();
            } else {
                $this->put($coat, $model, $start);
            }
        }
    }

    /** @return list<Item> */
    public function items(): array
    {
        return $this->items;
    }

    /** @return list<Wait> */
    public function waits(): array
    {
        return $this->waits;
    }

    public function lacking(): int
    {
        return $this->lacking;
    }

    /**
     * A coat that would be laid with pauses between the models is begun later instead, where nothing waits for it.
     *
     * @param array<int, array<int, int>> $ends moved along
     */
    private function closeGaps(array &$ends): void
    {
        for ($at = count($this->laid) - 2; $at >= 0; $at--) {
            [$coat, $model, $start] = $this->laid[$at];
            [$nextCoat, , $nextStart] = $this->laid[$at + 1];
            $session = $this->desk->sessionAt($start + $this->desk->span[$coat]);
            $to = $nextStart - $this->desk->span[$coat];
            if ($nextCoat !== $coat || $to <= $start || $nextStart > $this->desk->endOf($session)) {
                continue;
            }
            foreach ($this->desk->work->after[$coat] as $link) {
                $waiting = $link->isNextModel ? null : $ends[$link->to][$model] ?? null;
                if ($link->isNextModel || $waiting !== null) {
                    $to = $link->isNextModel ? $start : min($to, $waiting - $this->desk->span[$link->to] - $link->lag - $this->desk->span[$coat]);
                }
            }
            if ($to > $start && $this->desk->opens($coat, $to, $this->desk->span[$coat]) === $to) {
                $this->laid[$at][2] = $to;
                $ends[$coat][$model] = $to + $this->desk->span[$coat];
            }
        }
    }

    private function put(int $coat, int $model, int $start): void
    {
        $what = $this->desk->work->coats[$coat];
        foreach ($what->pieces as $piece) {
            $from = $start + $piece->offset;
            $last = $this->items[count($this->items) - 1] ?? null;
            $session = $this->desk->sessionAt($start + $this->desk->span[$coat]);
            if (
                ! $what->isCarried
                && $last !== null
                && $last->pass === $piece->pass
                && $last->coat === $piece->coat
                && $last->job === $what->job
                && $last->end === $from
                && $last->session === $session
            ) {
                $this->items[count($this->items) - 1] = new Item(
                    $what->job,
                    $piece->pass,
                    $piece->coat,
                    [...$last->models, $model],
                    $last->start,
                    $from + $piece->seconds,
                    $session,
                );
            } else {
                $this->items[] = new Item($what->job, $piece->pass, $piece->coat, [$model], $from, $from + $piece->seconds, $session);
            }
        }
    }

    /**
     * @param array<int, array<int, int>> $ends
     *
     * @return list<Wait> where something is awaited within a session, and within what is carried through
     */
    private function idle(array $ends): array
    {
        $waits = [];
        $free = $this->desk->begin();
        $ready = [];
        foreach ($this->laid as [$coat, $model, $start]) {
            $session = $this->desk->sessionAt($start + $this->desk->span[$coat]);
            $kit = $this->desk->work->kits[$coat];
            $from = max($free, $this->desk->beginOf($session)) + (isset($ready[$kit]) ? 0 : $this->desk->setUp($coat));
            $ready[$kit] = true;
            if ($from < $start && ! $this->desk->isBeyond($start)) {
                $waits[] = new Wait($from, $start, $this->awaited($coat, $model, $start, $ends), $this->desk->work->coats[$coat]->job);
            }
            foreach ($this->desk->work->coats[$coat]->pieces as $at => $piece) {
                $before = $this->desk->work->coats[$coat]->pieces[$at - 1] ?? null;
                if ($before !== null && $before->end() < $piece->offset && ! $this->desk->isBeyond($start)) {
                    $waits[] = new Wait(
                        $start + $before->end(),
                        $start + $piece->offset,
                        $before->pass->step->id,
                        $this->desk->work->coats[$coat]->job,
                    );
                }
            }
            $free = $start + $this->desk->span[$coat];
        }

        return $waits;
    }

    /** @param array<int, array<int, int>> $ends */
    private function awaited(int $coat, int $model, int $start, array $ends): string
    {
        $latest = 0;
        $stepId = $this->desk->work->coats[$coat]->pieces[0]->pass->step->id;
        foreach ($this->desk->work->before[$coat] as $link) {
            $dry = ($ends[$link->from][$model] ?? 0) + $link->lag;
            if (! $link->isNextModel && $dry > $latest && $dry <= $start) {
                $latest = $dry;
                $pieces = $this->desk->work->coats[$link->from]->pieces;
                $stepId = $pieces[array_key_last($pieces)]->pass->step->id;
            }
        }

        return $stepId;
    }
}
