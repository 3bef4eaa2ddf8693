<?php

declare(strict_types=1);

namespace App\Learning;

use App\Models\Batch;
use App\Models\Product;
use App\Models\Setting;
use App\Support\Changes;
use App\Support\Kept;
use Kalokroma\Amounts\Measures;
use Kalokroma\Craft\CraftBook;
use Kalokroma\Craft\Technique;
use Kalokroma\Learning\DryLesson;
use Kalokroma\Learning\OpacityLesson;
use Kalokroma\Learning\PaceLesson;
use Kalokroma\Learning\StrengthLesson;
use Kalokroma\Learning\UseLesson;
use Kalokroma\Learning\Worked;
use Kalokroma\Paint\Paint;

/** What the logbook teaches, as far as it goes by now. */
final readonly class LogLessons
{
    /** @param list<Worked> $worked */
    private function __construct(public array $worked) {}

    /** Hands change over the years: the latest batches teach. */
    private const LATEST_BATCHES = 60;

    /**
     * How much quicker and slower than planned one has to allow for; kept until something more is recorded.
     *
     * @return array{quick: float, slow: float, samples: int}
     */
    public static function allowance(): array
    {
        return Kept::now()->of(
            'allowance',
            [Changes::desk(), Changes::of('log_entries', 'batches')],
            static fn(): array => PaceLesson::allowance(self::asItIs()->worked),
        );
    }

    /** @return list<string> ids of the techniques that the painter has recorded; kept until something more is */
    public static function practised(): array
    {
        return Kept::now()->of(
            'practised',
            [Changes::of('log_entries', 'batches')],
            static fn(): array => array_values(array_unique(array_map(
                static fn(Worked $one): string => $one->step->technique->id,
                self::asItIs()->worked,
            ))),
        );
    }

    public static function asItIs(): self
    {
        $worked = [];
        foreach (Batch::query()->whereHas('entries')->orderByDesc('starts_on')->limit(self::LATEST_BATCHES)->with('entries')->get() as $batch) {
            array_push($worked, ...$batch->core()->worked());
        }

        return new self($worked);
    }

    /** @return list<PaceLesson> */
    public function paces(): array
    {
        return PaceLesson::all($this->worked, static fn(string $id): Technique => Technique::of($id));
    }

    /** @return list<OpacityLesson> */
    public function opacities(): array
    {
        return OpacityLesson::all($this->worked);
    }

    public function palette(): ?UseLesson
    {
        return UseLesson::of(
            array_map(
                static fn(object $one): array => [
                    'reckoned' => (float) $one->reckoned_ml,
                    'really' => (float) $one->really_ml,
                    'loss' => (float) ($one->loss ?? Measures::LOSS),
                ],
                array_values(Readings::of('palette')->get()->all()),
            ),
            Setting::measures(),
        );
    }

    /** @return list<StrengthLesson> */
    public function strengths(): array
    {
        $readings = array_map(
            static fn(object $one): array => ['paint' => (string) $one->product_id, 'opacity' => (float) $one->opacity],
            array_values(Readings::of('strength')->get(['product_id', 'opacity'])->all()),
        );

        return StrengthLesson::all($readings, static fn(string $id): ?Paint => Product::query()->find($id)?->toCore());
    }

    /** @return list<DryLesson> */
    public function drying(): array
    {
        $readings = array_map(
            static fn(object $one): array => [
                'technique' => (string) $one->technique,
                'reckoned' => (float) $one->reckoned_minutes,
                'really' => (float) $one->really_minutes,
            ],
            array_values(Readings::of('drying')->get(['technique', 'reckoned_minutes', 'really_minutes'])->all()),
        );

        return DryLesson::all($readings, CraftBook::standard()->technique(...));
    }
}
