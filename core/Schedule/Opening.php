<?php

declare(strict_types=1);

namespace Kalokroma\Schedule;

/** Whether a coat may be begun: what has to come before it is done, and when that is dry. */
final readonly class Opening
{
    /**
     * @param int|null $readyAt seconds since the epoch; null when nothing under it was ever wet
     * @param list<array{stepId: string, coat: int, seconds: int}> $waitsFor coats that come before it on the same model, and how long after
     *     their end it may be begun
     */
    private function __construct(
        public bool $canBegin,
        public ?int $readyAt,
        public array $waitsFor,
    ) {}

    /** @return array<string, self> by "job step coat", of all coats that are still to be laid */
    public static function all(Work $work): array
    {
        $openings = [];
        foreach ($work->coats as $at => $coat) {
            if ($coat->models === []) {
                continue;
            }
            $opening = self::of($work, $at);
            foreach ($coat->pieces as $piece) {
                $openings[self::key($coat->job, $piece->pass->step->id, $piece->coat)] = $opening;
            }
        }

        return $openings;
    }

    /** What comes before it is done, and dry by then. */
    public function isReady(int $time): bool
    {
        return $this->canBegin && ($this->readyAt ?? 0) <= $time;
    }

    public static function key(int $job, string $stepId, int $coat): string
    {
        return "$job $stepId $coat";
    }

    private static function of(Work $work, int $at): self
    {
        $readyAt = null;
        $waitsFor = array_filter($work->before[$at], static fn(Link $link): bool => ! $link->isNextModel);
        // What is left out is on no model and left on none.
        $lacking = array_merge([], ...array_map(static fn(Link $link): array => $work->coats[$link->from]->models, $waitsFor));
        $models = array_diff($work->coats[$at]->models, $lacking);
        foreach ($waitsFor as $link) {
            foreach ($models === [] ? $work->coats[$at]->models : $models as $model) {
                $done = $work->doneAt($work->coats[$link->from], $model);
                $readyAt = $done === null ? $readyAt : max($readyAt ?? 0, $done + $link->lag);
            }
        }

        return new self(
            $models !== [],
            $readyAt,
            array_map(static fn(Link $link): array => self::waitFor($work->coats[$link->from], $link->lag), array_values($waitsFor)),
        );
    }

    /** @return array{stepId: string, coat: int, seconds: int} */
    private static function waitFor(Coat $before, int $lag): array
    {
        $last = $before->pieces[array_key_last($before->pieces)];

        return ['stepId' => $last->pass->step->id, 'coat' => $last->coat, 'seconds' => max(0, $lag)];
    }
}
