<?php

declare(strict_types=1);

namespace App\Http\Resources;

use App\Models\Batch;
use App\Models\Setting;
use BackedEnum;
use Kalokroma\Colour\Closeness;
use Kalokroma\Craft\AreaSize;
use Kalokroma\Craft\BodyType;
use Kalokroma\Craft\Brush;
use Kalokroma\Craft\Edges;
use Kalokroma\Craft\Family;
use Kalokroma\Craft\FinishLevel;
use Kalokroma\Craft\Habit;
use Kalokroma\Craft\Hazard;
use Kalokroma\Craft\Importance;
use Kalokroma\Craft\Load;
use Kalokroma\Craft\Material;
use Kalokroma\Craft\Nature;
use Kalokroma\Craft\OrderStyle;
use Kalokroma\Craft\Place;
use Kalokroma\Craft\Side;
use Kalokroma\Craft\Spirit;
use Kalokroma\Craft\SprayMethod;
use Kalokroma\Craft\Technique;
use Kalokroma\Craft\Texture;
use Kalokroma\Craft\Thinner;
use Kalokroma\Mixing\Dilution;
use Kalokroma\Mixing\Film;
use Kalokroma\Mixing\Mix;
use Kalokroma\Paint\Finish;
use Kalokroma\Paint\Kind;
use Kalokroma\Recipe\ModelKind;
use Kalokroma\Recipe\Particulars;
use Kalokroma\Recipe\Step;
use Kalokroma\Simulation\SprayCone;
use Kalokroma\Writing\School;
use Kalokroma\Writing\Wish;

/** What a form may offer, with labels and limits. */
final class CraftResource
{
    /** @return array<string, mixed> */
    public static function all(): array
    {
        return [
            'techniques' => self::techniques(),
            'kinds' => array_map(static fn(Kind $kind): array => [
                'value' => $kind->value, 'label' => $kind->label(), 'isClear' => $kind->isClear(), 'isTransparent' => $kind->isTransparent(),
            ], Kind::cases()),
            'textures' => self::choices(Texture::cases(), static fn(Texture $one): string => $one->label()),
            'materials' => self::choices(Material::cases(), static fn(Material $one): string => $one->value),
            'places' => self::choices(Place::cases(), static fn(Place $one): string => $one->label()),
            'brushes' => self::choices(Brush::cases(), static fn(Brush $one): string => $one->label()),
            'sizes' => self::choices(
                AreaSize::cases(),
                static fn(AreaSize $one): string => sprintf('%s (%d %%)', $one->value, (int) round(100 * $one->share())),
            ),
            'importances' => self::choices(Importance::cases(), static fn(Importance $one): string => $one->label()),
            'bodyTypes' => self::choices(BodyType::cases(), static fn(BodyType $one): string => $one->label()),
            'finishLevels' => self::choices(FinishLevel::cases(), static fn(FinishLevel $one): string => $one->label()),
            'finishes' => self::choices(Finish::cases(), static fn(Finish $one): string => $one->value),
            'thinners' => self::choices(Thinner::cases(), static fn(Thinner $one): string => $one->value),
            'closeness' => array_map(static fn(Closeness $one): array => [
                'upTo' => is_finite($one->upTo()) ? $one->upTo() : null, 'words' => $one->words(),
            ], Closeness::cases()),
            'films' => array_map(static fn(Film $film): array => [
                'value' => $film->value,
                'label' => $film->label(),
                'kinds' => array_column(array_values(array_filter(Kind::cases(), $film->takes(...))), 'value'),
            ], Film::cases()),
            'families' => self::choices(Family::cases(), static fn(Family $one): string => $one->label()),
            'sides' => self::choices(Side::cases(), static fn(Side $one): string => $one->label()),
            'spirits' => self::choices(Spirit::cases(), static fn(Spirit $one): string => $one->value),
            'sprayMethods' => array_map(
                static fn(SprayMethod $one): array => ['value' => $one->value, 'label' => $one->label(), 'hazard' => $one->hazard()?->value],
                SprayMethod::cases(),
            ),
            'schools' => self::choices(School::cases(), static fn(School $one): string => $one->label()),
            'wishes' => array_map(
                static fn(Wish $one): array => [
                    'value' => $one->value,
                    'label' => $one->label(),
                    'opposite' => $one->opposite()?->value,
                    'most' => $one->grows() ? Wish::MOST : 1,
                ],
                Wish::cases(),
            ),
            'edges' => self::choices(Edges::cases(), static fn(Edges $one): string => $one->label()),
            'orderStyles' => self::choices(OrderStyle::cases(), static fn(OrderStyle $one): string => $one->label()),
            'hazards' => array_map(
                static fn(Hazard $one): array => ['value' => $one->value, 'label' => $one->label(), 'lines' => $one->lines()],
                Hazard::cases(),
            ),
            'hazardsFirst' => Hazard::FIRST,
            'limits' => [
                'mixPaints' => Mix::MOST_PAINTS,
                'mixParts' => Mix::MOST_PARTS,
                'dilutionParts' => Dilution::MOST_PARTS,
                'coats' => Step::MOST_COATS,
                'models' => Batch::MOST_MODELS,
                'leastHeightMm' => ModelKind::LEAST_HEIGHT_MM,
                'mostHeightMm' => ModelKind::MOST_HEIGHT_MM,
                'narrowestCone' => SprayCone::NARROWEST_DEGREES,
                'widestCone' => SprayCone::WIDEST_DEGREES,
                'waitMinutes' => Particulars::MOST_WAIT_MINUTES,
                'handsOnMinutes' => Habit::MOST_MINUTES,
                'dryMinutes' => Habit::MOST_DRY_MINUTES,
            ],
        ];
    }

    /** @return list<array<string, mixed>> */
    private static function techniques(): array
    {
        $own = array_column(Setting::habits(), null, 'technique');

        return array_map(static fn(Technique $one): array => self::technique($one, $own[$one->id] ?? null), Setting::book()->techniques());
    }

    /**
     * @param array<string, mixed>|null $habit what the painter does otherwise than the tables say
     *
     * @return array<string, mixed>
     */
    private static function technique(Technique $technique, ?array $habit): array
    {
        $usual = $technique->usual;

        return [
            'value' => $technique->id,
            'label' => $technique->label,
            'next' => $technique->next,
            'family' => $technique->family->value,
            'isDoneToAll' => $technique->family->isDoneToAll(),
            'kinds' => array_column(array_values(array_filter(Kind::cases(), $technique->takes->accepts(...))), 'value'),
            'needsPaint' => $technique->takes->needsPaint(),
            'asks' => $technique->asks(),
            'loads' => self::choices($technique->loads(), static fn(Load $one): string => $one->label()),
            'perModel' => $technique->does(Nature::StaysWet),
            'neatness' => $technique->neatness,
            'dryMinutes' => $technique->dryMinutes,
            'minutes' => $technique->minutes,
            'habit' => $habit === null ? null : array_diff_key($habit, ['technique' => true]),
            'hazards' => array_column($technique->hazards, 'value'),
            'usual' => [
                'coats' => $usual->coats,
                'dilution' => ['paint' => $usual->paint, 'thinner' => $usual->thinner, 'with' => $usual->with->value],
                'brush' => $usual->brush->value,
                'place' => $usual->place->value,
            ],
        ];
    }

    /**
     * @template T of BackedEnum
     *
     * @param list<T> $cases
     * @param callable(T): string $label
     *
     * @return list<array{value: int|string, label: string}>
     */
    private static function choices(array $cases, callable $label): array
    {
        return array_map(static fn(BackedEnum $case): array => ['value' => $case->value, 'label' => $label($case)], $cases);
    }
}
