<?php

declare(strict_types=1);

namespace Tests\Core\Review;

use Kalokroma\Exchange\DocumentPaints;
use Kalokroma\Exchange\PlanDocument;
use Kalokroma\Planning\Rehearsal;
use Kalokroma\Recipe\Plan;
use Kalokroma\Review\Aftermath;
use Kalokroma\Review\Finding;
use Kalokroma\Review\Review;
use Kalokroma\Review\Scene;
use Kalokroma\Review\Severity;
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

        self::assertSame(['grave a', 'slow a', 'slow c'], array_map(static fn(Finding $new): string => $new->words, Aftermath::of($before, $after)));
        self::assertSame([], Aftermath::of($after, $after));
        self::assertSame([], Aftermath::of($before, []));
    }

    /** Whatever is thrown together: a mend that leaves more than there was says what it brings, or it is a matter of taste. */
    public function testNoMendBringsAnythingUnsaid(): void
    {
        $seen = 0;
        foreach (range(1, 60) as $seed) {
            $document = WildPlans::document($seed);
            $plan = PlanDocument::ofFile($document)->plan(DocumentPaints::of($document));
            $before = self::findings($plan);
            foreach ($before as $finding) {
                foreach ($finding->mends as $mend) {
                    $after = self::findings($mend->edit->applyTo($plan));
                    $grave = static fn(array $findings): int => count(array_filter(
                        $findings,
                        static fn(Finding $each): bool => $each->severity !== Severity::Taste && ! $each->isSilenced,
                    ));
                    if ($grave($after) > $grave($before)) {
                        $seen++;
                        self::assertNotSame([], Aftermath::of($before, $after), "$seed $finding->rule $mend->label");
                    }
                }
            }
        }
        self::assertGreaterThan(0, $seen);
    }

    /** @return list<Finding> */
    private static function findings(Plan $plan): array
    {
        return Review::of(Scene::of(Rehearsal::of($plan)));
    }
}
