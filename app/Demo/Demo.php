<?php

declare(strict_types=1);

namespace App\Demo;

use App\Batches\BatchStore;
use App\Batches\Logbook;
use App\Batches\PhotoPins;
use App\Batches\PotUse;
use App\Figures\FigureStore;
use App\Figures\ReliefWork;
use App\Models\Batch;
use App\Models\Plan;
use App\Models\Setting;
use App\Photos\PhotoStore;
use App\Plans\PlanFiles;
use App\Plans\PlanStore;
use App\Shelf\PaintFiles;
use App\Support\StoppedClock;
use Illuminate\Support\Carbon;
use Illuminate\Support\Facades\DB;
use Illuminate\Support\Facades\File;
use Illuminate\Support\Str;
use Kalokroma\Planning\Pace;
use LogicException;

/**
 * The Saltfen Ferry Watch: everything in it comes from open-format files under resources/demo.
 */
final class Demo
{
    private const EVENING = 19;

    private const LONGEST_PASS = 120.0;

    /** Nobody takes the same time twice. */
    private const SCATTER = [0.0, 0.15, -0.1, 0.3, 0.05, -0.15, 0.2];

    public function __construct(
        private readonly PaintFiles $files,
        private readonly PlanFiles $plans,
        private readonly BatchStore $batches,
        private readonly PhotoStore $photos,
        private readonly PlanStore $store,
        private readonly FigureStore $figures,
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
            foreach ($plans as $name => $plan) {
                $this->figure($plan, $name);
            }
            $this->share($plans, 'ferry-warden', 'Jetty base', 'Jetty mud', ['base', 'mud'], ['heron-provost' => 'Jetty base']);
            $this->share($plans, 'ferry-warden', 'Ferry pole', 'Driftwood', ['wood', 'weathered'], []);
            /**
             * @var list<array{plan: string, name: string, models: int, startedDaysAgo: int, done: int|'all', partly?: int, pace: float, coats?: array<int, int>, notes?: array<int, string>, pictures?: array<int, array{file: string, note: string}>}> $batches
             */
            $batches = File::json(resource_path('demo/batches.json'));
            foreach ($batches as $batch) {
                $this->paint($plans[$batch['plan']], $batch);
            }
            Setting::keep('hours', File::json(resource_path('demo/hours.json')));
            Setting::keep('demo', ['loaded' => true]);
            Setting::keep('devices', ['station' => true, 'scanner' => true, 'reader' => true]);
        });
    }

    /** The sculpt of a plan's model, its areas named, its relief worked out (bin/sculpt). */
    private function figure(Plan $plan, string $file): void
    {
        $path = resource_path("demo/figures/$file");
        /** @var array{areas: list<string>, triangles: string} $labels */
        $labels = File::json("$path.areas.json");
        $areas = array_map(static fn(string $area): string => self::areaOf($plan, $area), $labels['areas']);
        $figure = $this->figures->add($plan->id, $plan->name, File::get("$path.glb"), $areas, self::unpacked($labels['triangles']));
        /** @var array<string, string> $relief */
        $relief = File::json("$path.relief.json");
        foreach ($relief as $what => $bytes) {
            ReliefWork::of($figure)->take($what, self::unpacked($bytes));
        }
    }

    private static function unpacked(string $text): string
    {
        return (string) gzdecode((string) base64_decode($text, true));
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
        $shared = $this->store->share(
            $plans[$file]->id,
            self::areaOf($plans[$file], $area),
            ['name' => $name, 'tags' => $tags],
            $plans[$file]->refresh()->version,
        )->record;
        $recipe = $shared->toCore()->area(self::areaOf($shared, $area))?->recipe;
        foreach ($others as $other => $named) {
            $plan = $plans[$other]->refresh();
            $this->store->edit(
                $plan->id,
                ['do' => 'take-recipe', 'area' => self::areaOf($plan, $named), 'recipe' => $recipe, 'id' => strtolower((string) Str::ulid())],
                $plan->version,
            );
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

    /**
     * @param array{plan: string, name: string, models: int, startedDaysAgo: int, done: int|'all', partly?: int, pace: float, coats?: array<int, int>,
     *     notes?: array<int, string>, pictures?: array<int, array{file: string, note: string}>} $wish
     */
    private function paint(Plan $plan, array $wish): void
    {
        $today = Carbon::today();
        $start = $today->copy()->subDays($wish['startedDaysAgo']);
        $batch = $this->batches->begin($plan->id, $wish['name'], $wish['models'], $start->toDateString());
        $passes = $batch->load('entries')->progress()->passes;
        $whole = $wish['done'] === 'all' ? count($passes) : $wish['done'];
        $evening = $start->copy()->setTime(self::EVENING, 5);
        $pace = Pace::of($batch->progress()->plan);
        foreach ($passes as $index => $pass) {
            $models = $index < $whole ? $wish['models'] : ($index === $whole ? $wish['partly'] ?? 0 : 0);
            if ($models === 0) {
                break;
            }
            $perCoat = $models * $pace->coat($pass->step, $pass->area) * ($wish['pace'] + self::SCATTER[$index % count(self::SCATTER)]);
            // What takes longer than an evening is recorded coat by coat.
            $coats = $perCoat * $pass->step->coats > self::LONGEST_PASS ? range(1, $pass->step->coats) : [null];
            foreach ($coats as $coat) {
                $minutes = (int) max(1, round($perCoat * ($coat === null ? $pass->step->coats : 1)));
                $evening = $this->nextSitting($evening, $minutes);
                $note = $coat === null || $coat === $pass->step->coats ? $wish['notes'][$index] ?? '' : '';
                $this->record(
                    $batch,
                    $evening,
                    [
                        'stepId' => $pass->step->id,
                        'models' => $models,
                        'coat' => $coat,
                        'minutes' => $minutes,
                        'note' => $note,
                        'used' => isset($wish['coats'][$index]) ? ['coats' => $wish['coats'][$index]] : null,
                    ],
                );
            }
            if (isset($wish['pictures'][$index])) {
                $this->picture($batch, $evening, $pass->step->id, $wish['pictures'][$index]);
            }
        }
    }

    /**
     * As somebody would have recorded it that evening.
     *
     * @param array{stepId: string, models: int, coat: int|null, minutes: int, note: string, used: array{coats: int}|null} $done
     */
    private function record(Batch $batch, Carbon $evening, array $done): void
    {
        $logbook = new Logbook(new StoppedClock($evening->toDateTimeImmutable()), new PotUse);
        $logbook->record($batch->id, ['id' => (string) Str::ulid($evening), ...$done]);
    }

    /** @param array{file: string, note: string} $picture */
    private function picture(Batch $batch, Carbon $evening, string $stepId, array $picture): void
    {
        $photo = $this->photos->take(File::get(resource_path("demo/pictures/$picture[file].jpg")));
        (new PhotoPins(new StoppedClock($evening->toDateTimeImmutable())))->pin(
            $batch->id,
            ['id' => (string) Str::ulid($evening), 'photoId' => $photo->id, 'stepId' => $stepId, 'note' => $picture['note']],
        );
    }

    /** Evenings end at ten; what does not fit waits for the next but one. */
    private function nextSitting(Carbon $from, int $minutes): Carbon
    {
        $end = $from->copy()->addMinutes($minutes + 5);

        return $end->hour >= 22 || $end->hour < self::EVENING ? $from->copy()->addDays(2)->setTime(self::EVENING, 5)->addMinutes($minutes) : $end;
    }
}
