<?php

declare(strict_types=1);

namespace Tests\Core\Recipe;

use Kalokroma\Mixing\Dilution;
use Kalokroma\Recipe\ModelKind;
use Kalokroma\Recipe\OnSculpt;
use Kalokroma\Recipe\Particulars;
use Kalokroma\Recipe\Plan;
use Kalokroma\Recipe\Role;
use Kalokroma\Recipe\Step;
use Kalokroma\Recipe\Variant;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;

/** How many and how long: the core takes what the open form says, no more and no less. */
final class LimitsTest extends TestCase
{
    /** @return iterable<string, array{int|float, string}> */
    public static function limits(): iterable
    {
        yield 'areas' => [Plan::MOST_AREAS, 'properties/areas/maxItems'];
        yield 'parts' => [Plan::MOST_PARTS, 'properties/parts/maxItems'];
        yield 'roles' => [Role::MOST, 'properties/roles/maxItems'];
        yield 'roles of an area' => [Role::MOST, '$defs/area/properties/roles/maxItems'];
        yield 'steps on the whole model' => [Plan::MOST_STEPS, 'properties/wholeModel/maxItems'];
        yield 'steps of an area' => [Plan::MOST_STEPS, '$defs/area/properties/steps/maxItems'];
        yield 'variants' => [Variant::MOST, '$defs/area/properties/variants/maxItems'];
        yield 'letters of a name' => [Plan::LONGEST_NAME, '$defs/name/maxLength'];
        yield 'coats' => [Step::MOST_COATS, '$defs/step/properties/coats/maximum'];
        yield 'minutes to wait' => [Particulars::MOST_WAIT_MINUTES, '$defs/step/properties/waitMinutes/maximum'];
        yield 'single places' => [Particulars::MOST_HEADS, '$defs/step/properties/heads/maxItems'];
        yield 'letters of a single place' => [Particulars::LONGEST_HEAD, '$defs/step/properties/heads/items/maxLength'];
        yield 'the smallest model' => [ModelKind::LEAST_HEIGHT_MM, 'properties/model/properties/heightMm/minimum'];
        yield 'the largest model' => [ModelKind::MOST_HEIGHT_MM, 'properties/model/properties/heightMm/maximum'];
        yield 'the smallest area on a sculpt' => [OnSculpt::LEAST_CM2, '$defs/area/properties/cm2/minimum'];
        yield 'the largest area on a sculpt' => [OnSculpt::MOST_CM2, '$defs/area/properties/cm2/maximum'];
        yield 'parts of thinner' => [Dilution::MOST_PARTS, '$defs/dilution/properties/thinner/maximum'];
    }

    #[DataProvider('limits')]
    public function testTheCoreTakesWhatTheOpenFormSays(int|float $limit, string $place): void
    {
        $said = json_decode((string) file_get_contents(__DIR__.'/../../../docs/formats/plan.schema.json'), true, 32, JSON_THROW_ON_ERROR);
        foreach (explode('/', $place) as $key) {
            self::assertIsArray($said);
            self::assertArrayHasKey($key, $said, $place);
            $said = $said[$key];
        }

        self::assertEquals($limit, $said);
    }
}
