<?php

declare(strict_types=1);

namespace App\Shelf;

use App\Models\Batch;
use App\Models\KeptMix;
use App\Models\Plan;
use App\Models\Product;
use App\Models\ProductPaints;
use App\Models\Recipe;
use App\Models\SnapshotPaints;
use Illuminate\Database\Eloquent\Builder;
use Illuminate\Database\Eloquent\Model;
use Kalokroma\Exchange\Faulty;
use Kalokroma\Exchange\PaintSource;
use Kalokroma\Exchange\PlanDocument;
use Kalokroma\Illegal;
use Kalokroma\Paint\Paint;

/** What is painted with a paint, and what of it could not be any more if the paint became something else. */
final class PaintUses
{
    /** Told one by one; the rest is counted. */
    private const MOST_TOLD = 6;

    /**
     * Plans with all their undercoats, blends and ways, recipes of the library, kept mixes, and batches that are being painted.
     *
     * @return list<string> in words, those that read well as things are and not with the paint as it is about to be
     */
    public static function brokenBy(Product $changed): array
    {
        if (! $changed->exists || ! $changed->isDirty('kind')) {
            return [];
        }
        $paint = $changed->toCore();
        $uses = [];
        foreach (Plan::query()->whereHas('products', static fn(Builder $one) => $one->whereKey($changed->id))->orderBy('name')->get() as $plan) {
            $uses[] = self::told("the plan \"$plan->name\"", $plan->document, ProductPaints::forDocument($plan->document), $paint);
        }
        foreach (self::naming(Recipe::query(), 'steps', $changed->id) as $recipe) {
            $paints = ProductPaints::forDocument($recipe->steps);
            $uses[] = self::reads(static fn() => $recipe->toCore($paints))
                && ! self::reads(static fn() => $recipe->toCore(new ChangedPaint($paints, $paint)))
                ? "the shared recipe \"$recipe->name\""
                : null;
        }
        foreach (self::naming(KeptMix::query(), 'parts', $changed->id) as $mix) {
            $paints = ProductPaints::forDocument($mix->parts);
            $uses[] = $mix->toCore($paints) !== null && $mix->toCore(new ChangedPaint($paints, $paint)) === null ? "the mix \"$mix->name\"" : null;
        }
        foreach (self::naming(Batch::query(), 'document', $changed->id) as $batch) {
            $uses[] = $batch->load('entries')->progress()->open() === []
                ? null
                : self::told("the batch \"$batch->name\", which is being painted", $batch->document, SnapshotPaints::of($batch->document), $paint);
        }
        $uses = array_values(array_filter($uses));

        return count($uses) > self::MOST_TOLD
            ? [...array_slice($uses, 0, self::MOST_TOLD), sprintf('%d more', count($uses) - self::MOST_TOLD)]
            : $uses;
    }

    /** @return list<string> plans that use it, as they stand in a refusal */
    public static function plans(Product $product): array
    {
        return array_values($product->plans()->orderBy('name')->get()->map(static fn(Plan $plan): string => 'the plan "'.$plan->name.'"')->all());
    }

    /** @param array<mixed> $document */
    private static function told(string $name, array $document, PaintSource $paints, Paint $changed): ?string
    {
        $fault = self::fault($document, $paints) === null ? self::fault($document, new ChangedPaint($paints, $changed)) : null;

        return $fault === null ? null : $name.self::place($fault, $document);
    }

    /** @param array<mixed> $document */
    private static function fault(array $document, PaintSource $paints): ?string
    {
        try {
            PlanDocument::of($document)->plan($paints);
        } catch (Faulty $faulty) {
            return $faulty->faults[0]->field;
        }

        return null;
    }

    /**
     * @param string $field at fault
     * @param array<mixed> $document
     *
     * @return string " (Cloak)", or what it is of the undercoat
     */
    private static function place(string $field, array $document): string
    {
        $path = explode('.', $field);
        $name = $path[0] === 'areas' ? $document['areas'][(int) ($path[1] ?? 0)]['name'] ?? null : null;

        return match (true) {
            $path[0] === 'undercoat' => ' (its undercoat)',
            $path[0] === 'wholeModel' => ' (the whole model)',
            is_string($name) => " ($name)",
            default => '',
        };
    }

    /** @param callable(): mixed $read */
    private static function reads(callable $read): bool
    {
        try {
            $read();
        } catch (Faulty|Illegal) {
            return false;
        }

        return true;
    }

    /**
     * @template T of Model
     *
     * @param Builder<T> $rows
     *
     * @return iterable<int, T> whose column speaks of the paint
     */
    private static function naming(Builder $rows, string $column, string $paintId): iterable
    {
        return $rows->where($column, 'like', "%$paintId%")->orderBy('name')->lazy(50);
    }
}
