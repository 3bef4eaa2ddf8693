<?php

declare(strict_types=1);

namespace Kalokroma\Exchange;

use DateTimeImmutable;
use Kalokroma\Batch\Batch;
use Kalokroma\Batch\Entry;
use Kalokroma\Batch\OwnBrush;
use Kalokroma\Batch\Used;
use Kalokroma\Craft\Brush;
use Kalokroma\Planning\Done;
use Kalokroma\Planning\IllegalSquad;
use Kalokroma\Planning\Squad;
use Kalokroma\Planning\SquadPlan;
use Kalokroma\Recipe\Plan;
use Kalokroma\Recipe\Step;
use Kalokroma\Schedule\Job;

/** A batch as a file (docs/formats/batch.schema.json): its plan, its models, what is left out, and its log. */
final class BatchDocument
{
    public const FORMAT = 'kalokroma-batch';

    public const VERSION = 1;

    public const MOST_ENTRIES = 20000;

    private const LONGEST_ID = 64;

    private const LONGEST_BRUSH = 60;

    /**
     * @param array<mixed> $fields as decoded from JSON
     *
     * @throws Faulty with every fault and its dotted field
     */
    public static function read(array $fields): Batch
    {
        if (($fields['format'] ?? null) !== self::FORMAT) {
            throw Faulty::field('format', sprintf('This is no batch of Kalokroma: one says "format": "%s".', self::FORMAT));
        }
        if (($fields['version'] ?? null) !== self::VERSION) {
            throw Faulty::field('version', sprintf('This batch is written in a form that is not known here; version %d is.', self::VERSION));
        }
        $plan = self::plan(is_array($fields['plan'] ?? null) ? $fields['plan'] : []);
        $in = DocumentReader::of($fields);
        $squad = self::squad($plan, $in, $fields['models'] ?? null);
        $skipped = $in->texts('skipped', Plan::MOST_AREAS * Plan::MOST_STEPS, self::LONGEST_ID);
        $entries = array_map(self::entry(...), $in->each('log', self::MOST_ENTRIES));
        $in->mustBeSound();

        return Batch::of(SquadPlan::of($plan, $squad), array_values(array_filter($entries)), $skipped);
    }

    /**
     * @param array<mixed> $plan as it is written down
     *
     * @return array<string, mixed>
     */
    public static function write(string $name, string $startsOn, array $plan, Batch $batch): array
    {
        return [
            'format' => self::FORMAT,
            'version' => self::VERSION,
            'name' => $name,
            'startsOn' => $startsOn,
            'models' => SquadFields::write($batch->squad->squad) ?? $batch->squad->count(),
            'skipped' => $batch->skipped,
            'plan' => $plan,
            'log' => array_map(static fn(Entry $one): array => [
                'id' => $one->done->id,
                'step' => $one->done->stepId,
                'coat' => $one->done->coat,
                'on' => $batch->progress()->record()->modelsOf($one->done->id),
                'at' => gmdate('Y-m-d\TH:i:s\Z', $one->done->at),
                'used' => $one->used->toArray(),
                'minutes' => $one->minutes,
                'note' => $one->note,
                'brush' => $one->brush === null ? null : [
                    'name' => $one->brush->name, 'kind' => $one->brush->kind->value, 'keepsMetal' => $one->brush->keepsMetal,
                    'isWorn' => $one->brush->isWorn,
                ],
            ], $batch->entries),
        ];
    }

    private static function brush(DocumentReader $in): OwnBrush
    {
        return new OwnBrush(
            $in->text('name', self::LONGEST_BRUSH),
            $in->choice('kind', Brush::class),
            $in->truth('keepsMetal', false),
            $in->truth('isWorn', false),
        );
    }

    /**
     * @param array<mixed> $fields
     *
     * @throws Faulty with every fault, its field under `plan`
     */
    private static function plan(array $fields): Plan
    {
        try {
            $document = PlanDocument::ofFile($fields);

            return $document->plan(DocumentPaints::of($document->fields));
        } catch (Faulty $faulty) {
            throw Faulty::with(array_map(static fn(Fault $one): Fault => new Fault("plan.$one->field", $one->message), $faulty->faults));
        }
    }

    /** A number of models of whom nothing is said, or one entry each. */
    private static function squad(Plan $plan, DocumentReader $in, mixed $models): Squad
    {
        if (! is_array($models)) {
            $count = $in->whole('models', 1, Job::MOST_MODELS);

            return Squad::alike($count);
        }
        $members = SquadFields::read($in, 'models', Job::MOST_MODELS);
        $in->mustBeSound();
        try {
            return Squad::by($plan, $members);
        } catch (IllegalSquad $illegal) {
            throw Faulty::field(str_replace('squad.', 'models.', $illegal->field), $illegal->getMessage());
        }
    }

    private static function entry(DocumentReader $in): ?Entry
    {
        $step = $in->text('step', self::LONGEST_ID);
        $coat = $in->has('coat') ? $in->whole('coat', 1, Step::MOST_COATS) : null;
        $on = $in->has('on') ? $in->wholes('on', Job::MOST_MODELS, 1, Job::MOST_MODELS) : null;
        $models = $on === null ? $in->whole('models', 1, Job::MOST_MODELS) : max(1, count($on));
        $at = self::time($in);
        $minutes = $in->has('minutes') ? $in->whole('minutes', 0, 10000) : null;
        $note = $in->has('note') ? $in->text('note', 500, false) : '';
        $id = $in->has('id') ? $in->text('id', self::LONGEST_ID) : $in->path('');
        $brush = $in->has('brush') ? self::brush($in->under('brush')) : null;

        return $in->isSound()
            ? new Entry(new Done($step, $coat, $models, $at, $id, $on), Used::stored($in->raw('used')), $minutes, $note, $brush)
            : null;
    }

    /** @return int seconds since the epoch */
    private static function time(DocumentReader $in): int
    {
        $text = $in->text('at', 40);
        $at = preg_match('/^\d{4}-\d{2}-\d{2}T\d{2}:\d{2}(:\d{2})?(Z|[+-]\d{2}:\d{2})$/D', $text) === 1 ? date_create_immutable($text) : false;
        if ($at === false && $text !== '') {
            $in->fault('at', 'Write when it was done as 2026-11-30T19:30:00Z.');
        }

        return $at instanceof DateTimeImmutable ? $at->getTimestamp() : 0;
    }
}
