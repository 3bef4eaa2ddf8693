<?php

declare(strict_types=1);

namespace Kalokroma\Schedule;

use Kalokroma\Planning\Climate;

/** All that is to be painted at one desk: the coats of one or several batches, and what each waits for. */
final readonly class Work
{
    /** @var array<int, list<Link>> by the coat that waits */
    public array $before;

    /** @var array<int, list<Link>> by the coat before */
    public array $after;

    /** @var list<int> seconds from the start of a coat on one model until all that waits for it can be done, drying between included */
    public array $tails;

    /** @var list<int> by coat, what has to be fetched, thinned and cleaned for it: two coats of one step share it, by number */
    public array $kits;

    /** @var list<int> seconds to set up each kit */
    public array $setUps;

    /** @var list<list<int>> of each point at which models may rest, the coats up to it in the running order */
    public array $stops;

    /**
     * @param list<Job> $jobs
     * @param list<Coat> $coats in the running order of their plans
     * @param list<Link> $links
     */
    private function __construct(
        public array $jobs,
        public array $coats,
        array $links,
        public SprayHours $sprayHours,
    ) {
        $before = $after = array_fill(0, count($coats), []);
        foreach ($links as $link) {
            $before[$link->to][] = $link;
            $after[$link->from][] = $link;
        }
        $this->before = $before;
        $this->after = $after;
        $this->stops = self::stops($jobs, $coats);
        [$kits, $setUps] = [[], []];
        foreach ($coats as $coat) {
            $kit = "$coat->job {$coat->pieces[0]->pass->step->id}";
            $setUps[$kit] = (int) round(60 * $jobs[$coat->job]->paces->setUp());
            $kits[] = (int) array_search($kit, array_keys($setUps), true);
        }
        [$this->kits, $this->setUps] = [$kits, array_values($setUps)];
        $tails = [];
        foreach (array_reverse(array_keys($coats)) as $at) {
            $this->tail($at, $tails);
        }
        ksort($tails);
        $this->tails = array_values($tails);
    }

    /**
     * @param list<Job> $jobs
     * @param Climate|null $climate of the room; the usual one when left out
     * @param SprayHours|null $sprayHours outside; any when left out
     */
    public static function of(array $jobs, ?Climate $climate = null, ?SprayHours $sprayHours = null): self
    {
        $builder = new WorkBuilder($climate ?? Climate::usual());
        foreach ($jobs as $number => $job) {
            $builder->add($job, $number);
        }

        return new self($jobs, $builder->coats, $builder->links(), $sprayHours ?? SprayHours::any());
    }

    /** Seconds of work on all models, everything set up once. */
    public function handsOn(): int
    {
        $left = array_filter($this->coats, static fn(Coat $coat): bool => $coat->models !== []);

        return array_sum(array_map(
            static fn(Coat $coat): int => count($coat->models) * $coat->handsOn(),
            $left,
        )) + $this->settingUp(array_keys($left));
    }

    /**
     * @param list<int> $coats
     *
     * @return int seconds to set up for each of them, once for what shares a kit
     */
    public function settingUp(array $coats): int
    {
        $kits = [];
        foreach ($coats as $coat) {
            $kits[$this->kits[$coat]] = true;
        }

        return array_sum(array_intersect_key($this->setUps, $kits));
    }

    /**
     * Seconds that the longest chain of work and drying takes on one model, without the last drying; what is set up while something dries
     * takes none.
     */
    public function longestChain(): int
    {
        return max([
            0,
            ...array_map(
                fn(int $tail, int $coat): int => $tail === 0 ? 0 : $this->setUps[$this->kits[$coat]] + $tail,
                $this->tails,
                array_keys($this->tails),
            ),
        ]);
    }

    /** Seconds that no schedule can be shorter than. */
    public function lowerBound(): int
    {
        return max($this->handsOn(), $this->longestChain());
    }

    /** When a coat was laid already on one model, in seconds since the epoch; null when it was not, or is left out. */
    public function doneAt(Coat $coat, int $model): ?int
    {
        $piece = $coat->pieces[array_key_last($coat->pieces)];

        return $this->jobs[$coat->job]->record->at($piece->pass->step->id, $piece->coat, $model);
    }

    /**
     * @param list<Job> $jobs
     * @param list<Coat> $coats
     *
     * @return list<list<int>>
     */
    private static function stops(array $jobs, array $coats): array
    {
        $stops = [];
        foreach ($jobs as $number => $job) {
            foreach ($job->plan->running->stops as $stop) {
                $mine = array_filter($coats, static fn(Coat $coat): bool => $coat->job === $number);
                $last = array_filter(
                    $mine,
                    static fn(Coat $coat): bool => array_any(
                        $coat->pieces,
                        static fn(Piece $one): bool => $one->pass->step->id === $stop->after,
                    ),
                );
                if ($last !== []) {
                    $stops[] = array_keys(array_filter($mine, static fn(int $at): bool => $at <= array_key_last($last), ARRAY_FILTER_USE_KEY));
                }
            }
        }

        return $stops;
    }

    /** @param array<int, int> $tails known already; this one and those after it are added */
    private function tail(int $at, array &$tails): int
    {
        if (isset($tails[$at])) {
            return $tails[$at];
        }
        $longest = 0;
        foreach ($this->after[$at] as $link) {
            if (! $link->isNextModel) {
                $longest = max($longest, $link->lag + $this->tail($link->to, $tails));
            }
        }

        return $tails[$at] = $this->coats[$at]->models === [] ? 0 : $this->coats[$at]->span() + $longest;
    }
}
