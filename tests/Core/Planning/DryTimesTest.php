<?php

declare(strict_types=1);

namespace Tests\Core\Planning;

use Kalokroma\Planning\DryTimes;
use Kalokroma\Planning\Pass;
use Kalokroma\Planning\Rehearsal;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;
use Tests\Core\PlanSketch;

/** What painters wait, and what for. */
final class DryTimesTest extends TestCase
{
    /** @return iterable<string, array{int, string}> minutes between the first and the second step of an area */
    public static function waits(): iterable
    {
        yield 'a base before the next coat' => [20, "basecoat navy\n layer blue"];
        yield 'varnish cures a day before decals' => [1440, "gloss-coat gloss\n decal setting"];
        yield 'and before solvents' => [1440, "gloss-coat gloss\n solvent-wash grime"];
        yield 'but not before paint' => [60, "gloss-coat gloss\n highlight blue"];
        yield 'a spot of gloss is no coat' => [30, "gloss-spot gloss\n solvent-wash grime"];
        yield 'a thin wash' => [30, "wash umber-wash\n layer blue"];
        yield 'a straight wash' => [60, "wash umber-wash 1:0\n layer blue"];
        yield 'a flooded wash' => [240, "wash umber-wash load flooded\n layer blue"];
        yield 'enamel is wiped after about two hours' => [120, "solvent-wash grime\n wipe-back"];
        yield 'and coated after four' => [240, "solvent-wash grime\n layer blue"];
        yield 'oil is wiped at two hours too' => [120, "solvent-wash grime spirit oil\n wipe-back"];
        yield 'and coated after a day' => [1440, "solvent-wash grime spirit oil\n matt-coat matt"];
        yield 'streaks are feathered after ten minutes' => [10, "streaks grime\n feather"];
        yield 'grit goes into wet paste' => [0, "texture-paste mud\n grit"];
        yield 'paste dries the night' => [480, "texture-paste mud\n drybrush tan"];
    }

    #[DataProvider('waits')]
    public function testBetween(int $minutes, string $steps): void
    {
        [$first, $second] = PlanSketch::plan("area a broad-folds main cloth\n $steps")->areas[0]->steps;

        self::assertSame($minutes, DryTimes::between($first, $second));
    }

    public function testACanGasesOutAnAirbrushedPrimerHardlyHasTo(): void
    {
        $dry = static fn(string $undercoat): array => array_map(static fn(Pass $pass): int => Rehearsal::of(PlanSketch::plan("undercoat $undercoat\narea a broad-folds main cloth\n basecoat navy"))->dryMinutes($pass), array_slice(Rehearsal::of(PlanSketch::plan("undercoat $undercoat\narea a broad-folds main cloth\n basecoat navy"))->order()->passes, 0, -1));

        self::assertSame([60, 10], $dry('black light bone'));
        self::assertSame([10], $dry('black method airbrush'));
    }

    public function testARestIsWhatNothingFills(): void
    {
        $rehearsal = Rehearsal::of(PlanSketch::plan("area a broad-folds main cloth\n basecoat navy\n wash blue-wash\narea b close-folds small cloth\n basecoat brown\norder a-1 b-1 a-2"));
        $rests = array_map($rehearsal->restBefore(...), $rehearsal->order()->passes);

        self::assertSame([0, 60, 0, 0], $rests);
    }
}
