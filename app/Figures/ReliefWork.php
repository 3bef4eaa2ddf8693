<?php

declare(strict_types=1);

namespace App\Figures;

use App\Models\Figure;
use App\Models\Plan;
use App\Plans\PlanView;
use Illuminate\Support\Facades\DB;
use Kalokroma\Relief\Exposure;
use Kalokroma\Relief\Measure;
use Kalokroma\Relief\Mesh;
use Kalokroma\Relief\PackedRelief;
use Kalokroma\Relief\Spray;
use Kalokroma\Relief\Sprays;

/**
 * Works out the relief of a figure and what the sprays of its plan leave on it, a few directions at a time: each time it goes on where it
 * was left, whoever asked, so that a restart loses one slice at most and nothing runs that nobody waits for.
 */
final class ReliefWork extends FigureWork
{
    private const RELIEF = 'relief';

    /** What a slice takes; with it the request stays one that others need not wait for. */
    private const SLICE_SECONDS = 1.5;

    private ?Mesh $mesh = null;

    /** @var array<string, object{bytes: string|null, begun: string|null}>|null what is kept, read once and again after a write */
    private ?array $rows = null;

    private function __construct(
        private readonly Figure $figure,
        private readonly Sprays $sprays,
    ) {}

    /**
     * @throws \Kalokroma\Exchange\Faulty when the plan cannot be read
     * @throws \Illuminate\Database\Eloquent\ModelNotFoundException when the plan is deleted
     */
    public static function of(Figure $figure): self
    {
        $plan = $figure->relationLoaded('plan') ? $figure->plan : Plan::query()->findOrFail($figure->plan_id);

        return new self($figure, Sprays::of(PlanView::of($plan)->rehearsal));
    }

    /** @return float 0…1 of the directions that have to be looked from */
    public function share(): float
    {
        $whole = $done = 0;
        $rows = $this->rows();
        foreach ($this->wanted() as $what => $directions) {
            $whole += $directions;
            $row = $rows[$what] ?? null;
            $done += match (true) {
                $row === null => 0,
                $row->bytes !== null => $directions,
                default => self::directionsDone((string) $row->begun),
            };
        }

        return $whole === 0 ? 1.0 : $done / $whole;
    }

    public function isDone(): bool
    {
        return $this->next() === null;
    }

    /** What stands in an address of what was worked out: another when the sprays are others. */
    public function key(): string
    {
        return hash('xxh32', serialize(array_keys($this->wanted())));
    }

    /** Goes on for a slice. */
    public function goOn(): void
    {
        $until = microtime(true) + self::SLICE_SECONDS;
        do {
            $what = $this->next();
            if ($what === null) {
                return;
            }
            $exposure = $this->exposure($what);
            while (! $exposure->isDone() && microtime(true) < $until) {
                $exposure->goOn();
            }
            $this->keep($what, $exposure);
        } while (microtime(true) < $until);
    }

    /** @return string four bytes a vertex: zone (0 recess to 255 edge), openness, what comes from above, what comes from below */
    public function bytes(): string
    {
        $rows = $this->rows();
        $count = $this->figure->vertex_count;
        $relief = (string) ($rows[self::RELIEF]->bytes ?? '');
        $of = static fn(?Spray $spray): string => $spray === null ? str_repeat("\xFF", $count) : (string) ($rows[$spray->key()]->bytes ?? '');
        [$above, $below] = [$of($this->sprays->above), $of($this->sprays->below)];
        $bytes = '';
        for ($vertex = 0; $vertex < $count; $vertex++) {
            $bytes .= $relief[$vertex].$relief[$count + $vertex].$above[$vertex].$below[$vertex];
        }

        return $bytes;
    }

    /** @return list<Measure> what the sculpt says of each area; nothing while the relief is not worked out */
    public function measures(): array
    {
        $bytes = $this->rows()[self::RELIEF]->bytes ?? null;
        if ($bytes === null) {
            return [];
        }
        [$zones, $openness] = PackedRelief::read($bytes);
        $mesh = $this->mesh();

        return Measure::of($mesh, $this->figure->toLabels($mesh), $zones, $openness);
    }

    /** What was worked out elsewhere, the demo's for one. */
    public function take(string $what, string $bytes): void
    {
        $this->write($what, ['bytes' => $bytes, 'begun' => null]);
    }

    /** @return array<string, int> directions by what is worked out from them */
    private function wanted(): array
    {
        $wanted = [self::RELIEF => Exposure::AROUND];
        foreach ($this->sprays->all() as $spray) {
            $wanted[$spray->key()] = Exposure::OF_A_SPRAY;
        }

        return $wanted;
    }

    private function next(): ?string
    {
        return array_find(array_keys($this->wanted()), fn(string $what): bool => ($this->rows()[$what]->bytes ?? null) === null);
    }

    private function mesh(): Mesh
    {
        return $this->mesh ??= $this->figure->mesh();
    }

    private function exposure(string $what): Exposure
    {
        $mesh = $this->mesh();
        $spray = array_find($this->sprays->all(), static fn(Spray $one): bool => $one->key() === $what);
        $exposure = $spray === null ? Exposure::around($mesh) : Exposure::of($mesh, $spray);
        $row = $this->rows()[$what] ?? null;

        return $row === null || $row->begun === null ? $exposure : $exposure->resumed(self::begun((string) $row->begun));
    }

    private function keep(string $what, Exposure $exposure): void
    {
        if (! $exposure->isDone()) {
            $this->write($what, ['bytes' => null, 'begun' => self::packed($exposure->state())]);

            return;
        }
        if ($what !== self::RELIEF) {
            $this->take($what, PackedRelief::shares($exposure->reach()));

            return;
        }
        $this->take($what, PackedRelief::of($this->mesh(), $exposure->openness()));
    }

    /** @param array{bytes: string|null, begun: string|null} $state */
    private function write(string $what, array $state): void
    {
        DB::transaction(fn(): bool => DB::table('figure_reliefs')->updateOrInsert(['figure_id' => $this->figure->id, 'what' => $what], $state));
        $this->rows = null;
    }

    /** @return array<string, object{bytes: string|null, begun: string|null}> by what was worked out */
    private function rows(): array
    {
        if ($this->rows === null) {
            /** @var array<string, object{bytes: string|null, begun: string|null}> $rows */
            $rows = DB::table('figure_reliefs')->where('figure_id', $this->figure->id)->get()->keyBy('what')->all();
            $this->rows = $rows;
        }

        return $this->rows;
    }

    /** @param array{done: int, seen: list<float>, looked: list<float>} $state */
    private static function packed(array $state): string
    {
        return pack('V', $state['done']).pack('g*', ...$state['seen'], ...$state['looked']);
    }

    /** @return array{done: int, seen: list<float>, looked: list<float>} */
    private static function begun(string $packed): array
    {
        $values = array_values(unpack('g*', $packed, 4) ?: []);
        $half = intdiv(count($values), 2);

        return ['done' => self::directionsDone($packed), 'seen' => array_slice($values, 0, $half), 'looked' => array_slice($values, $half)];
    }

    private static function directionsDone(string $packed): int
    {
        /** @var array{1: int}|false $done */
        $done = unpack('V', $packed);

        return $done === false ? 0 : $done[1];
    }
}
