<?php

declare(strict_types=1);

namespace App\Demo;

use App\Batches\BatchStore;
use App\Batches\Logbook;
use App\Batches\PotUse;
use App\Models\Batch;
use App\Models\Plan;
use App\Plans\PlanFiles;
use App\Plans\PlanStore;
use App\Shelf\PaintFiles;
use App\Support\StoppedClock;
use Illuminate\Support\Carbon;
use Illuminate\Support\Facades\DB;
use Illuminate\Support\Facades\File;
use Illuminate\Support\Str;
use LogicException;

/**
 * The Saltfen Ferry Watch: everything in it comes from open-format files under resources/demo.
 */
final class Demo
{
    private const EVENING = 19;

    public function __construct(
        private readonly PaintFiles $files,
        private readonly PlanFiles $plans,
        private readonly BatchStore $batches,
        private readonly PlanStore $store,
    ) {}

    public function load(): void
    {
        DB::transaction(function (): void {
            $this->files->catalogue(File::get(resource_path('demo/catalogue.csv')), true);
            $this->files->shelf(File::get(resource_path('demo/shelf.csv')), true);
            $this->files->sets(File::get(resource_path('demo/sets.csv')));
            $plans = [];
            foreach (['bound-capstan', 'heron-provost', 'ferry-warden'] as $name) {
                $plans[$name] = $this->plans->bringIn(File::get(resource_path("demo/plans/$name.json")))->plan;
            }
            $this->share($plans, 'ferry-warden', 'Jetty base', 'Jetty mud', ['base', 'mud'], ['heron-provost' => 'Jetty base']);
            $this->share($plans, 'ferry-warden', 'Ferry pole', 'Driftwood', ['wood', 'weathered'], []);
            /** @var list<array{plan: string, name: string, models: int, startedDaysAgo: int, done: int|'all', partly?: int, pace: array{minutesPerModel: int}, notes?: array<int, string>}> $batches */
            $batches = File::json(resource_path('demo/batches.json'));
            foreach ($batches as $batch) {
                $this->paint($plans[$batch['plan']], $batch);
            }
        });
    }

    /**
     * Puts the recipe of an area into the library, and has others paint by it.
     *
     * @param array<string, Plan> $plans by file
     * @param list<string> $tags
     * @param array<string, string> $others names of areas by file
     */
    private function share(array $plans, string $file, string $area, string $name, array $tags, array $others): void
    {
        $shared = $this->store->share($plans[$file]->id, self::areaOf($plans[$file], $area), ['name' => $name, 'tags' => $tags], $plans[$file]->refresh()->version)->record;
        $recipe = $shared->toCore()->area(self::areaOf($shared, $area))?->recipe;
        foreach ($others as $other => $named) {
            $plan = $plans[$other]->refresh();
            $this->store->edit($plan->id, ['do' => 'take-recipe', 'area' => self::areaOf($plan, $named), 'recipe' => $recipe, 'id' => strtolower((string) Str::ulid())], $plan->version);
        }
    }

    private static function areaOf(Plan $plan, string $name): string
    {
        foreach ($plan->toCore()->areas as $area) {
            if ($area->name === $name) {
                return $area->id;
            }
        }

        throw new LogicException("The demo has no area $name.");
    }

    /** @param array{plan: string, name: string, models: int, startedDaysAgo: int, done: int|'all', partly?: int, pace: array{minutesPerModel: int}, notes?: array<int, string>} $wish */
    private function paint(Plan $plan, array $wish): void
    {
        $today = Carbon::today();
        $start = $today->copy()->subDays($wish['startedDaysAgo']);
        $batch = $this->batches->begin($plan->id, $wish['name'], $wish['models'], $start->toDateString());
        $passes = $batch->load('entries')->progress()->passes;
        $whole = $wish['done'] === 'all' ? count($passes) : $wish['done'];
        $evening = $start->copy()->setTime(self::EVENING, 5);
        foreach ($passes as $index => $pass) {
            $models = $index < $whole ? $wish['models'] : ($index === $whole ? $wish['partly'] ?? 0 : 0);
            if ($models === 0) {
                break;
            }
            $minutes = $models * max(1, $wish['pace']['minutesPerModel'] - 2 + ($index * 5) % 4);
            $evening = $this->nextSitting($evening, $minutes);
            $this->record($batch, $pass->step->id, $models, $minutes, $evening, $wish['notes'][$index] ?? '');
        }
    }

    /** As somebody would have recorded it that evening. */
    private function record(Batch $batch, string $stepId, int $models, int $minutes, Carbon $evening, string $note): void
    {
        (new Logbook(new StoppedClock($evening->toDateTimeImmutable()), new PotUse))->record($batch->id, [
            'id' => (string) Str::ulid($evening), 'stepId' => $stepId, 'models' => $models, 'minutes' => $minutes, 'note' => $note,
        ]);
    }

    /** Evenings end at ten; what does not fit waits for the next but one. */
    private function nextSitting(Carbon $from, int $minutes): Carbon
    {
        $end = $from->copy()->addMinutes($minutes + 5);

        return $end->hour >= 22 || $end->hour < self::EVENING ? $from->copy()->addDays(2)->setTime(self::EVENING, 5)->addMinutes($minutes) : $end;
    }
}
