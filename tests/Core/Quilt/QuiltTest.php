<?php

declare(strict_types=1);

namespace Tests\Core\Quilt;

use Kalokroma\Craft\AreaSize;
use Kalokroma\Craft\BodyType;
use Kalokroma\Craft\FinishLevel;
use Kalokroma\Craft\Importance;
use Kalokroma\Craft\Texture;
use Kalokroma\Exchange\DocumentPaints;
use Kalokroma\Exchange\PlanDocument;
use Kalokroma\Quilt\Patch;
use Kalokroma\Quilt\Quilt;
use Kalokroma\Recipe\Area;
use Kalokroma\Recipe\ModelKind;
use Kalokroma\Recipe\Plan;
use Kalokroma\Recipe\Undercoat;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;

/** Patches fill the quilt without a gap, as large as their shares, and what touches on the model touches in the quilt as far as a plane allows. */
final class QuiltTest extends TestCase
{
    /** @return iterable<string, array{Plan}> */
    public static function plans(): iterable
    {
        foreach (glob('resources/demo/plans/*.json') ?: [] as $file) {
            /** @var array<mixed> $document */
            $document = json_decode((string) file_get_contents($file), true, flags: JSON_THROW_ON_ERROR);
            yield basename($file) => [PlanDocument::of($document)->plan(DocumentPaints::of($document))];
        }
        for ($seed = 1; $seed <= 8; $seed++) {
            yield "by lot, $seed" => [self::byLot($seed)];
        }
    }

    #[DataProvider('plans')]
    public function testPatchesFillTheQuiltBySharesAndNeverOverlap(Plan $plan): void
    {
        $patches = Quilt::of($plan);
        $shares = array_map(static fn(Area $area): float => max(0.02, $area->size->share()), $plan->areas);

        self::assertSame($plan->areas, array_map(static fn(Patch $one): Area => $one->area, $patches));
        self::assertEqualsWithDelta(1.0, array_sum(array_map(static fn(Patch $one): float => $one->width * $one->height, $patches)), 1e-9);
        foreach ($patches as $at => $one) {
            self::assertEqualsWithDelta($shares[$at] / array_sum($shares), $one->width * $one->height, 1e-9);
            foreach (array_slice($patches, $at + 1) as $other) {
                $across = min($one->x + $one->width, $other->x + $other->width) - max($one->x, $other->x);
                $down = min($one->y + $one->height, $other->y + $other->height) - max($one->y, $other->y);
                self::assertTrue($across < 1e-9 || $down < 1e-9, "{$one->area->id} over {$other->area->id}");
            }
        }
    }

    #[DataProvider('plans')]
    public function testMostOfWhatTouchesOnTheModelTouchesHere(Plan $plan): void
    {
        self::assertGreaterThanOrEqual(0.7, self::kept($plan, Quilt::of($plan)));
    }

    /**
     * Share of the pairs that touch on the model that touch in the quilt.
     *
     * @param list<Patch> $patches in the order of the plan's areas
     */
    public static function kept(Plan $plan, array $patches): float
    {
        $touching = Quilt::touching($plan);
        $kept = array_filter($touching, static fn(array $pair): bool => $patches[$pair[0]]->seamWith($patches[$pair[1]]) >= Quilt::SEAM);

        return $touching === [] ? 1.0 : count($kept) / count($touching);
    }

    /** What an area is painted with moves no patch. */
    public function testTheSameAreasGiveTheSameQuilt(): void
    {
        $plan = self::byLot(3);
        $places = static fn(Plan $one): array => array_map(static fn(Patch $patch): array => [$patch->x, $patch->y], Quilt::of($one));

        self::assertSame($places($plan), $places($plan->withAreas(array_map(static fn(Area $area): Area => $area->withSteps([]), $plan->areas))));
        self::assertSame([], Quilt::of($plan->withAreas([])));
    }

    public function testSixtyAreasAreLaid(): void
    {
        $areas = [];
        for ($number = 0; $number < Plan::MOST_AREAS; $number++) {
            $areas[] = Area::of(
                "a$number",
                "Area $number",
                Texture::Skin,
                AreaSize::Small,
                Importance::Normal,
                $number === 0 ? [] : ['a'.($number - 1)],
            );
        }
        $laid = Quilt::of(Plan::of('Many', ModelKind::of('Model', BodyType::OnFoot, 32, FinishLevel::TableReady), Undercoat::bare(), $areas));
        self::assertCount(Plan::MOST_AREAS, $laid);
    }

    private static function byLot(int $seed): Plan
    {
        mt_srand($seed);
        $count = mt_rand(3, 12);
        $areas = [];
        for ($number = 0; $number < $count; $number++) {
            // A chain with a branch here and there: what lies on a body mostly touches one or two others.
            $touches = $number === 0 ? [] : ['a'.max(0, $number - mt_rand(1, 2))];
            $areas[] = Area::of(
                "a$number",
                "Area $number",
                Texture::cases()[mt_rand(0, 9)],
                AreaSize::cases()[mt_rand(0, 4)],
                Importance::Normal,
                $touches,
            );
        }

        return Plan::of('By lot', ModelKind::of('Model', BodyType::OnFoot, 32, FinishLevel::TableReady), Undercoat::bare(), $areas);
    }
}
