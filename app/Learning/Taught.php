<?php

declare(strict_types=1);

namespace App\Learning;

use App\Models\Product;
use App\Models\Setting;
use Illuminate\Support\Facades\DB;
use Illuminate\Validation\ValidationException;
use Kalokroma\Craft\CraftBook;
use Kalokroma\Craft\Habit;
use Kalokroma\Exchange\MeasuredFields;
use Kalokroma\Learning\OpacityLesson;
use Kalokroma\Paint\Opacity;
use Kalokroma\Paint\Reading;
use Kalokroma\Paint\Source;

/**
 * Takes over what was learned, and lets it go again. Minutes and drying become the painter's own in the handbook, opacity the paint's, loss that of the
 * amounts; what was there before is kept, so that forgetting brings it back.
 */
final class Taught
{
    /**
     * @param string $id as `pace:layer`, `drying:wash`, `opacity:PAINT`, `strength:PAINT` or `palette`
     *
     * @throws ValidationException when there is no such lesson
     */
    public static function settle(string $id, bool $use): void
    {
        DB::transaction(static function () use ($id, $use): void {
            [$kind, $of] = [...explode(':', $id, 2), ''];
            $lessons = LogLessons::asItIs();
            match ($kind) {
                'pace' => self::minutes($id, $of, $use, $lessons),
                'drying' => self::drying($id, $of, $use, $lessons),
                'opacity' => self::opacity($id, $of, $use, $lessons),
                'strength' => self::strength($id, $of, $use, $lessons),
                'palette' => self::palette($id, $use, $lessons),
                default => throw self::unknown(),
            };
        });
    }

    /** Opacity of a paint as it stood before a lesson was taken over, 0…1; null when none was, or none was set. */
    public static function opacityBefore(string $id): ?float
    {
        $kept = Setting::kept('taught')[$id] ?? null;
        $before = is_array($kept) ? $kept['opacity'] ?? $kept['measured']['strength']['opacity'] ?? null : null;

        return is_numeric($before) ? (float) $before : null;
    }

    public static function isUsed(string $id): bool
    {
        return array_key_exists($id, Setting::kept('taught'));
    }

    private static function minutes(string $id, string $technique, bool $use, LogLessons $lessons): void
    {
        $habit = self::habit($technique);
        if ($use) {
            foreach ($lessons->paces() as $lesson) {
                if ($lesson->technique->id === $technique) {
                    self::remember($id, ['minutes' => $habit->minutes]);
                    self::keep($habit, minutes: $lesson->minutes(), dryMinutes: $habit->dryMinutes);

                    return;
                }
            }

            throw self::unknown();
        }
        $before = self::forget($id);
        self::keep($habit, minutes: isset($before['minutes']) ? (float) $before['minutes'] : null, dryMinutes: $habit->dryMinutes);
    }

    private static function drying(string $id, string $technique, bool $use, LogLessons $lessons): void
    {
        $habit = self::habit($technique);
        if ($use) {
            foreach ($lessons->drying() as $lesson) {
                if ($lesson->technique->id === $technique) {
                    self::remember($id, ['dryMinutes' => $habit->dryMinutes]);
                    self::keep($habit, minutes: $habit->minutes, dryMinutes: $lesson->minutes());

                    return;
                }
            }

            throw self::unknown();
        }
        $before = self::forget($id);
        self::keep($habit, minutes: $habit->minutes, dryMinutes: isset($before['dryMinutes']) ? (int) $before['dryMinutes'] : null);
    }

    private static function opacity(string $id, string $paint, bool $use, LogLessons $lessons): void
    {
        $product = Product::query()->find($paint) ?? throw self::unknown();
        if ($use) {
            foreach ($lessons->opacities() as $lesson) {
                if ($lesson->paint->id === $paint) {
                    self::remember($id, ['opacity' => $product->opacity, 'measured' => $product->measured]);
                    $product->update(['opacity' => round($lesson->learned, 3), 'measured' => self::corrected($product, $lesson), 'version' => $product->version + 1]);

                    return;
                }
            }

            throw self::unknown();
        }
        $before = self::forget($id);
        $product->update(['opacity' => $before['opacity'] ?? null, 'measured' => $before['measured'] ?? null, 'version' => $product->version + 1]);
    }

    /**
     * What was measured goes before what is typed, so a strength that was measured is corrected where it stands.
     *
     * @return array<string, array<string, mixed>>|null
     */
    private static function corrected(Product $product, OpacityLesson $lesson): ?array
    {
        $measured = $product->measured();

        return MeasuredFields::write($measured->strength === null ? $measured : $measured->withStrength(Opacity::of($lesson->learned), Reading::of(Source::Typed, min(Reading::MOST, $lesson->coats->samples))));
    }

    private static function strength(string $id, string $paint, bool $use, LogLessons $lessons): void
    {
        $product = Product::query()->find($paint) ?? throw self::unknown();
        if ($use) {
            foreach ($lessons->strengths() as $lesson) {
                if ($lesson->paint->id === $paint) {
                    self::remember($id, ['measured' => $product->measured]);
                    $reading = Reading::of(Source::Mix, min(Reading::MOST, $lesson->opacity->samples));
                    $product->update(['measured' => MeasuredFields::write($product->measured()->withStrength(Opacity::of($lesson->opacity->median), $reading)), 'version' => $product->version + 1]);

                    return;
                }
            }

            throw self::unknown();
        }
        $before = self::forget($id);
        $product->update(['measured' => $before['measured'] ?? null, 'version' => $product->version + 1]);
    }

    private static function palette(string $id, bool $use, LogLessons $lessons): void
    {
        $measures = Setting::kept('measures');
        if ($use) {
            $lesson = $lessons->palette() ?? throw self::unknown();
            self::remember($id, ['palettePart' => $measures['palettePart'] ?? null]);
            Setting::keep('measures', [...$measures, 'palettePart' => round($lesson->loss, 3)]);
        } else {
            $before = self::forget($id);
            Setting::keep('measures', [...$measures, 'palettePart' => $before['palettePart'] ?? null]);
        }
    }

    private static function habit(string $technique): Habit
    {
        foreach (Setting::habits() as $kept) {
            if (($kept['technique'] ?? null) === $technique) {
                return \Kalokroma\Exchange\HabitReader::all([$kept])[0];
            }
        }

        return new Habit((CraftBook::standard()->technique($technique) ?? throw self::unknown())->id);
    }

    private static function keep(Habit $habit, ?float $minutes, ?int $dryMinutes): void
    {
        Setting::keepHabit(new Habit($habit->technique, $habit->coats, $habit->paint, $habit->thinner, $habit->with, $habit->brush, $habit->neatness, $minutes, $dryMinutes));
    }

    /** @param array<string, mixed> $before */
    private static function remember(string $id, array $before): void
    {
        if (! self::isUsed($id)) {
            Setting::keep('taught', [...Setting::kept('taught'), $id => $before]);
        }
    }

    /**
     * @return array<string, mixed>
     *
     * @throws ValidationException when it was not in use
     */
    private static function forget(string $id): array
    {
        $taught = Setting::kept('taught');
        if (! self::isUsed($id)) {
            throw self::unknown();
        }
        $before = is_array($taught[$id]) ? $taught[$id] : [];
        Setting::keep('taught', array_diff_key($taught, [$id => true]));

        return $before;
    }

    private static function unknown(): ValidationException
    {
        return ValidationException::withMessages(['id' => 'The logbook does not teach this, or no longer. Load the list anew.']);
    }
}
