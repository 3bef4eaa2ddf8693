<?php

declare(strict_types=1);

namespace Tests\Core\Planning;

use Kalokroma\Craft\Technique;
use Kalokroma\Planning\PaintingOrder;
use Kalokroma\Planning\Pass;
use Kalokroma\Recipe\Area;
use Kalokroma\Recipe\IllegalPlan;
use PHPUnit\Framework\TestCase;
use Tests\Core\Plans;

final class PaintingOrderTest extends TestCase
{
    public function testBasesComeFirstFromTheInsideOutThenWashesThenHighlights(): void
    {
        $order = $this->order([
            Plans::area('coat', [Plans::step('coat base', Technique::Basecoat), Plans::step('coat wash', Technique::Wash), Plans::step('coat light', Technique::Highlight)]),
            Plans::area('skin', [Plans::step('skin base', Technique::Basecoat), Plans::step('skin wash', Technique::Wash)], ['shirt']),
            Plans::area('shirt', [Plans::step('shirt base', Technique::Basecoat)], ['coat']),
        ]);

        self::assertSame(['undercoat', 'skin base', 'shirt base', 'coat base', 'skin wash', 'coat wash', 'coat light'], $order);
    }

    public function testTheOrderWithinARecipeAlwaysHolds(): void
    {
        $order = $this->order([
            Plans::area('iron', [
                Plans::step('base', Technique::Basecoat), Plans::step('dry', Technique::Drybrush), Plans::step('wash', Technique::Wash), Plans::step('dry again', Technique::Drybrush),
            ]),
            Plans::area('cloth', [Plans::step('cloth base', Technique::Basecoat), Plans::step('cloth wash', Technique::Wash)]),
        ]);

        self::assertSame(['base', 'dry', 'wash', 'dry again'], array_values(array_intersect($order, ['base', 'dry', 'wash', 'dry again'])));
        self::assertLessThan(array_search('dry', $order, true), array_search('cloth wash', $order, true));
    }

    public function testACircleOfLayersIsRefused(): void
    {
        $this->expectException(IllegalPlan::class);
        $this->expectExceptionMessage('would lie under itself');

        Plans::of([Plans::area('a', [], ['b']), Plans::area('b', [], ['c']), Plans::area('c', [], ['a'])]);
    }

    /**
     * @param list<Area> $areas
     *
     * @return list<string>
     */
    private function order(array $areas): array
    {
        return array_map(static fn(Pass $pass): string => $pass->step->id, PaintingOrder::of(Plans::of($areas)));
    }
}
