<?php

declare(strict_types=1);

namespace Tests\Core;

use Kalokroma\Craft\AreaSize;
use Kalokroma\Craft\BodyType;
use Kalokroma\Craft\Brush;
use Kalokroma\Craft\FinishLevel;
use Kalokroma\Craft\Importance;
use Kalokroma\Craft\Place;
use Kalokroma\Craft\Technique;
use Kalokroma\Craft\Texture;
use Kalokroma\Craft\Thinner;
use Kalokroma\Mixing\Dilution;
use Kalokroma\Mixing\Mix;
use Kalokroma\Paint\Kind;
use Kalokroma\Paint\Paint;
use Kalokroma\Recipe\Area;
use Kalokroma\Recipe\ModelKind;
use Kalokroma\Recipe\Plan;
use Kalokroma\Recipe\Step;
use Kalokroma\Recipe\Undercoat;

/** Plans for tests, with as little said as possible. */
final class Plans
{
    /** @param list<Area> $areas */
    public static function of(array $areas): Plan
    {
        return Plan::of(
            'Test',
            ModelKind::of('Model', BodyType::OnFoot, 32, FinishLevel::TableReady),
            Undercoat::plain(Paints::of('#7f8183', 0.93, Kind::Primer, 'Grey')),
            $areas,
        );
    }

    /**
     * @param list<Step> $steps
     * @param list<string> $liesUnder
     */
    public static function area(string $id, array $steps, array $liesUnder = [], Texture $texture = Texture::BroadFolds): Area
    {
        return Area::of($id, ucfirst($id), $texture, AreaSize::Medium, Importance::Normal, [], $liesUnder, $steps);
    }

    public static function step(
        string $id,
        Technique $technique,
        ?Paint $paint = null,
        int $coats = 1,
        int $thinner = 0,
        Place $place = Place::Everywhere,
    ): Step {
        return Step::of(
            $id,
            $technique,
            Mix::single($paint ?? Paints::of('#6b4226')),
            Dilution::of(1, $thinner, Thinner::Water),
            $coats,
            Brush::Medium,
            $place,
        );
    }
}
