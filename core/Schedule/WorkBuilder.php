<?php

declare(strict_types=1);

namespace Kalokroma\Schedule;

use Kalokroma\Planning\Climate;
use Kalokroma\Planning\Pace;
use Kalokroma\Planning\Pass;
use Kalokroma\Planning\Rehearsal;

/** Takes a batch apart into the coats that are laid, with what each of them waits for. */
final class WorkBuilder
{
    private const MINUTE = 60;

    /** @var list<Coat> */
    public array $coats = [];

    private Pace $pace;

    /** @var array<string, Link> the one that holds longest, by what it links */
    private array $links = [];

    /** @var array<string, array{int, Piece}> by job, step and coat: where it is laid */
    private array $where = [];

    public function __construct(private readonly Climate $climate) {}

    public function add(Job $job, int $number): void
    {
        $rehearsal = Rehearsal::along($job->plan, $job->squad->order());
        $this->pace = Pace::of($job->plan, $job->paces);
        $waits = Waits::of($rehearsal, $this->climate, $job->squad, $job->skipped);
        $carried = Carried::of($rehearsal, $job);
        $passes = $rehearsal->order()->passes;
        foreach ($passes as $pass) {
            if (! $carried->isInto($pass->step->id)) {
                $this->lay($job, $number, $pass, $passes, $carried, $waits);
            }
        }
        foreach ($passes as $pass) {
            for ($coat = 1; $coat < $pass->step->coats; $coat++) {
                $this->link($number, $pass, $coat, $pass, $coat + 1, $waits->betweenCoats($pass->step) * self::MINUTE);
            }
            if ($pass->step->isPerModel() && $pass->step->coats > 1) {
                $this->link($number, $pass, $pass->step->coats, $pass, 1, 0, true);
            }
        }
        foreach ($waits->all() as [$first, $then, $minutes]) {
            $this->link($number, $first, $first->step->coats, $then, 1, $minutes * self::MINUTE);
        }
        foreach (Ties::of($job->plan, $rehearsal->order())->pairs as [$firstId, $thenId]) {
            [$first, $then] = [$rehearsal->order()->pass($firstId), $rehearsal->order()->pass($thenId)];
            if ($first !== null && $then !== null) {
                $this->link($number, $first, $first->step->coats, $then, 1, 0);
            }
        }
    }

    /**
     * What goes back in the running order comes from something that is carried through; where that would close a circle, the tie gives way.
     *
     * @return list<Link>
     */
    public function links(): array
    {
        foreach ($this->links as $key => $link) {
            if ($link->from > $link->to && ! $link->isNextModel && $this->leads($link->to, $link->from)) {
                unset($this->links[$key]);
            }
        }

        return array_values($this->links);
    }

    private function leads(int $from, int $to): bool
    {
        $seen = [$from => true];
        for ($stack = [$from]; $stack !== [];) {
            $at = array_pop($stack);
            foreach ($this->links as $link) {
                if ($link->from === $at && ! $link->isNextModel && ! isset($seen[$link->to])) {
                    $seen[$link->to] = true;
                    $stack[] = $link->to;
                }
            }
        }

        return isset($seen[$to]);
    }

    /** @param list<Pass> $passes */
    private function lay(Job $job, int $number, Pass $pass, array $passes, Carried $carried, Waits $waits): void
    {
        $last = $pass->step->coats;
        for ($coat = 1; $coat <= $last; $coat++) {
            $into = $coat === $last ? $carried->after($pass->step->id) : null;
            $pieces = [$this->piece($pass, $coat, 0)];
            for ($at = $pass; $into !== null; $into = $carried->after($into)) {
                $next = array_values(array_filter($passes, static fn(Pass $one): bool => $one->step->id === $into))[0];
                $wait = min(Carried::CHIP_WITHIN, $waits->minutes($at->step, $next->step)) * self::MINUTE;
                for ($more = 1; $more <= $next->step->coats; $more++) {
                    $pieces[] = $this->piece(
                        $next,
                        $more,
                        $pieces[array_key_last($pieces)]->end() + ($more === 1 ? $wait : $waits->betweenCoats($next->step) * self::MINUTE),
                    );
                }
                $at = $next;
            }
            foreach ($pieces as $piece) {
                $this->where[self::key($number, $piece->pass, $piece->coat)] = [count($this->coats), $piece];
            }
            $this->coats[] = new Coat($number, $pieces, $job->left($pass->step->id, $coat), $pass->step->isPerModel() || count($pieces) > 1);
        }
    }

    private function piece(Pass $pass, int $coat, int $offset): Piece
    {
        return new Piece($pass, $coat, $offset, max(1, (int) round(self::MINUTE * $this->pace->coat($pass->step, $pass->area))));
    }

    private function link(int $job, Pass $first, int $coatBefore, Pass $then, int $coatAfter, int $lag, bool $isNextModel = false): void
    {
        [$from, $before] = $this->where[self::key($job, $first, $coatBefore)];
        [$to, $after] = $this->where[self::key($job, $then, $coatAfter)];
        if ($from === $to && ! $isNextModel) {
            return;
        }
        $lag += $before->end() - $this->coats[$from]->span() - $after->offset;
        $key = "$from $to ".($isNextModel ? 1 : 0);
        if (! isset($this->links[$key]) || $this->links[$key]->lag < $lag) {
            $this->links[$key] = new Link($from, $to, $lag, $isNextModel);
        }
    }

    private static function key(int $job, Pass $pass, int $coat): string
    {
        return "$job {$pass->step->id} $coat";
    }
}
