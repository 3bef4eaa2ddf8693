<?php

declare(strict_types=1);

namespace Tests\Core\Learning;

use Kalokroma\Amounts\Measures;
use Kalokroma\Craft\Technique;
use Kalokroma\Learning\DryLesson;
use Kalokroma\Learning\OpacityLesson;
use Kalokroma\Learning\PaceLesson;
use Kalokroma\Learning\Spread;
use Kalokroma\Learning\StrengthLesson;
use Kalokroma\Learning\UseLesson;
use Kalokroma\Learning\Worked;
use Kalokroma\Paint\Paint;
use Random\Engine\Mt19937;
use Random\Randomizer;
use Tests\Core\AgreedTestCase;
use Tests\Core\PlanSketch;
use Tests\Core\Told;

/** What logbooks teach that nobody wrote: few records and many, far from what was planned and near it. */
final class AgreedTest extends AgreedTestCase
{
    private const STEPS = [
        'basecoat navy x2', 'basecoat yellow x3', 'basecoat red x1', 'basecoat red*2 orange x2', 'layer sky x2', 'wash umber-wash', 'glaze ruby x2',
        'edge-highlight lime', 'drybrush sand', 'gloss-spot gloss', 'basecoat coal x1', 'layer snow x4',
    ];

    protected function said(): iterable
    {
        for ($seed = 1; $seed <= 30; $seed++) {
            $dice = new Randomizer(new Mt19937($seed));
            $worked = [];
            for ($at = 0; $at < $dice->getInt(1, 24); $at++) {
                $worked[] = self::worked($dice, $seed % 10);
            }
            yield "log $seed" => [
                array_map(static fn(Worked $one): ?float => $one->pace(), $worked),
                Told::of(PaceLesson::all($worked, Technique::of(...)), 2),
                PaceLesson::allowance($worked), Told::of(PaceLesson::overall($worked), 1),
                Told::of(OpacityLesson::all($worked), 2),
            ];
            yield "readings $seed" => self::readings($dice);
        }
        foreach ([[1.0], [1.0, 2.0], [3.0, 1.0, 2.0], [4.0, 1.0, 3.0, 2.0], [9.0, 1.0, 5.0, 2.0, 7.0, 3.0], [2.0, 2.0, 2.0]] as $at => $values) {
            yield "spread $at" => Spread::of($values);
        }
        foreach ([[20.0, 3.9], [20.0, 4.0], [20.0, 80.0], [20.0, 80.1], [0.0, 5.0], [20.0, 20.0]] as [$reckoned, $really]) {
            yield "dry in $really of $reckoned" => DryLesson::teaches($reckoned, $really);
        }
    }

    private static function worked(Randomizer $dice, int $from): Worked
    {
        $step = self::STEPS[$from + $dice->getInt(0, 2)];
        $area = PlanSketch::plan(sprintf(
            "area coat %s %s cloth\n %s",
            ['broad-folds', 'close-folds', 'tiny-detail'][$dice->getInt(0, 2)],
            ['small', 'medium', 'main'][$dice->getInt(0, 2)],
            $step,
        ))->areas[0];

        return new Worked(
            $area->steps[0],
            $dice->getInt(0, 9) === 0 ? null : $area,
            $dice->getInt(1, 10),
            $dice->getInt(1, 4),
            $dice->getInt(0, 4) === 0 ? null : $dice->getInt(0, 400) / 4.0,
            $dice->getInt(0, 5) > 0,
        );
    }

    /** @return array<mixed> */
    private static function readings(Randomizer $dice): array
    {
        $dry = $used = $opacities = [];
        for ($at = 0; $at < $dice->getInt(1, 12); $at++) {
            $dry[] = [
                'technique' => ['wash', 'basecoat', 'none'][$dice->getInt(0, 2)],
                'reckoned' => (float) $dice->getInt(0, 40),
                'really' => (float) $dice->getInt(0, 120),
            ];
            $used[] = ['reckoned' => $dice->getInt(0, 20) / 10.0, 'really' => $dice->getInt(0, 40) / 10.0, 'loss' => $dice->getInt(0, 8) / 10.0];
            $opacities[] = ['paint' => ['red', 'yellow', 'none'][$dice->getInt(0, 2)], 'opacity' => $dice->getInt(1, 99) / 100.0];
        }
        $paints = array_column(PlanSketch::plan("area a skin small skin\n basecoat red\n layer yellow")->paints(), null, 'id');

        return [
            Told::of(DryLesson::all($dry, static fn(string $id): ?Technique => $id === 'none' ? null : Technique::of($id)), 2),
            Told::of(UseLesson::of($used, Measures::usual()), 2),
            Told::of(StrengthLesson::all($opacities, static fn(string $id): ?Paint => $paints[$id] ?? null), 2),
        ];
    }
}
