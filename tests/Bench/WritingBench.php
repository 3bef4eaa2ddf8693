<?php

declare(strict_types=1);

namespace Tests\Bench;

use Kalokroma\Colour\Srgb;
use Kalokroma\Craft\AreaSize;
use Kalokroma\Craft\BodyType;
use Kalokroma\Craft\FinishLevel;
use Kalokroma\Craft\Importance;
use Kalokroma\Craft\Material;
use Kalokroma\Craft\Texture;
use Kalokroma\Exchange\DocumentPaints;
use Kalokroma\Exchange\PlanDocument;
use Kalokroma\Matching\PaintNames;
use Kalokroma\Paint\Kind;
use Kalokroma\Paint\Paint;
use Kalokroma\Quilt\Quilt;
use Kalokroma\Recipe\Area;
use Kalokroma\Recipe\ModelKind;
use Kalokroma\Recipe\Plan;
use Kalokroma\Recipe\Undercoat;
use Kalokroma\Writing\Guide\GuideReader;
use Kalokroma\Writing\PaintBox;
use Kalokroma\Writing\UndercoatAdvice;
use Kalokroma\Writing\Writer;
use Kalokroma\Writing\WritingWish;
use Tests\Core\Paints;
use Tests\Core\Writing\DemoPaints;

/** How long recipes, undercoats, guides and quilts take. */
final class WritingBench
{
    private const WISHES = [
        ['#e2b21f', Texture::BroadFolds, Material::Cloth], ['#f2f2ee', Texture::FurOrFeather, Material::Fur],
        ['#8a8d90', Texture::HardEdgedPanel, Material::Metal],
        ['#67482f', Texture::Skin, Material::Leather], ['#a3231f', Texture::CloseFolds, Material::Cloth],
        ['#26508a', Texture::SmoothPanel, Material::Armour],
        ['#3f6b35', Texture::CloseFolds, Material::Cloth], ['#c08a6c', Texture::Skin, Material::Skin],
        ['#1f1f21', Texture::RopeOrGrain, Material::Rope],
    ];

    /**
     * Three proposals for nine areas, each with a paint box that knows nothing yet.
     *
     * @return array{median: float, worst: float} milliseconds
     */
    public static function recipes(int $owned): array
    {
        $shelf = [...DemoPaints::owned(), ...Paints::shelf(max(0, $owned - count(DemoPaints::owned())), 5)];
        array_map(static fn(Paint $paint) => $paint->isClear() ? null : $paint->optics(), $shelf);
        $times = [];
        foreach ([self::WISHES[0], ...self::WISHES] as [$colour, $texture, $material]) {
            $wish = new WritingWish(
                Area::of('a', 'Area', $texture, AreaSize::Large, Importance::Normal, material: $material),
                Srgb::parse($colour)->toLab(),
                ModelKind::of('Model', BodyType::OnFoot, 32, FinishLevel::TableReady),
                Undercoat::plain(Paint::of('ground', 'Ground', Kind::Primer, Srgb::parse('#7f8183')->toLab())),
            );
            $times[] = Clock::milliseconds(static fn() => (new Writer(new PaintBox($shelf)))->write($wish));
        }
        // The first warms up.
        array_shift($times);

        return ['median' => Clock::percentile($times, 0.5), 'worst' => max($times)];
    }

    /** @return array{undercoat: float, guide: float, quilt: float, areas: int, primers: int} milliseconds, medians of seven */
    public static function others(): array
    {
        $plan = self::tenAreas();
        $primers = array_slice(
            array_values(array_filter(
                [...DemoPaints::owned(), ...DemoPaints::forSale()],
                static fn(Paint $one): bool => $one->kind === Kind::Primer && ! $one->isClear(),
            )),
            0,
            7,
        );
        $lines = [];
        for ($number = 0; $number < 60; $number++) {
            $lines[] = $number % 6 === 0
                ? "Area $number:"
                : [
                    'base Oilskin Yellow',
                    'wash Umber Wash 1:1',
                    'drybrush Straw',
                    'highlight Oilskin Yellow with a touch of Chalk',
                    '- glaze Amber Ink 1:4',
                ][$number % 5];
        }
        $names = PaintNames::of([...DemoPaints::owned(), ...DemoPaints::forSale()]);
        $median = static fn(callable $what): float => Clock::percentile(
            array_map(static fn(): float => Clock::milliseconds($what), range(1, 7)),
            0.5,
        );

        return [
            'undercoat' => $median(static fn() => UndercoatAdvice::for($plan, $primers)),
            'guide' => $median(static fn() => GuideReader::read(implode("\n", $lines), $names)),
            'quilt' => $median(static fn() => Quilt::of($plan)),
            'areas' => count($plan->areas),
            'primers' => count($primers),
        ];
    }

    /** The areas of two demo plans, ten of them. */
    private static function tenAreas(): Plan
    {
        $areas = [];
        foreach (['heron-provost', 'ferry-warden'] as $name) {
            /** @var array<mixed> $fields */
            $fields = json_decode((string) file_get_contents("resources/demo/plans/$name.json"), true, flags: JSON_THROW_ON_ERROR);
            $plan = PlanDocument::ofFile($fields)->plan(DocumentPaints::of($fields));
            foreach ($plan->areas as $area) {
                $areas[] = $area->without('none');
            }
        }
        $areas = array_slice($areas, 0, 10);
        $ids = array_map(static fn(Area $area): string => $area->id, $areas);
        $known = array_map(static function (Area $area) use ($ids): Area {
            foreach (array_diff([...$area->touches, ...$area->liesUnder, ...$area->behind], $ids) as $stranger) {
                $area = $area->without($stranger);
            }

            return $area->withoutPart($area->part ?? '');
        }, $areas);

        return Plan::of('Ten areas', $plan->model, $plan->undercoat, $known);
    }
}
