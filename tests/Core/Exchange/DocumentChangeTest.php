<?php

declare(strict_types=1);

namespace Tests\Core\Exchange;

use Kalokroma\Exchange\DocumentChange;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;
use Tests\Core\PlanSketch;
use Tests\Core\WildPlans;

/** What an undo takes back, in words. */
final class DocumentChangeTest extends TestCase
{
    private const BEFORE = "undercoat black\narea coat broad-folds main cloth\n basecoat navy x2\n wash umber-wash\n highlight sky x1\narea boots broad-folds medium leather\n basecoat brown x1";

    /** @return iterable<string, array{string, string, string}> what is put in the place of what, and what is said */
    public static function changes(): iterable
    {
        yield 'coats' => ['navy x2', 'navy x3', 'the coats of Basecoat, Coat'];
        yield 'paint' => ['highlight sky', 'highlight ice', 'the paint of Highlight, Coat'];
        yield 'a step more' => ["highlight sky x1\n", "highlight sky x1\n dot snow\n", 'Last points added to Coat'];
        yield 'a step less' => ["\n highlight sky x1", '', 'Highlight taken out of Coat'];
        yield 'another technique' => ['highlight sky', 'layer sky', 'Layer in the place of Highlight, Coat'];
        yield 'an area less' => ["\narea boots broad-folds medium leather\n basecoat brown x1", '', 'Boots taken out'];
        yield 'an area more' => ['basecoat brown x1', "basecoat brown x1\narea face skin small skin\n basecoat skin", 'Face added'];
        yield 'share' => ['boots broad-folds medium', 'boots broad-folds large', 'the share of Boots'];
        yield 'undercoat' => ['undercoat black', 'undercoat grey', 'the undercoat'];
        yield 'two things' => [
            "undercoat black\narea coat broad-folds main",
            "undercoat grey\narea coat broad-folds large",
            'the share of Coat and the undercoat',
        ];
        yield 'the whole model' => ['basecoat brown x1', "basecoat brown x1\nwhole\n matt-coat matt", 'Matt coat added to the whole model'];
        yield 'nothing' => ['navy x2', 'navy x2', ''];
    }

    #[DataProvider('changes')]
    public function testItSaysWhatIsDifferent(string $was, string $is, string $words): void
    {
        self::assertStringContainsString($was, self::BEFORE);

        self::assertSame(
            $words,
            DocumentChange::words(PlanSketch::document(self::BEFORE), PlanSketch::document(str_replace($was, $is, self::BEFORE))),
        );
    }

    public function testSomethingIsSaidOfAnyTwoPlansAndNothingOfOne(): void
    {
        $of = static fn(int $seed): array => WildPlans::document($seed);
        foreach (range(1, 30) as $seed) {
            self::assertSame('', DocumentChange::words($of($seed), $of($seed)));
            self::assertNotSame('', DocumentChange::words($of($seed), $of($seed + 1)));
            self::assertLessThan(160, mb_strlen(DocumentChange::words($of($seed), $of($seed + 1))));
        }
        self::assertSame('a change of the plan', DocumentChange::words(['unknown' => 1], ['unknown' => 2]));
        self::assertSame('', DocumentChange::words([], []));
        self::assertSame('an area added', DocumentChange::words(['areas' => 'none'], ['areas' => [['id' => 'a', 'steps' => 3], 'x']]));
    }
}
