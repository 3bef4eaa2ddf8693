<?php

declare(strict_types=1);

namespace Tests\Core\Review;

use Kalokroma\Review\Aftermath;
use Kalokroma\Review\Finding;
use Kalokroma\Review\Severity;
use PHPUnit\Framework\TestCase;

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
