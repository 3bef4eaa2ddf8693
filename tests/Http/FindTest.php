<?php

declare(strict_types=1);

namespace Tests\Http;

use PHPUnit\Framework\Attributes\DataProvider;

/** Whatever has a name is found by its words. */
final class FindTest extends HttpTestCase
{
    /** @return iterable<string, array{string, array{string, string}}> what is typed, and what comes first */
    public static function words(): iterable
    {
        yield 'a plan' => ['ferry ward', ['plan', 'Ferry Warden']];
        yield 'a batch' => ['night shift', ['batch', 'Night shift']];
        yield 'an area, by part of its name' => ['oilsk coat', ['area', 'Oilskin coat']];
        yield 'an area of one plan' => ['plum provost', ['area', 'Heron plumage']];
        yield 'a technique' => ['drybr', ['technique', 'Drybrush']];
        yield 'a shared recipe, by a tag' => ['weathered wood', ['recipe', 'Driftwood']];
        yield 'a paint, by a colour' => ['deep teal', ['paint', 'Deep Tide']];
    }

    /** @param array{string, string} $first */
    #[DataProvider('words')]
    public function testItIsFoundByItsWords(string $words, array $first): void
    {
        $found = $this->ask('GET', '/find?words='.rawurlencode($words));

        self::assertNotSame([], $found);
        self::assertContains($first, array_map(static fn(array $one): array => [$one['kind'], $one['title']], $found));
    }

    public function testAnAreaSaysItsPlanAndAPaintItsColour(): void
    {
        $area = array_values(array_filter($this->ask('GET', '/find?words=oilskin'), static fn(array $one): bool => $one['kind'] === 'area'))[0];
        self::assertContains($area['id'], array_column($this->ask('GET', "/plans/$area[planId]")['document']['areas'], 'id'));
        $paint = array_values(array_filter(
            $this->ask('GET', '/find?words=oilskin%20yellow'),
            static fn(array $one): bool => $one['kind'] === 'paint',
        ))[0];
        self::assertSame('Oilskin Yellow', $paint['title']);
        self::assertStringContainsString('on the shelf', $paint['detail']);
    }

    public function testOfEachKindAFewAndNothingForNothing(): void
    {
        $kinds = array_count_values(array_column($this->ask('GET', '/find?words=e'), 'kind'));

        self::assertLessThanOrEqual(5, max($kinds));
        self::assertSame([], $this->ask('GET', '/find'));
        self::assertSame([], $this->ask('GET', '/find?words=%20%20'));
        self::assertSame([], $this->ask('GET', '/find?words='.rawurlencode('%')));
        self::assertSame([], $this->ask('GET', '/find?words='.rawurlencode("x' or 1=1 --")));
        self::assertSame(['words'], self::fields($this->ask('GET', '/find?words='.str_repeat('a', 201), null, 422)));
    }

    public function testWhatWasTakenOutIsNotFound(): void
    {
        $plan = array_values(array_filter($this->ask('GET', '/find?words=provost'), static fn(array $one): bool => $one['kind'] === 'plan'))[0];
        $version = $this->ask('GET', "/plans/$plan[id]")['version'];
        $this->ask('DELETE', "/plans/$plan[id]?version=$version", null, 204);

        self::assertNotContains($plan['id'], array_column($this->ask('GET', '/find?words=provost'), 'id'));
        self::assertNotContains($plan['id'], array_column($this->ask('GET', '/find?words=plumage'), 'planId'));
    }
}
