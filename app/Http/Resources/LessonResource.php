<?php

declare(strict_types=1);

namespace App\Http\Resources;

use App\Learning\LogLessons;
use App\Learning\Readings;
use App\Learning\Taught;
use App\Models\Product;
use Kalokroma\Amounts\Measures;
use Kalokroma\Craft\CraftBook;
use Kalokroma\Learning\Spread;

/** What the logbook teaches: the number that is reckoned with, the one that was learned, from how many records, and how far they scatter. */
final class LessonResource
{
    /** @return list<array<string, mixed>> */
    public static function all(LogLessons $lessons): array
    {
        $told = [];
        foreach ($lessons->paces() as $one) {
            $told[] = self::told(
                "pace:{$one->technique->id}",
                'pace',
                $one->technique->label,
                'min a coat',
                $one->technique->minutes,
                $one->minutes(),
                $one->ratio,
                $one->technique->minutes,
                sprintf('your pace for %s: %.1f of the usual', mb_strtolower($one->technique->label), $one->ratio->median),
            );
        }
        foreach ($lessons->opacities() as $one) {
            $told[] = self::told(
                "opacity:{$one->paint->id}",
                'opacity',
                $one->paint->name,
                '% in one coat',
                100 * (Taught::opacityBefore("opacity:{$one->paint->id}") ?? $one->before),
                100 * $one->learned,
                $one->coats,
                1.0,
                sprintf(
                    'took %s coats where %s were planned: one coat hides %.0f %% rather than %.0f %%',
                    self::number($one->coats->median),
                    self::number($one->plannedCoats),
                    100 * $one->learned,
                    100 * $one->before,
                ),
            );
        }
        foreach ($lessons->strengths() as $one) {
            $id = "strength:{$one->paint->id}";
            $before = Taught::opacityBefore($id) ?? $one->paint->opacity()->share;
            $told[] = self::told(
                $id,
                'strength',
                $one->paint->name,
                '% in one coat',
                100 * $before,
                100 * $one->opacity->median,
                $one->opacity,
                100.0,
                sprintf('mixes that were measured say that one coat hides %.0f %%', 100 * $one->opacity->median),
            );
        }
        foreach ($lessons->drying() as $one) {
            $told[] = self::told(
                "drying:{$one->technique->id}",
                'drying',
                $one->technique->label,
                'min to dry',
                $one->technique->dryMinutes,
                $one->minutes(),
                $one->ratio,
                $one->technique->dryMinutes,
                sprintf('dry after %.1f of the usual time in your room', $one->ratio->median),
            );
        }
        $palette = $lessons->palette();
        if ($palette !== null) {
            $told[] = self::told(
                'palette',
                'palette',
                'What stays on the palette',
                '%',
                100 * Measures::LOSS,
                100 * $palette->loss,
                $palette->ratio,
                1.0,
                sprintf('your pots fell by %.1f of what was reckoned', $palette->ratio->median),
            );
        }

        // What is in use can be forgotten, also when the records it came from are gone.
        foreach (array_diff(Taught::used(), array_column($told, 'id')) as $id) {
            $told[] = self::faded($id);
        }

        return $told;
    }

    /** @return array<string, mixed> */
    private static function faded(string $id): array
    {
        [$kind, $of] = [...explode(':', $id, 2), ''];
        [$before, $set] = Taught::numbers($id);
        [$title, $unit, $scale] = match ($kind) {
            'pace' => [CraftBook::standard()->technique($of)->label ?? $of, 'min a coat', 1.0],
            'drying' => [CraftBook::standard()->technique($of)->label ?? $of, 'min to dry', 1.0],
            'palette' => ['What stays on the palette', '%', 100.0],
            default => [Product::withTrashed()->find($of)->name ?? 'A paint since removed', '% in one coat', 100.0],
        };
        $default = $before ?? match ($kind) {
            'pace' => CraftBook::standard()->technique($of)->minutes ?? 0.0,
            'drying' => CraftBook::standard()->technique($of)->dryMinutes ?? 0,
            'palette' => Measures::LOSS,
            default => $set,
        };

        return [
            'id' => $id, 'kind' => $kind, 'title' => $title, 'unit' => $unit,
            'words' => 'in use; the records it was learned from are gone or struck out',
            'default' => round($default * $scale, 1), 'learned' => round($set * $scale, 1), 'samples' => 0,
            'low' => round($set * $scale, 1), 'high' => round($set * $scale, 1),
            'isUsed' => true, 'readings' => Readings::told($id),
        ];
    }

    /** @return array<string, mixed> */
    private static function told(
        string $id,
        string $kind,
        string $title,
        string $unit,
        float $default,
        float $learned,
        Spread $spread,
        float $scale,
        string $words,
    ): array {
        return [
            'id' => $id, 'kind' => $kind, 'title' => $title, 'unit' => $unit, 'words' => $words,
            'default' => round($default, 1), 'learned' => round($learned, 1),
            'samples' => $spread->samples, 'low' => round($spread->low * $scale, 1), 'high' => round($spread->high * $scale, 1),
            'isUsed' => Taught::isUsed($id),
            'readings' => Readings::told($id),
        ];
    }

    private static function number(float $value): string
    {
        return rtrim(rtrim(number_format($value, 1, '.', ''), '0'), '.');
    }
}
