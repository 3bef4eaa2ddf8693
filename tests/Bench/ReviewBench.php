<?php

declare(strict_types=1);

namespace Tests\Bench;

use Kalokroma\Exchange\DocumentPaints;
use Kalokroma\Exchange\PlanDocument;
use Kalokroma\Matching\Shelf;
use Kalokroma\Planning\Rehearsal;
use Kalokroma\Recipe\Plan;
use Kalokroma\Review\Finding;
use Kalokroma\Review\Review;
use Kalokroma\Review\Scene;
use Kalokroma\Review\Severity;
use Tests\Core\PlanSketch;
use Tests\Core\WildPlans;

/** Whether the review finds what goes wrong, keeps quiet about what does not, and mends without harm. */
final class ReviewBench
{
    private const WILD = 300;

    /**
     * @param bool $isGuessed with opacities as they are guessed of paints nobody has measured
     *
     * @return list<string> mistakes it says nothing of
     */
    public static function missed(bool $isGuessed): array
    {
        $missed = [];
        foreach (ReviewCorpus::mistakes() as $name => [$rule, $sketch]) {
            if (! in_array($rule, array_map(static fn(Finding $one): string => $one->rule, self::findings(self::plan(PlanSketch::document($sketch), $isGuessed))), true)) {
                $missed[] = "$name: $rule";
            }
        }

        return $missed;
    }

    /**
     * @param bool $isGuessed with opacities as they are guessed of paints nobody has measured
     *
     * @return list<string> what it calls grave in plans that are none the worse for it
     */
    public static function falseAlarms(bool $isGuessed): array
    {
        $alarms = [];
        foreach ([...ReviewCorpus::experts(), ...ReviewCorpus::sequences()] as $name => $sketch) {
            foreach (self::findings(self::plan(PlanSketch::document($sketch), $isGuessed)) as $one) {
                if ($one->severity === Severity::StopsTheJob || $one->severity === Severity::CostsTime) {
                    $alarms[] = "$name: $one->rule at $one->step, $one->words $one->why";
                }
            }
        }

        return $alarms;
    }

    /** @return array{list<string>, int} mends after which there is as much of as grave, and of how many, in the plans painters wrote */
    public static function harmful(): array
    {
        return self::harm(array_map(PlanSketch::document(...), [...array_column(ReviewCorpus::mistakes(), 1), ...array_values(ReviewCorpus::experts()), ...array_values(ReviewCorpus::sequences())]));
    }

    /** @return array{list<string>, int} the same of plans thrown together */
    public static function harmfulInWildPlans(int $plans = self::WILD): array
    {
        return self::harm(array_map(WildPlans::document(...), range(1, $plans)));
    }

    /** @param list<array{string, string, string}> $rows */
    public static function print(array $rows): void
    {
        foreach ($rows as [$what, $found, $wanted]) {
            Clock::row($what, $found, $wanted);
        }
    }

    /** @return list<array{string, string, string}> what, how much, what is wanted */
    public static function rows(): array
    {
        [$harm, $mends] = self::harmful();
        [$wildHarm, $wildMends] = self::harmfulInWildPlans();

        return [
            [sprintf('mistakes of %d missed, stated and guessed opacities', count(ReviewCorpus::mistakes())), sprintf('%d, %d', count(self::missed(false)), count(self::missed(true))), '<= 1'],
            [sprintf('false stop or time alarms on %d plans', count(ReviewCorpus::experts()) + count(ReviewCorpus::sequences())), sprintf('%d, %d', count(self::falseAlarms(false)), count(self::falseAlarms(true))), '0'],
            ["mends of $mends that leave as much of as grave", (string) count($harm), '0'],
            [sprintf('    of %d in %d plans thrown together', $wildMends, self::WILD), (string) count($wildHarm), '0'],
        ];
    }

    /**
     * @param list<array<string, mixed>> $documents
     *
     * @return array{list<string>, int}
     */
    private static function harm(array $documents): array
    {
        $harm = [];
        $mends = 0;
        foreach ($documents as $document) {
            $plan = self::plan($document, false);
            $before = self::findings($plan);
            foreach ($before as $finding) {
                // An area that is begun can be found fault with; before there was nothing of it.
                foreach ($finding->rule === 'empty-area' ? [] : $finding->mends as $mend) {
                    $mends++;
                    $after = self::findings($mend->edit->applyTo($plan));
                    if (self::asGraveAs($finding, $after) >= self::asGraveAs($finding, $before)) {
                        $harm[] = "$document[name]: $finding->rule at $finding->area $finding->step, $mend->label";
                    }
                }
            }
        }

        return [$harm, $mends];
    }

    /** @param list<Finding> $findings */
    private static function asGraveAs(Finding $finding, array $findings): int
    {
        return count(array_filter($findings, static fn(Finding $one): bool => $one->severity->rank() <= $finding->severity->rank()));
    }

    /** @return list<Finding> that are not silenced */
    private static function findings(Plan $plan): array
    {
        return array_values(array_filter(Review::of(Scene::of(Rehearsal::of($plan), self::shelf(), 5)), static fn(Finding $one): bool => ! $one->isSilenced && $one->rule !== 'no-stop'));
    }

    private static function shelf(): Shelf
    {
        static $shelf = null;

        return $shelf ??= Shelf::of(array_values(array_filter(DocumentPaints::of(PlanSketch::document(''))->paints, static fn($paint): bool => $paint->id !== 'shiny')));
    }

    /** @param array<string, mixed> $document */
    private static function plan(array $document, bool $isGuessed): Plan
    {
        if ($isGuessed) {
            $document['paints'] = array_map(static fn(array $paint): array => array_diff_key($paint, ['opacity' => 0]), (array) $document['paints']);
        }

        return PlanDocument::ofFile($document)->plan(DocumentPaints::of($document));
    }
}
