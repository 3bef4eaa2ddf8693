<?php

declare(strict_types=1);

namespace Kalokroma\Schedule;

/** How good a sequence of turns is, the less the better. */
final readonly class Cost
{
    /** To leave the running order of the plan without need is worth as much as these seconds. */
    private const OUT_OF_ORDER = 120;

    /** Taking up something else is worth as much as these seconds: pots, brush and water are changed, and the eye has to find its way in again. */
    private const TAKING_UP = 600;

    /** So many seconds that a mix lies about are as bad as one second later with all: it does not keep for weeks. */
    private const APART = 8;

    /** @var list<list<int>> the coats still to be laid with each kit */
    private array $mixes;

    public function __construct(private Desk $desk)
    {
        $mixes = [];
        foreach ($desk->work->kits as $at => $kit) {
            if ($desk->models[$at] !== [] && ! $desk->work->coats[$at]->isCarried) {
                $mixes[$kit][] = $at;
            }
        }
        $this->mixes = array_values($mixes);
    }

    /**
     * First when all is done; then when each batch is done and may rest, how long what is begun lies about, and a mix for the rest of its
     * step, how often something else is taken up, and how often that is before its turn. What goes on in another session is taken up once
     * more.
     *
     * @param list<array{int, int}> $sequence coat and number of models
     *
     * @return list<int>|null null when it cannot be
     */
    public function of(array $sequence): ?array
    {
        $hand = $this->desk->through($sequence);
        if ($hand === null) {
            return null;
        }
        $ends = $hand->ends;
        $last = $this->desk->begin();
        $byJob = array_fill(0, count($this->desk->work->jobs), $this->desk->begin());
        foreach ($sequence as [$coat]) {
            $end = max([0, ...$ends[$coat]]);
            $last = max($last, $end);
            $byJob[$this->desk->work->coats[$coat]->job] = max($byJob[$this->desk->work->coats[$coat]->job], $end);
        }
        $stops = 0;
        foreach ($this->desk->work->stops as $coats) {
            $rest = $this->desk->begin();
            foreach ($coats as $coat) {
                $rest = max([$rest, ...$ends[$coat] ?? []]);
            }
            $stops += $rest - $this->desk->begin();
        }

        $apart = 0;
        foreach ($this->mixes as $coats) {
            [$first, $until] = [PHP_INT_MAX, 0];
            foreach ($coats as $coat) {
                $first = min($first, $ends[$coat][$this->desk->models[$coat][0]]);
                $until = max([$until, ...$ends[$coat]]);
            }
            $apart += $until - $first;
        }
        $begun = 0;
        foreach ($this->desk->begun as $coat) {
            $begun += max([0, ...$ends[$coat]]) - $this->desk->begin();
        }

        return [
            $this->desk->rounded($last),
            array_sum($byJob) - count($byJob) * $this->desk->begin() + $stops + $begun
                + intdiv($apart, self::APART) + self::TAKING_UP * (count($sequence) + $hand->torn)
                    + self::OUT_OF_ORDER * self::outOfOrder($sequence),
        ];
    }

    /** @param list<array{int, int}> $sequence */
    private static function outOfOrder(array $sequence): int
    {
        $out = 0;
        foreach ($sequence as $at => [$coat]) {
            $out += $at > 0 && $sequence[$at - 1][0] > $coat ? 1 : 0;
        }

        return $out;
    }
}
