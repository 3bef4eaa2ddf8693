<?php

declare(strict_types=1);

namespace App\Batches;

use App\Models\Batch;
use App\Models\LogEntry;
use Illuminate\Database\Eloquent\Builder;
use Kalokroma\Craft\CraftBook;

/**
 * Finds entries of the logbook by words: in the note, in the name of the batch, in the area, technique and paints of the step.
 */
final class LogSearch
{
    /**
     * @param Builder<LogEntry> $entries
     *
     * @return Builder<LogEntry>
     */
    public static function on(Builder $entries, string $words): Builder
    {
        foreach (preg_split('/\s+/', mb_strtolower(trim($words)), -1, PREG_SPLIT_NO_EMPTY) ?: [] as $word) {
            $steps = self::steps($word);
            $like = '%'.addcslashes($word, '%_\\').'%';
            $entries->where(static function (Builder $any) use ($like, $steps): void {
                $any->whereHas('batch', static fn(Builder $batch) => $batch->whereRaw("name like ? escape '\\'", [$like]));
                $any->orWhereRaw("note like ? escape '\\'", [$like]);
                foreach ($steps as $batch => $ids) {
                    $any->orWhere(static fn(Builder $one) => $one->where('batch_id', $batch)->whereIn('step_id', $ids));
                }
            });
        }

        return $entries;
    }

    /** @return list<string> ids of the entries of a batch that are about an area, or one of its models */
    public static function about(string $batchId, ?string $areaId, ?int $model): array
    {
        $batch = Batch::query()->with('entries')->find($batchId);
        if ($batch === null) {
            return [];
        }
        $plan = $batch->toCore();
        $record = Tallies::tally($batch, $batch->done())->record;

        return array_values($batch->entries->filter(
            static fn(LogEntry $entry): bool => ($areaId === null || ($plan->find($entry->step_id)[0]->id ?? null) === $areaId)
                && ($model === null || in_array($model, $record->modelsOf($entry->id), true)),
        )->map(static fn(LogEntry $entry): string => $entry->id)->all());
    }

    /** @return array<string, list<string>> ids of the steps that a word is about, by batch */
    private static function steps(string $word): array
    {
        $steps = [];
        foreach (Batch::query()->get(['id', 'document']) as $batch) {
            foreach (self::told($batch->document) as $id => $text) {
                if (str_contains($text, $word)) {
                    $steps[$batch->id][] = (string) $id;
                }
            }
        }

        return $steps;
    }

    /**
     * @param array<string, mixed> $document
     *
     * @return array<string, string> what each step is about, by its id
     */
    private static function told(array $document): array
    {
        /**
         * @var array{
         *     areas?: list<array{name: string, steps: list<array{id: string, technique: string, mix?: list<array{paint: string}>}>}>,
         *     wholeModel?: list<array{id: string, technique: string, mix?: list<array{paint: string}>}>,
         *     paints?: list<array{id: string, name: string}>,
         * } $document as the core has written it
         */
        $paints = array_column($document['paints'] ?? [], 'name', 'id');
        $told = [];
        foreach ([...$document['areas'] ?? [], ['name' => 'Whole model', 'steps' => $document['wholeModel'] ?? []]] as $area) {
            foreach ($area['steps'] as $step) {
                $names = array_map(static fn(array $part): string => $paints[$part['paint']] ?? '', $step['mix'] ?? []);
                $told[$step['id']] = mb_strtolower(implode(
                    ' ',
                    [$area['name'], CraftBook::standard()->technique($step['technique'])->label ?? '', ...$names],
                ));
            }
        }

        return $told;
    }
}
