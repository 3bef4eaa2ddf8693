<?php

declare(strict_types=1);

namespace Tests\Core;

use Kalokroma\Craft\AreaSize;
use Kalokroma\Craft\CraftBook;
use Kalokroma\Craft\Family;
use Kalokroma\Craft\Material;
use Kalokroma\Craft\Nature;
use Kalokroma\Craft\Takes;
use Kalokroma\Craft\Technique;
use Kalokroma\Craft\Texture;
use Kalokroma\Paint\Kind;
use Random\Engine\Mt19937;
use Random\Randomizer;

/** Plans as nobody would make them, but anybody could: any technique anywhere, with any paint it takes. The same seed makes the same plan. */
final class WildPlans
{
    private const GROUNDS = ['none', 'black', 'grey', 'bone', 'shiny', 'black light bone', 'dim light white cone 40'];

    /** @return array<string, mixed> the plan file */
    public static function document(int $seed): array
    {
        $dice = new Randomizer(new Mt19937($seed));
        $ids = array_slice(['coat', 'face', 'boots', 'blade', 'strap', 'lamp', 'rocks'], 0, $dice->getInt(2, 7));
        $lines = ['undercoat '.self::one($dice, self::GROUNDS)];
        foreach ($ids as $at => $id) {
            $lines[] = "area $id ".self::area($dice, array_slice($ids, 0, $at));
            foreach (self::steps($dice, $dice->getInt(0, 6), static fn(Technique $one): bool => $one->family !== Family::Handling) as $step) {
                $lines[] = " $step";
            }
        }
        $whole = self::steps(
            $dice,
            $dice->getInt(0, 3),
            static fn(Technique $one): bool => $one->family === Family::Varnish || $one->does(Nature::Solvent),
        );
        foreach ($whole === [] ? [] : ['whole', ...$whole] as $line) {
            $lines[] = $line;
        }

        return PlanSketch::document(implode("\n", $lines));
    }

    /** @param list<string> $others areas named before it */
    private static function area(Randomizer $dice, array $others): string
    {
        $values = static fn(array $cases): string => self::one(
            $dice,
            array_map(static fn(\BackedEnum $one): string => (string) $one->value, $cases),
        );
        $words = [$values(Texture::cases()), $values(AreaSize::cases()), $values(Material::cases())];
        foreach (['touches', 'under', 'behind'] as $relation) {
            if ($others !== [] && $dice->getInt(0, 2) === 0) {
                array_push($words, $relation, self::one($dice, $others));
            }
        }

        return implode(' ', $words);
    }

    /**
     * @param callable(Technique): bool $isMeant
     *
     * @return list<string>
     */
    private static function steps(Randomizer $dice, int $count, callable $isMeant): array
    {
        $techniques = array_values(array_filter(CraftBook::standard()->techniques(), $isMeant));
        $steps = [];
        for ($i = 0; $i < $count; $i++) {
            $technique = self::one($dice, $techniques);
            $words = [$technique->id];
            $paints = array_keys(array_filter(
                PlanSketch::PAINTS,
                static fn(array $paint): bool => $technique->takes->accepts(Kind::from($paint[0])),
            ));
            if ($paints !== [] && $technique->takes !== Takes::Nothing && $dice->getInt(0, 9) > 0) {
                $words[] = self::one($dice, $paints);
            }
            if ($dice->getInt(0, 3) === 0) {
                $words[] = 'x'.$dice->getInt(1, 6);
            }
            if ($dice->getInt(0, 4) === 0) {
                $words[] = 'wait '.self::one($dice, ['0', '20', '600']);
            }
            $steps[] = implode(' ', $words);
        }

        return $steps;
    }

    /**
     * @template T
     *
     * @param non-empty-array<T> $of
     *
     * @return T
     */
    private static function one(Randomizer $dice, array $of): mixed
    {
        return $of[$dice->pickArrayKeys($of, 1)[0]];
    }
}
