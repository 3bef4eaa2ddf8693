<?php

declare(strict_types=1);

namespace Tests\Core\Planning;

use Kalokroma\Planning\Hidden;
use Kalokroma\Planning\Tasks;
use Kalokroma\Recipe\Area;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;
use Tests\Core\PlanSketch;

/** What no brush gets to any more once a loose part is glued on. */
final class HiddenTest extends TestCase
{
    /** @return iterable<string, array{string, string|null, list<string>}> areas, part, what it hides */
    public static function parts(): iterable
    {
        $shield = 'area shield hard-edged-panel medium armour part piece';
        yield 'an arm behind the shield' => ["$shield\narea arm broad-folds small cloth behind shield", 'piece', ['arm']];
        yield 'the back of the shield, behind the arm' => ["area arm broad-folds small cloth\n$shield behind arm", 'piece', ['shield']];
        yield 'a grip behind its own shield' => ["$shield\narea grip rope-or-grain small wood part piece behind shield", 'piece', []];
        yield 'a lining behind the coat, neither of the part' => [
            "$shield\narea coat broad-folds main cloth\narea lining close-folds small cloth behind coat", 'piece', [],
        ];
        yield 'what another part hides' => ["loose other\n$shield\narea arm broad-folds small cloth behind shield", 'other', []];
        yield 'no part at all' => ["$shield\narea arm broad-folds small cloth behind shield", null, []];
    }

    /** @param list<string> $hidden */
    #[DataProvider('parts')]
    public function testAPartHidesWhatLiesBehindItAndWhatOfItLiesBehindOthers(string $sketch, ?string $part, array $hidden): void
    {
        $plan = PlanSketch::plan("undercoat grey\nloose piece\n$sketch");

        self::assertSame($hidden, array_map(static fn(Area $one): string => $one->id, Hidden::by(Tasks::of($plan), $part)));
    }
}
