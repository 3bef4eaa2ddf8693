<?php

declare(strict_types=1);

namespace App\Lists;

use App\Models\Product;
use App\Shelf\Catalogue;
use App\Shelf\PutUp;
use App\Support\Field;
use Illuminate\Database\Eloquent\Builder;
use Illuminate\Support\Facades\DB;
use Kalokroma\Exchange\Faulty;
use Kalokroma\Matching\NamedPot;
use Kalokroma\Matching\PotList;
use Kalokroma\Paint\Finish;
use Kalokroma\Paint\Kind;

/** A shelf written down as names: looked through first, then put up in one go. */
final class PotsByName
{
    /**
     * @return array{pots: list<NamedPot>, owned: list<string>} and which of the paints known stand on the shelf
     *
     * @throws Faulty when there is nothing in it, or too much
     */
    public static function look(string $text): array
    {
        $pots = Field::read('text', static fn(): array => PotList::read($text, CataloguedNames::all()));
        $known = array_map(static fn(NamedPot $one): ?string => $one->known?->id, $pots);
        $offered = array_merge([], ...array_map(static fn(NamedPot $one): array => array_column($one->orElse, 'id'), $pots));

        return [
            'pots' => $pots,
            'owned' => array_values(
                Product::query()
                    ->whereKey([...array_filter($known), ...$offered])
                    ->whereHas('pot', static fn(Builder $pot) => $pot->where('pots', '>', 0))
                    ->pluck('id')
                    ->all(),
            ),
        ];
    }

    /**
     * @param list<array{paint: string|null, name: string, kind: Kind, swatch: string|null, pots: int}> $pots
     *
     * @return array{paints: list<string>, pots: list<string>} ids of what was new
     *
     * @throws Faulty when a paint that was meant is not there any more
     */
    public static function put(array $pots): array
    {
        return DB::transaction(static function () use ($pots): array {
            $known = Product::query()->with('pot')->findMany(array_filter(array_column($pots, 'paint')))->keyBy('id');
            $done = ['paints' => [], 'pots' => []];
            foreach ($pots as $at => $pot) {
                $product = $pot['paint'] === null
                    ? self::made($pot)
                    : $known->get($pot['paint'])
                        ?? throw Faulty::field("pots.$at.paint", 'This paint is not there any more. Look the list through again.');
                $done = array_merge_recursive($done, PutUp::all([[$product, $pot['pots']]]));
            }

            return $done;
        });
    }

    /** @param array{name: string, kind: Kind, swatch: string|null} $pot */
    private static function made(array $pot): Product
    {
        return new Product([
            'maker' => Catalogue::NO_MAKER, 'range' => '', 'code' => Catalogue::freeCode(Catalogue::NO_MAKER, $pot['name']),
            'name' => $pot['name'], 'kind' => $pot['kind'],
            'swatch' => $pot['kind']->isClear()
                ? null
                : $pot['swatch'], 'opacity' => null, 'finish' => Finish::Matt, 'volume_ml' => Catalogue::USUAL_ML, 'price' => 0, 'barcode' => '',
        ]);
    }
}
