<?php

declare(strict_types=1);

namespace App\Shelf;

use App\Models\Product;
use Illuminate\Contracts\Pagination\LengthAwarePaginator;
use Illuminate\Database\Eloquent\Builder;

/** Finds paints by whatever a painter remembers of them: name, code, maker, range, kind, colour word. */
final class PaintSearch
{
    public const PER_PAGE = 60;

    private const ORDERS = [
        'name' => ['name'],
        'maker' => ['maker', 'range', 'code'],
        'value' => ['value', 'name'],
        'hue' => ['hue', 'value'],
        'kind' => ['kind', 'hue', 'value'],
    ];

    /**
     * @param array{search?: string|null, kind?: string|null, maker?: string|null, owned?: string|null, sort?: string|null} $wish
     *
     * @return LengthAwarePaginator<int, Product>
     */
    public function page(array $wish, int $perPage = self::PER_PAGE): LengthAwarePaginator
    {
        return $this->ordered($this->matching($wish), $wish['sort'] ?? 'name')->with('pot')->paginate($perPage);
    }

    /** @return list<string> */
    public static function orders(): array
    {
        return array_keys(self::ORDERS);
    }

    /**
     * @param array{search?: string|null, kind?: string|null, maker?: string|null, owned?: string|null, sort?: string|null} $wish
     *
     * @return Builder<Product>
     */
    public function matching(array $wish): Builder
    {
        $query = Product::query();
        foreach (preg_split('/[\s,]+/', trim($wish['search'] ?? ''), -1, PREG_SPLIT_NO_EMPTY) ?: [] as $word) {
            $like = '%'.addcslashes($word, '%_\\').'%';
            $query->where(static function (Builder $any) use ($like): void {
                foreach (['name', 'code', 'maker', 'range', 'kind', 'colour_words', 'barcode'] as $column) {
                    $any->orWhereRaw("$column like ? escape '\\'", [$like]);
                }
            });
        }
        foreach (['kind', 'maker'] as $column) {
            if (($wish[$column] ?? '') !== '' && $wish[$column] !== null) {
                $query->where($column, $wish[$column]);
            }
        }

        return match ($wish['owned'] ?? 'all') {
            'owned' => $query->whereHas('pot', static fn(Builder $pot) => $pot->where('pots', '>', 0)),
            'wished' => $query->whereHas('pot', static fn(Builder $pot) => $pot->where('wished', true)),
            default => $query,
        };
    }

    /**
     * @param Builder<Product> $query
     *
     * @return Builder<Product>
     */
    private function ordered(Builder $query, string $sort): Builder
    {
        foreach (self::ORDERS[$sort] ?? self::ORDERS['name'] as $column) {
            $query->orderByRaw("$column is null")->orderBy($column);
        }

        return $query->orderBy('id');
    }
}
