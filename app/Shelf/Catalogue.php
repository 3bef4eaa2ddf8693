<?php

declare(strict_types=1);

namespace App\Shelf;

use App\Models\Pot;
use App\Models\PotReading;
use App\Models\Product;
use App\Support\Refused;
use App\Support\StaleWrite;
use Illuminate\Database\UniqueConstraintViolationException;
use Illuminate\Support\Facades\DB;
use Illuminate\Support\Str;
use Kalokroma\Exchange\Faulty;
use Kalokroma\Exchange\MeasuredFields;
use Kalokroma\Paint\Measured;

/**
 * The paints that exist and what is owned of them.
 */
final class Catalogue
{
    /** Of a paint whose maker nobody has written down. */
    public const NO_MAKER = 'no maker';

    /** What a pot usually holds. */
    public const USUAL_ML = 17.0;

    /** Opacities are shown to four digits. */
    private const AS_SHOWN = 0.0001;

    /** For a paint without a code: its name, so that files can tell it from others of its maker. */
    public static function freeCode(string $maker, string $name, string $exceptId = ''): string
    {
        $plain = mb_substr(Str::slug($name) ?: 'paint', 0, 30);
        $taken = Product::withTrashed()->where('maker', $maker)->whereKeyNot($exceptId)->where('code', 'like', "$plain%")->pluck('code')->flip();
        $code = $plain;
        for ($number = 2; $taken->has($code); $number++) {
            $code = "$plain-$number";
        }

        return $code;
    }

    /**
     * @param array<string, mixed> $columns
     * @param int $pots full ones put on the shelf with it
     */
    public function add(array $columns, int $pots = 0): Product
    {
        return self::unlessTaken(static fn(): Product => DB::transaction(static function () use ($columns, $pots): Product {
            $product = Product::query()->create($columns);
            if ($pots > 0) {
                $product->pot()->create(['pots' => $pots, 'remaining_ml' => $product->fullMl($pots)]);
            }

            return $product->load('pot');
        }));
    }

    /**
     * @param array<string, mixed> $columns
     * @param int $version the one the change was made on
     *
     * @throws StaleWrite when it was changed elsewhere
     * @throws Refused when what is painted with it could not be with its new kind
     */
    public function change(string $id, array $columns, int $version): Product
    {
        return self::unlessTaken(static fn(): Product => DB::transaction(static function () use ($id, $columns, $version): Product {
            $product = Product::query()->findOrFail($id);
            StaleWrite::unlessCurrent('This paint', $version, $product->version);
            $product->fill([...self::typed($product, $columns), 'version' => $version + 1]);
            $uses = PaintUses::brokenBy($product);
            if ($uses !== []) {
                throw Refused::wrongKind($product->name, $product->kind->label(), $uses);
            }
            $product->save();

            return $product->load('pot');
        }));
    }

    /**
     * Of several who add the same paint at once the first wins.
     *
     * @param callable(): Product $write
     *
     * @throws Faulty when maker and code are another paint's
     */
    private static function unlessTaken(callable $write): Product
    {
        try {
            return $write();
        } catch (UniqueConstraintViolationException) {
            throw Faulty::field('code', 'This maker already has a paint with this code. Give it another, or edit that one.');
        }
    }

    /** @throws Refused when a plan uses it */
    public function remove(string $id): void
    {
        DB::transaction(static function () use ($id): void {
            $product = Product::query()->findOrFail($id);
            $uses = PaintUses::plans($product);
            if ($uses !== []) {
                throw Refused::inUse($product->name, $uses);
            }
            $product->delete();
        });
    }

    /**
     * A colour or opacity that is typed anew takes the place of what was measured; one sent back as it was shown does not.
     *
     * @param array<string, mixed> $columns
     *
     * @return array<string, mixed>
     */
    private static function typed(Product $product, array $columns): array
    {
        if (array_key_exists('measured', $columns) || $product->measured === null) {
            return $columns;
        }
        $measured = $product->measured();
        $keepsColour = ($columns['swatch'] ?? null) === $product->colour()?->toSrgb()->hex() && ($columns['kind'] ?? null) === $product->kind;
        $keepsOpacity = $measured->strength === null
            || (is_numeric($columns['opacity'] ?? null) && abs((float) $columns['opacity'] - $measured->strength->share) < self::AS_SHOWN);

        return match (true) {
            $keepsColour
                && $keepsOpacity => [
                    ...$columns,
                    'swatch' => $product->swatch,
                    ...($measured->strength === null ? [] : ['opacity' => $product->opacity]),
                ],
            $keepsColour && $measured->colour !== null && $measured->colourBy !== null => [
                ...$columns, 'swatch' => $product->swatch,
                'measured' => MeasuredFields::write(Measured::nothing()->withColour($measured->colour, $measured->colourBy)),
            ],
            default => [...$columns, 'measured' => null],
        };
    }

    /** @throws Refused when its maker and code were given to another paint meanwhile */
    public function restore(string $id): Product
    {
        return DB::transaction(static function () use ($id): Product {
            $product = Product::onlyTrashed()->findOrFail($id);
            if (Product::query()->where('maker', $product->maker)->where('code', $product->code)->exists()) {
                throw Refused::at('code', 'Another paint by this maker has its code now. Change that one first.');
            }
            $product->restore();

            return $product->load('pot');
        });
    }

    /**
     * @param array{pots: int, remaining_ml: float|null, note: string, wished: bool} $columns null: the pots are full
     * @param int $version the one the change was made on, 0 when there was nothing yet
     *
     * @throws StaleWrite when it was changed elsewhere
     */
    public function setPot(string $id, array $columns, int $version): Product
    {
        return DB::transaction(static function () use ($id, $columns, $version): Product {
            $product = Product::query()->with('pot')->findOrFail($id);
            $pot = $product->pot ?? new Pot(['product_id' => $id]);
            StaleWrite::unlessCurrent('What you own of this paint', $version, $pot->exists ? $pot->version : 0);
            $columns['remaining_ml'] ??= $product->fullMl($columns['pots']);
            PotReading::note($pot, (float) $columns['remaining_ml']);
            $pot->fill([...$columns, 'version' => $version + 1])->save();

            return $product->setRelation('pot', $pot);
        });
    }

    /** @return list<string> */
    public function makers(): array
    {
        return array_values(Product::query()->distinct()->orderBy('maker')->pluck('maker')->all());
    }

    public function ownedCount(): int
    {
        return Pot::query()->where('pots', '>', 0)->whereHas('product')->count();
    }
}
