<?php

declare(strict_types=1);

namespace App\Console;

use Kalokroma\Exchange\CatalogueRow;
use Kalokroma\Exchange\DocumentPaints;
use Kalokroma\Exchange\Faulty;
use Kalokroma\Exchange\PlanDocument;
use Kalokroma\Exchange\RolesReader;
use Kalokroma\Matching\Shelf;
use Kalokroma\Paint\Paint;
use Kalokroma\Planning\IllegalSquad;
use Kalokroma\Planning\Squad;
use Kalokroma\Recipe\Plan;
use Kalokroma\Schedule\Job;

/** A command that works on a plan file, and perhaps on a catalogue and a shelf. */
abstract class PlanCommand extends FileCommand
{
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

        return Squad::alike($this->models());
    }

    protected function models(): int
    {
        return $this->whole('models', sprintf('a whole number from 1 to %d', Job::MOST_MODELS), 1, Job::MOST_MODELS);
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
        foreach ($this->pots($catalogue) as $row) {
            $owned[] = $paint = $known[$row->key()] ?? self::named($catalogue[$row->key()], array_keys($plan->paints()));
            $ml[$paint->id] = $row->remainingMl ?? $row->pots * $catalogue[$row->key()]->volumeMl;
        }

        return Shelf::of($owned, $ml);
    }

    /**
     * A paint under an id that can stand in a plan file.
     *
     * @param list<int|string> $taken
     */
    private static function named(CatalogueRow $row, array $taken): Paint
    {
        $id = $row->plainId(36);

        return $row->toPaint(in_array($id, $taken, true) || $id === '' ? $row->ownId() : $id);
    }
}
