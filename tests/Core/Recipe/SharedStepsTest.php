<?php

declare(strict_types=1);

namespace Tests\Core\Recipe;

use Kalokroma\Recipe\Particulars;
use Kalokroma\Recipe\SharedSteps;
use Kalokroma\Recipe\Step;
use PHPUnit\Framework\TestCase;
use Tests\Core\PlanSketch;

/** What is changed on one area is changed on the others alike, and each keeps the ids it has. */
final class SharedStepsTest extends TestCase
{
    public function testStepsThatStayKeepTheirIdsThereAndNewOnesGetTheirOwn(): void
    {
        $here = self::steps();
        $there = SharedSteps::copied($here, 'there');
        self::assertTrue(SharedSteps::areAlike($here, $there));
        self::assertSame(['there-1', 'there-2', 'there-3'], self::ids($there));

        $added = $here[1]->called('new')->inCoats(5);
        foreach ([
            [[$here[0]->inCoats(4), $here[1], $here[2]], ['there-1', 'there-2', 'there-3']],
            [[$here[2], $here[0]], ['there-3', 'there-1']],
            [[$here[0], $added, $here[1], $here[2]], ['there-1', 'more-1', 'there-2', 'there-3']],
            [[], []],
        ] as [$after, $ids]) {
            $carried = SharedSteps::carried($here, $after, $there, 'more');
            self::assertSame($ids, self::ids($carried));
            self::assertTrue(SharedSteps::areAlike($after, $carried));
        }
    }

    /** Who fell out of step is given all anew. */
    public function testWhereItStoodOtherwiseAllIsNew(): void
    {
        $here = self::steps();

        self::assertSame(['more-1', 'more-2', 'more-3'], self::ids(SharedSteps::carried($here, $here, [$here[0]], 'more')));
    }

    /** Neighbours and loose parts are those of the area it comes from. */
    public function testWhatOnlyMakesSenseHereStaysHere(): void
    {
        $step = self::steps()[0]->told(Particulars::none()->lining(['neighbour'])->gluing('sword'));

        self::assertSame([[], null], [SharedSteps::copied([$step], 'x')[0]->more->borders, SharedSteps::copied([$step], 'x')[0]->more->part]);
    }

    /** @return list<Step> */
    private static function steps(): array
    {
        return PlanSketch::plan(
            "undercoat grey\narea coat broad-folds main cloth\n basecoat navy\n wash blue-wash\n highlight sky",
        )->areas[0]->steps;
    }

    /**
     * @param list<Step> $steps
     *
     * @return list<string>
     */
    private static function ids(array $steps): array
    {
        return array_map(static fn(Step $one): string => $one->id, $steps);
    }
}
