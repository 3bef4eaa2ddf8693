<?php

declare(strict_types=1);

namespace App\Console;

use Kalokroma\Exchange\CatalogueRow;
use Kalokroma\Exchange\DocumentPaints;
use Kalokroma\Exchange\Faulty;
use Kalokroma\Exchange\PlanDocument;
use Kalokroma\Exchange\RolesReader;
use Kalokroma\Exchange\ShelfCsv;
use Kalokroma\Matching\Shelf;
use Kalokroma\Mixing\Ingredient;
use Kalokroma\Mixing\Mix;
use Kalokroma\Paint\Paint;
use Kalokroma\Planning\IllegalSquad;
use Kalokroma\Planning\Squad;
use Kalokroma\Recipe\Plan;
use Kalokroma\Schedule\Job;

/** A command that works on a plan file, and perhaps on a catalogue and a shelf. */
abstract class PlanCommand extends FileCommand
{
    use TellsWrongWords;

    private ?PlanDocument $document = null;

    /** @throws Faulty when it is no plan file, one from the future, or no sound plan */
    protected function plan(): Plan
    {
        $document = $this->document();

        return $document->plan(DocumentPaints::of($document->fields));
    }

    protected function document(): PlanDocument
    {
        return $this->document ??= PlanDocument::ofFile($this->fields($this->word('plan'), 'plan file'));
    }

    /**
     * The models that are painted: so many of each role by `--roles`, or by `--models` so many of whom nothing is said; null when neither
     * is told.
     */
    protected function squad(Plan $plan): ?Squad
    {
        if ($this->option('roles') !== null) {
            return $this->option('models') === null ? $this->ofRoles($plan) : throw new WrongWords('Take --roles or --models, not both.');
        }
        if ($this->option('models') === null) {
            return null;
        }
        $models = $this->whole('models', 'a whole number of models');

        return $models >= 1 && $models <= Job::MOST_MODELS
            ? Squad::alike($models)
            : throw new WrongWords(sprintf('--models takes a whole number from 1 to %d.', Job::MOST_MODELS));
    }

    private function ofRoles(Plan $plan): Squad
    {
        try {
            return RolesReader::squad($this->optional('roles'), $plan);
        } catch (IllegalSquad $illegal) {
            throw new WrongWords('--roles: '.$illegal->getMessage());
        }
    }

    /** What is owned by the shelf file; null when none is named. The plan's own paints are known again by maker and code. */
    protected function ownedShelf(Plan $plan): ?Shelf
    {
        if ($this->option('shelf') === null) {
            return null;
        }
        $known = [];
        foreach ($plan->paints() as $paint) {
            $known["$paint->maker\n$paint->code"] = $paint;
        }
        $catalogue = $this->catalogue();
        $owned = $ml = [];
        foreach (ShelfCsv::read($this->file('shelf'), static fn(string $maker, string $code): bool => isset($catalogue["$maker\n$code"])) as $row) {
            $left = $row->remainingMl ?? $row->pots * $catalogue["$row->maker\n$row->code"]->volumeMl;
            if ($row->pots < 1 || $left <= 0.0) {
                continue;
            }
            $paint = $known["$row->maker\n$row->code"] ?? self::named($catalogue["$row->maker\n$row->code"], array_keys($plan->paints()));
            $owned[] = $paint;
            $ml[$paint->id] = $left;
        }

        return Shelf::of($owned, $ml);
    }

    /** @return list<array{maker: string, code: string, name: string, parts: int}> */
    protected static function parts(?Mix $mix): array
    {
        return array_map(
            static fn(Ingredient $one): array => self::part($one->paint, $one->parts),
            $mix->ingredients ?? [],
        );
    }

    /**
     * A paint under an id that can stand in a plan file.
     *
     * @param list<int|string> $taken
     */
    private static function named(CatalogueRow $row, array $taken): Paint
    {
        $id = mb_substr(trim((string) preg_replace('/[^a-z0-9]+/', '-', mb_strtolower("$row->maker $row->code")), '-'), 0, 36);

        return $row->toPaint(in_array($id, $taken, true) || $id === '' ? mb_substr($id, 0, 27).'-'.substr(hash('xxh32', $row->key()), 0, 8) : $id);
    }
}
