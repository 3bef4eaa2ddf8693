<?php

declare(strict_types=1);

namespace Tests\Bench;

use Kalokroma\Exchange\DocumentPaints;
use Kalokroma\Exchange\PlanDocument;
use Kalokroma\Matching\PaintNames;
use Kalokroma\Matching\Shelf;
use Kalokroma\Paint\Paint;
use Kalokroma\Planning\Rehearsal;
use Kalokroma\Recipe\Edit\Edit;
use Kalokroma\Recipe\Edit\Several;
use Kalokroma\Recipe\Plan;
use Kalokroma\Review\Aftermath;
use Kalokroma\Review\Finding;
use Kalokroma\Review\GoesAlong;
use Kalokroma\Review\Review;
use Kalokroma\Review\Scene;
use Kalokroma\Review\Severity;
use Kalokroma\Writing\Guide\Guide;
use Kalokroma\Writing\Guide\GuideReader;
use Tests\Core\PlanSketch;
use Tests\Core\WildPlans;
use Tests\Core\Writing\DemoPaints;

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
            if (! in_array(
                $rule,
                array_map(static fn(Finding $one): string => $one->rule, self::findings(self::plan(PlanSketch::document($sketch), $isGuessed))),
                true,
            )) {
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

    /**
     * @return array{read: int, all: int, missed: list<string>, lost: list<string>} facts of guides that were read; paints of which nothing
     *     is said at all
     */
    public static function guides(): array
    {
        $paints = [...DemoPaints::owned(), ...DemoPaints::forSale()];
        $names = PaintNames::of($paints);
        $all = 0;
        $missed = $lost = [];
        foreach ([...GuideCorpus::guides(), ...GuideCorpus::unseen()] as $style => [$text, $facts]) {
            $guide = GuideReader::read($text, $names);
            $made = self::facts($guide);
            foreach ($facts as $fact) {
                $all++;
                $parts = explode(' | ', $fact);
                $isMade = array_filter(
                    $made,
                    static fn(string $one): bool => array_slice(explode(' | ', $one), 0, 3) === array_slice($parts, 0, 3)
                        && array_filter(array_slice($parts, 3), static fn(string $more): bool => ! str_contains($one, $more)) === [],
                );
                $missed = $isMade === [] ? [...$missed, "$style: $fact"] : $missed;
            }
            $told = implode(
                "\n",
                [
                    ...$made,
                    ...array_column($guide->leftOver, 'text'),
                    ...$guide->unknownPaints,
                    ...array_column($guide->plan->areas, 'name'),
                    ...array_map(static fn(Paint $one): string => $one->name, [...$guide->listedUnused, ...$guide->usedUnlisted]),
                ],
            );
            foreach ($paints as $paint) {
                $isSaid = preg_match(
                    '/(?<!\w)'.preg_quote($paint->name, '/').'(?! (?:Wash|Primer|Varnish|Brass|Brown))(?!\w)/u',
                    strip_tags((string) preg_replace('~<script.*?</script>~s', '', $text)),
                ) === 1;
                if ($isSaid && ! str_contains($told, $paint->name) && $guide->unread === []) {
                    $lost[] = "$style: $paint->name";
                }
            }
        }

        return ['read' => $all - count($missed), 'all' => $all, 'missed' => $missed, 'lost' => $lost];
    }

    /** @return list<string> texts taken for guides that are none */
    public static function takenForGuides(): array
    {
        $names = PaintNames::of([...DemoPaints::owned(), ...DemoPaints::forSale()]);

        return array_values(array_filter(
            GuideCorpus::others(),
            static fn(string $text): bool => GuideReader::read($text, $names)->plan->areas !== [],
        ));
    }

    /** @return list<string> area, technique, paints, ratio, coats and place of each step */
    private static function facts(Guide $guide): array
    {
        $facts = [];
        foreach ([...$guide->plan->areas, null] as $area) {
            foreach ($area->steps ?? $guide->plan->wholeModel as $step) {
                $facts[] = sprintf(
                    '%s | %s | %s | %s | x%d | %s',
                    $area->id ?? 'whole',
                    $step->technique->id,
                    $step->words(),
                    $step->dilution->words(),
                    $step->coats,
                    $step->place->value,
                );
            }
        }
        foreach ($guide->read as $one) {
            $facts[] = sprintf(
                '%s | %s | %s',
                $one['area'] ?? 'undercoat',
                $one['technique'],
                implode(' : ', array_map(static fn(array $pair): string => $pair[0]->name, $one['paints'])),
            );
        }

        return $facts;
    }

    /**
     * @return array{harm: list<string>, kept: int, all: int} mends that are offered and after which, with what goes along, there is as much of
     *     as grave; those that are not offered for that; of how many, in the plans painters wrote
     */
    public static function harmful(): array
    {
        return self::harm(array_map(
            PlanSketch::document(...),
            [...array_column(ReviewCorpus::mistakes(), 1), ...array_values(ReviewCorpus::experts()), ...array_values(ReviewCorpus::sequences())],
        ));
    }

    /** @return array{harm: list<string>, kept: int, all: int} the same of plans thrown together */
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
        $written = self::harmful();
        $wild = self::harmfulInWildPlans();

        $guides = self::guides();

        return [
            [
                sprintf('mistakes of %d missed, stated and guessed opacities', count(ReviewCorpus::mistakes())),
                sprintf('%d, %d', count(self::missed(false)), count(self::missed(true))),
                '<= 1',
            ],
            [
                sprintf('false stop or time alarms on %d plans', count(ReviewCorpus::experts()) + count(ReviewCorpus::sequences())),
                sprintf('%d, %d', count(self::falseAlarms(false)), count(self::falseAlarms(true))),
                '0',
            ],
            ["mends of $written[all] that leave as much of as grave", (string) count($written['harm']), '0'],
            ['    not offered for that', (string) $written['kept'], ''],
            [sprintf('    of %d in %d plans thrown together', $wild['all'], self::WILD), (string) count($wild['harm']), '0'],
            ['    not offered for that', (string) $wild['kept'], ''],
            [
                sprintf('facts of %d guides read', count(GuideCorpus::guides()) + count(GuideCorpus::unseen())),
                sprintf('%d of %d', $guides['read'], $guides['all']),
                '>= 85 %',
            ],
            ['    paints of them lost without a word', (string) count($guides['lost']), '0'],
            [sprintf('    of %d other texts taken for guides', count(GuideCorpus::others())), (string) count(self::takenForGuides()), '0'],
        ];
    }

    /**
     * @param list<array<string, mixed>> $documents
     *
     * @return array{harm: list<string>, kept: int, all: int}
     */
    private static function harm(array $documents): array
    {
        $harm = [];
        $kept = $mends = 0;
        foreach ($documents as $document) {
            $plan = self::plan($document, false);
            $before = self::findings($plan);
            foreach ($before as $finding) {
                // An area that is begun can be found fault with; before there was nothing of it.
                foreach ($finding->rule === 'empty-area' ? [] : $finding->mends as $mend) {
                    $mends++;
                    $along = GoesAlong::with($finding, $mend->edit, $before, $plan, self::findings(...));
                    if ($along === null) {
                        $kept++;
                        continue;
                    }
                    $all = new Several([$mend->edit, ...array_map(static fn(array $one): Edit => $one['mend']->edit, $along)]);
                    $after = self::findings($all->applyTo($plan));
                    if (! Aftermath::isLess($finding, $before, $after)) {
                        $harm[] = "$document[name]: $finding->rule at $finding->area $finding->step, $mend->label";
                    }
                }
            }
        }

        return ['harm' => $harm, 'kept' => $kept, 'all' => $mends];
    }

    /** @return list<Finding> that are not silenced */
    private static function findings(Plan $plan): array
    {
        return array_values(array_filter(
            Review::of(Scene::of(Rehearsal::of($plan), self::shelf(), 5)),
            static fn(Finding $one): bool => ! $one->isSilenced && $one->rule !== 'no-stop',
        ));
    }

    private static function shelf(): Shelf
    {
        static $shelf = null;

        return $shelf ??= Shelf::of(array_values(array_filter(
            DocumentPaints::of(PlanSketch::document(''))->paints,
            static fn($paint): bool => $paint->id !== 'shiny',
        )));
    }

    /** @param array<string, mixed> $document */
    private static function plan(array $document, bool $isGuessed): Plan
    {
        if ($isGuessed) {
            $document['paints'] = array_map(
                static fn(array $paint): array => array_diff_key($paint, ['opacity' => 0]),
                (array) $document['paints'],
            );
        }

        return PlanDocument::ofFile($document)->plan(DocumentPaints::of($document));
    }
}
