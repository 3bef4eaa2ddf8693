<?php

declare(strict_types=1);

namespace Tests\Core\Review;

use Kalokroma\Exchange\DocumentPaints;
use Kalokroma\Exchange\PlanDocument;
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
use Kalokroma\Review\TakeMend;
use PHPUnit\Framework\TestCase;
use Tests\Core\WildPlans;

/** What a mend brings up besides. */
final class AftermathTest extends TestCase
{
    public function testItIsWhatIsNewAndMoreThanTasteTheGravestFirst(): void
    {
        $one = static fn(string $rule, Severity $severity, string $area = 'a', bool $isSilenced = false): Finding => new Finding(
            $rule,
            $severity,
            $area,
            null,
            "$rule $area",
            '',
            '',
            [],
            $isSilenced,
        );
        $before = [$one('known', Severity::StopsTheJob), $one('gone', Severity::CostsTime)];
        $after = [
            $one('known', Severity::StopsTheJob), $one('known', Severity::Risk, 'b'), $one('taste', Severity::Taste),
            $one('silent', Severity::StopsTheJob, 'a', true),
            $one('grave', Severity::StopsTheJob), $one('slow', Severity::CostsTime), $one('slow', Severity::CostsTime, 'c'),
        ];

        self::assertSame(
            ['grave a', 'slow a', 'slow c'],
            array_map(static fn(Finding $new): string => $new->words, Aftermath::of($before, $after)),
        );
        self::assertSame([], Aftermath::of($after, $after));
        self::assertSame([], Aftermath::of($before, []));
    }

    /**
     * Whatever a mend brings up, what goes along with it settles too: made together they leave less. One in forty has nothing that would,
     * and is not offered. What begins an area is no mend of a mistake.
     */
    public function testWhatGoesAlongLeavesLess(): void
    {
        $weighed = $along = $none = 0;
        for ($seed = 1; $seed <= 45; $seed++) {
            $document = PlanDocument::ofFile(WildPlans::document($seed));
            $plan = $document->plan(DocumentPaints::of($document->fields));
            $rehearsal = Rehearsal::of($plan);
            $review = static fn(Plan $one): array => Review::of(Scene::of($one === $plan ? $rehearsal : $rehearsal->ofChanged($one)));
            $before = $review($plan);
            foreach ($before as $finding) {
                foreach ($finding->rule === 'empty-area' ? [] : $finding->mends as $mend) {
                    $with = GoesAlong::with($finding, $mend->edit, $before, $plan, $review);
                    $weighed++;
                    if ($with === null) {
                        $none++;
                        continue;
                    }
                    $along += $with === [] ? 0 : 1;
                    $then = array_map(
                        static fn(array $one): Edit => new TakeMend(
                            $one['finding']->rule,
                            $one['finding']->area,
                            $one['finding']->step,
                            $one['number'],
                        ),
                        $with,
                    );
                    $after = $review((new Several([$mend->edit, ...$then]))->applyTo($plan));
                    self::assertTrue(Aftermath::isLess($finding, $before, $after), "plan $seed, $finding->rule, $mend->label");
                }
            }
        }
        self::assertGreaterThan(200, $weighed);
        self::assertGreaterThan(4, $along);
        self::assertLessThanOrEqual(0.025 * $weighed, $none);
    }

    public function testLessIsLeftWhereNothingAsGraveTakesTheOldOnesPlace(): void
    {
        $one = static fn(string $rule, Severity $of, bool $silent = false): Finding => new Finding($rule, $of, 'a', null, '', '', '', [], $silent);
        $settled = $one('slow', Severity::CostsTime);
        $before = [$one('stop', Severity::StopsTheJob), $settled, $one('taste', Severity::Taste)];

        self::assertTrue(Aftermath::isLess($settled, $before, [$before[0], $before[2]]));
        $slighter = [$before[0], $one('risk', Severity::Risk), $one('taste', Severity::Taste)];
        self::assertTrue(Aftermath::isLess($settled, $before, $slighter), 'slighter');
        $silenced = [$before[0], $one('other', Severity::CostsTime, true)];
        self::assertTrue(Aftermath::isLess($settled, $before, $silenced), 'nobody speaks of it');
        self::assertFalse(Aftermath::isLess($settled, $before, [$before[0], $one('other', Severity::CostsTime)]), 'as grave');
        self::assertFalse(Aftermath::isLess($settled, $before, [$before[0], $one('other', Severity::StopsTheJob)]), 'graver');
        self::assertFalse(Aftermath::isLess($settled, $before, $before));
    }
}
