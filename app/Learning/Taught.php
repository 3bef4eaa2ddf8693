<?php

declare(strict_types=1);

namespace App\Learning;

use App\Models\Product;
use App\Models\Setting;
use Illuminate\Support\Facades\DB;
use Illuminate\Validation\ValidationException;
use Kalokroma\Craft\CraftBook;
use Kalokroma\Craft\Habit;
use Kalokroma\Exchange\HabitReader;
use Kalokroma\Exchange\MeasuredFields;
use Kalokroma\Learning\OpacityLesson;
use Kalokroma\Paint\Measured;
use Kalokroma\Paint\Opacity;
use Kalokroma\Paint\Reading;
use Kalokroma\Paint\Source;

/**
 * Takes over what was learned, and lets it go again. Minutes and drying become the painter's own in the handbook, opacity the paint's, loss
 * that of the amounts. What was there before is kept, so that forgetting brings it back, unless the painter has set something else since:
 * that stays.
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
            $place = self::place($id);
            if ($use) {
                $before = self::isUsed($id) ? self::remembered($id)['before'] : $place->read();
                $place->write(self::learned($id, LogLessons::asItIs()));
                self::keep($id, ['before' => $before, 'set' => $place->read()]);

                return;
            }
            $kept = self::isUsed($id) ? self::remembered($id) : throw self::unknown();
            Setting::keep('taught', array_diff_key(Setting::kept('taught'), [$id => true]));
            if ($kept['set'] === null || $place->read() === $kept['set']) {
                $place->write($kept['before']);
            }
        });
    }

    /** Opacity of a paint as it stood before a lesson was taken over, 0…1; null when none was, or none was set. */
    public static function opacityBefore(string $id): ?float
    {
        $before = self::isUsed($id) ? self::remembered($id)['before'] : [];
        $opacity = $before['strength']['opacity'] ?? $before['opacity'] ?? null;

        return is_numeric($opacity) ? (float) $opacity : null;
    }

    /** @return list<string> ids of the lessons that are in use */
    public static function used(): array
    {
        return array_map(strval(...), array_keys(Setting::kept('taught')));
    }

    /** @return array{float|null, float} the number that stood there before a lesson in use, null for none, and the one it has put in its place */
    public static function numbers(string $id): array
    {
        $kept = self::remembered($id);
        $number = static function (?array $fields): ?float {
            $one = $fields['strength']['opacity']
                ?? $fields['minutes']
                ?? $fields['dryMinutes']
                ?? $fields['palettePart']
                ?? $fields['opacity']
                ?? null;

            return is_numeric($one) ? (float) $one : null;
        };

        return [$number($kept['before']), $number($kept['set']) ?? $number($kept['before']) ?? 0.0];
    }

    public static function isUsed(string $id): bool
    {
        return array_key_exists($id, Setting::kept('taught'));
    }

    /**
     * What is to be written for a lesson, as its place holds it.
     *
     * @return array<string, mixed>
     *
     * @throws ValidationException when the logbook does not teach it
     */
    private static function learned(string $id, LogLessons $lessons): array
    {
        [$kind, $of] = [...explode(':', $id, 2), ''];
        foreach ($kind === 'pace' ? $lessons->paces() : [] as $pace) {
            if ($pace->technique->id === $of) {
                return ['minutes' => $pace->minutes()];
            }
        }
        foreach ($kind === 'drying' ? $lessons->drying() : [] as $drying) {
            if ($drying->technique->id === $of) {
                return ['dryMinutes' => $drying->minutes()];
            }
        }
        foreach ($kind === 'opacity' ? $lessons->opacities() : [] as $opacity) {
            if ($opacity->paint->id === $of) {
                return ['opacity' => round($opacity->learned, 3), 'strength' => self::corrected(Product::query()->findOrFail($of), $opacity)];
            }
        }
        foreach ($kind === 'strength' ? $lessons->strengths() : [] as $strength) {
            if ($strength->paint->id === $of) {
                return ['strength' => self::strength($strength->opacity->median, Source::Mix, $strength->opacity->samples)];
            }
        }
        $palette = $kind === 'palette' ? $lessons->palette() : null;

        return $palette === null ? throw self::unknown() : ['palettePart' => round($palette->loss, 3)];
    }

    /**
     * What was measured goes before what is typed, so a strength that was measured is corrected where it stands.
     *
     * @return array<string, mixed>|null
     */
    private static function corrected(Product $product, OpacityLesson $lesson): ?array
    {
        return $product->measured()->strength === null ? null : self::strength($lesson->learned, Source::Typed, $lesson->coats->samples);
    }

    /** @return array<string, mixed> as MeasuredFields writes it */
    private static function strength(float $opacity, Source $source, int $samples): array
    {
        $measured = Measured::nothing()->withStrength(Opacity::of($opacity), Reading::of($source, min(Reading::MOST, $samples)));

        return MeasuredFields::write($measured)['strength'] ?? [];
    }

    /** @throws ValidationException when there is no such place */
    private static function place(string $id): Place
    {
        [$kind, $of] = [...explode(':', $id, 2), ''];

        return match ($kind) {
            'pace' => self::habitPlace($of, 'minutes'),
            'drying' => self::habitPlace($of, 'dryMinutes'),
            'opacity', 'strength' => self::paintPlace($of),
            'palette' => new Place(
                static fn(): array => ['palettePart' => Setting::kept('measures')['palettePart'] ?? null],
                static fn(array $value) => Setting::keep('measures', [...Setting::kept('measures'), ...$value]),
            ),
            default => throw self::unknown(),
        };
    }

    /** @param 'minutes'|'dryMinutes' $field */
    private static function habitPlace(string $technique, string $field): Place
    {
        return new Place(
            static fn(): array => [$field => self::habit($technique)->{$field}],
            static function (array $value) use ($technique, $field): void {
                $habit = self::habit($technique);
                $minutes = $field === 'minutes' ? $value[$field] : $habit->minutes;
                $dry = $field === 'dryMinutes' ? $value[$field] : $habit->dryMinutes;
                Setting::keepHabit(new Habit(
                    $habit->technique,
                    $habit->coats,
                    $habit->paint,
                    $habit->thinner,
                    $habit->with,
                    $habit->brush,
                    $habit->neatness,
                    $minutes === null ? null : (float) $minutes,
                    $dry === null ? null : (int) $dry,
                ));
            },
        );
    }

    /** Only opacity and strength of a paint: a colour that was measured since is not the lesson's to take. */
    private static function paintPlace(string $paint): Place
    {
        return new Place(
            static function () use ($paint): array {
                $product = Product::query()->find($paint) ?? throw self::unknown();

                return ['opacity' => $product->opacity, 'strength' => $product->measured['strength'] ?? null];
            },
            static function (array $value) use ($paint): void {
                $product = Product::query()->find($paint) ?? throw self::unknown();
                $measured = $product->measured ?? [];
                if (array_key_exists('strength', $value)) {
                    $measured = [
                        ...array_diff_key($measured, ['strength' => true]),
                        ...($value['strength'] === null ? [] : ['strength' => $value['strength']]),
                    ];
                }
                $product->update([
                    'opacity' => array_key_exists('opacity', $value) ? $value['opacity'] : $product->opacity,
                    'measured' => $measured === [] ? null : $measured,
                    'version' => $product->version + 1,
                ]);
            },
        );
    }

    /** @throws ValidationException when there is no such technique */
    private static function habit(string $technique): Habit
    {
        foreach (Setting::habits() as $kept) {
            if (($kept['technique'] ?? null) === $technique) {
                return HabitReader::all([$kept])[0];
            }
        }

        return new Habit((CraftBook::standard()->technique($technique) ?? throw self::unknown())->id);
    }

    /** @param array{before: array<string, mixed>, set: array<string, mixed>} $kept */
    private static function keep(string $id, array $kept): void
    {
        Setting::keep('taught', [...Setting::kept('taught'), $id => $kept]);
    }

    /** @return array{before: array<string, mixed>, set: array<string, mixed>|null} earlier releases kept only what was before */
    private static function remembered(string $id): array
    {
        /** @var array{before: array<string, mixed>, set: array<string, mixed>}|array<string, mixed> $kept */
        $kept = Setting::kept('taught')[$id];
        if (isset($kept['before'], $kept['set']) && is_array($kept['before']) && is_array($kept['set'])) {
            return ['before' => $kept['before'], 'set' => $kept['set']];
        }
        $measured = is_array($kept['measured'] ?? null) ? $kept['measured'] : [];

        return [
            'before' => array_key_exists('measured', $kept)
                ? [...array_diff_key($kept, ['measured' => true]), 'strength' => $measured['strength'] ?? null]
                : $kept,
            'set' => null,
        ];
    }

    private static function unknown(): ValidationException
    {
        return ValidationException::withMessages(['id' => 'The logbook does not teach this, or no longer. Load the list anew.']);
    }
}
