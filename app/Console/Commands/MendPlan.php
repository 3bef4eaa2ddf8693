<?php

declare(strict_types=1);

namespace App\Console\Commands;

use App\Console\PlanCommand;
use App\Console\WrongWords;
use Kalokroma\Exchange\Faulty;
use Kalokroma\Planning\Rehearsal;
use Kalokroma\Recipe\IllegalPlan;
use Kalokroma\Review\Finding;
use Kalokroma\Review\Review;
use Kalokroma\Review\Scene;

final class MendPlan extends PlanCommand
{
    protected $signature = 'kalokroma:mend
        {plan : Plan file}
        {--finding= : Rule whose finding is mended}
        {--area= : Area it is about, when there are several}
        {--step= : Step it is about, when there are several}
        {--mend=1 : Which of its mends}
        {--paints= : Catalogue file (CSV)}
        {--shelf= : Shelf file (CSV)}
        {--models= : How many models are painted by it}
        {--roles= : How many there are of each role, as leader:1,rank:7,:2; in place of --models}
        {--json : Answer as JSON, as it always does}';

    protected $description = 'Makes one mend in a plan and writes the changed plan file';

    protected function answer(): array
    {
        $plan = $this->plan();
        $rule = $this->option('finding');
        if (! is_string($rule) || ! in_array($rule, array_column(Review::rules(), 'id'), true)) {
            throw new WrongWords('--finding takes the id of a rule, such as blotchy-wash.');
        }
        $finding = $this->finding(Review::of(Scene::of(Rehearsal::of($plan), $this->ownedShelf($plan), $this->squad($plan)?->count())), $rule);
        $mend = $finding->mends[$this->whole('mend', 'the number of a mend, from 1') - 1]
            ?? throw new WrongWords(sprintf('This finding has %d mends.', count($finding->mends)));
        try {
            return $this->document()->saying($mend->edit->applyTo($plan))->fields;
        } catch (IllegalPlan $illegal) {
            throw Faulty::field($illegal->field, $illegal->getMessage());
        }
    }

    protected function tell(array $answer): void
    {
        $this->json($answer, JSON_PRESERVE_ZERO_FRACTION);
    }

    /** @param list<Finding> $findings */
    private function finding(array $findings, string $rule): Finding
    {
        foreach ($findings as $finding) {
            if (
                $finding->rule === $rule
                && in_array($this->option('area'), [null, $finding->area], true)
                && in_array($this->option('step'), [null, $finding->step], true)
            ) {
                return $finding;
            }
        }

        throw new WrongWords("The review finds no $rule there. Ask kalokroma:review what it finds.");
    }
}
