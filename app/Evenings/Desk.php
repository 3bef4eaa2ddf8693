<?php

declare(strict_types=1);

namespace App\Evenings;

use App\Batches\Tallies;
use App\Models\Batch;
use App\Models\Setting;
use DateTimeImmutable;
use DateTimeZone;
use Illuminate\Database\Eloquent\Collection;
use Kalokroma\Planning\Climate;
use Kalokroma\Planning\Done;
use Kalokroma\Planning\Paces;
use Kalokroma\Planning\Progress;
use Kalokroma\Schedule\Job;
use Kalokroma\Schedule\SprayHours;
use Kalokroma\Schedule\Work;

/** The batches that share the desk: those under way and those planned, all but what rests. */
final readonly class Desk
{
    public const MOST_BATCHES = 12;

    /**
     * @param list<Batch> $batches begun first, then the soonest
     * @param list<Progress> $progress
     * @param list<Job> $jobs
     * @param list<Batch> $beyond that find no room on the desk until another rests
     * @param list<list<Done>> $done what was recorded of each
     */
    private function __construct(
        public array $batches,
        public array $progress,
        public array $jobs,
        public Climate $climate,
        public DateTimeZone $zone,
        public array $beyond,
        private array $done,
    ) {}

    public static function asItIs(): self
    {
        $zone = Setting::zone();
        $batches = Batch::query()->where('rests', false)->orderBy('starts_on')->orderBy('id')->get();
        $tallies = Tallies::of($batches);
        /** @var Collection<int, Batch> $open */
        $open = $batches->reject(static fn(Batch $one): bool => $tallies[$one->id]->isFinished())->values();
        // What is begun comes first; of what waits the soonest. More than a dozen nobody has on one desk.
        $open = $open->sortBy(static fn(Batch $one): int => $tallies[$one->id]->isBegun() ? 0 : 1)->values();
        $beyond = $open->slice(self::MOST_BATCHES)->values();
        $open = $open->take(self::MOST_BATCHES)->values();
        $all = $done = $progress = $jobs = [];
        foreach ($open as $batch) {
            $all[] = $batch;
            // Read once: whoever records meanwhile is seen next time, by all that follows.
            $done[] = $rows = $batch->done();
            $progress[] = $batch->progress($rows);
            $jobs[] = self::job($batch, $progress[count($progress) - 1], $zone);
        }

        return new self($all, $progress, $jobs, Setting::room(), $zone, array_values($beyond->all()), $done);
    }

    public static function job(Batch $batch, Progress $progress, ?DateTimeZone $zone = null): Job
    {
        return Job::of(
            $progress->squad,
            $progress->record(),
            $progress->skipped(),
            (new DateTimeImmutable($batch->starts_on->toDateString(), $zone ?? Setting::zone()))->getTimestamp(),
            Paces::since(Setting::bookOf($batch->habits), Setting::book())->withSetUp(Setting::setUpMinutes()),
        );
    }

    /** @param list<Job>|null $jobs otherwise than they are; as they are when left out */
    public function work(?SprayHours $sprayHours = null, ?array $jobs = null): Work
    {
        return Work::of($jobs ?? $this->jobs, $this->climate, $sprayHours);
    }

    /** Changes whenever something does that a schedule depends on, but for what is recorded. */
    public function fingerprint(): string
    {
        return hash('xxh128', serialize([
            array_map(static fn(Batch $one): array => [$one->standing(), $one->rests, $one->skipped], $this->batches),
            [$this->climate->celsius, $this->climate->humidity],
            Setting::habits(),
            Setting::setUpMinutes(),
        ]));
    }

    /** Changes with what is recorded. */
    public function record(): string
    {
        return hash(
            'xxh128',
            serialize(array_map(
                static fn(array $done): array => array_map(
                    static fn(Done $each): array => [$each->id, $each->stepId, $each->coat, $each->models, $each->at, $each->on],
                    $done,
                ),
                $this->done,
            )),
        );
    }
}
