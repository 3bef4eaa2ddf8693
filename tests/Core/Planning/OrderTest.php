<?php

declare(strict_types=1);

namespace Tests\Core\Planning;

use Kalokroma\Craft\Technique;
use Kalokroma\Planning\Order;
use Kalokroma\Planning\Pass;
use Kalokroma\Recipe\Area;
use Kalokroma\Recipe\IllegalPlan;
use PHPUnit\Framework\TestCase;
use Tests\Core\Plans;

final class OrderTest extends TestCase
{
    public function testBasesComeFirstFromTheInsideOutThenWashesThenHighlights(): void
    {
        $order = $this->order([
            Plans::area(
                'coat',
                [
                    Plans::step('coat base', Technique::of('basecoat')),
                    Plans::step('coat wash', Technique::of('wash')),
                    Plans::step('coat light', Technique::of('highlight')),
                ],
            ),
            Plans::area('skin', [Plans::step('skin base', Technique::of('basecoat')), Plans::step('skin wash', Technique::of('wash'))], ['shirt']),
            Plans::area('shirt', [Plans::step('shirt base', Technique::of('basecoat'))], ['coat']),
        ]);

        self::assertSame(['undercoat', 'skin base', 'shirt base', 'coat base', 'skin wash', 'coat wash', 'coat light'], $order);
    }

    public function testTheOrderWithinARecipeAlwaysHolds(): void
    {
        $order = $this->order([
            Plans::area('iron', [
                Plans::step('base', Technique::of('basecoat')), Plans::step('dry', Technique::of('drybrush')),
                Plans::step('wash', Technique::of('wash')), Plans::step('dry again', Technique::of('drybrush')),
            ]),
            Plans::area('cloth', [Plans::step('cloth base', Technique::of('basecoat')), Plans::step('cloth wash', Technique::of('wash'))]),
        ]);

        self::assertSame(['base', 'dry', 'wash', 'dry again'], array_values(array_intersect($order, ['base', 'dry', 'wash', 'dry again'])));
        self::assertLessThan(array_search('dry', $order, true), array_search('cloth wash', $order, true));
    }

    public function testACircleOfLayersIsRefused(): void
    {
        $this->expectException(IllegalPlan::class);
        $this->expectExceptionMessage('"A" under "B" under "C" under "A"');

        Plans::of([Plans::area('a', [], ['b']), Plans::area('b', [], ['c']), Plans::area('c', [], ['a'])]);
    }

    /** Every area under every later one: as many ways through as there are, each relation is looked at once. */
    public function testSixtyAreasThatAllLieUnderEachOtherAreOrderedAtOnce(): void
    {
        $ids = array_map(static fn(int $i): string => sprintf('a%02d', $i), range(0, 59));
        $areas = array_map(
            static fn(int $i): Area => Plans::area($ids[$i], [Plans::step("s$i", Technique::of('basecoat'))], array_slice($ids, $i + 1)),
            array_keys($ids),
        );
        $order = $this->order($areas);

        self::assertSame(['undercoat', 's0', 's1', 's2'], array_slice($order, 0, 4));
    }

    /**
     * @param list<Area> $areas
     *
     * @return list<string>
     */
    private function order(array $areas): array
    {
        return array_map(static fn(Pass $pass): string => $pass->step->id, Order::of(Plans::of($areas))->passes);
    }
}
