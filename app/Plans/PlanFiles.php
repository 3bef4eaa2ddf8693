<?php

declare(strict_types=1);

namespace App\Plans;

use App\Models\Plan;
use App\Models\Product;
use App\Shelf\Catalogue;
use App\Support\SoundJson;
use Illuminate\Support\Facades\DB;
use JsonException;
use Kalokroma\Exchange\DocumentPaints;
use Kalokroma\Exchange\Faulty;
use Kalokroma\Exchange\MeasuredFields;
use Kalokroma\Exchange\PlanDocument;
use Kalokroma\Paint\Paint;

/**
 * Takes plans out as files and brings them in. The paints of a file are told by maker and code, for ids differ from shelf to shelf;
 * one that the catalogue does not have is added to it, and is not owned.
 */
final readonly class PlanFiles
{
    private const ULID = '/^[0-9a-hjkmnp-tv-z]{26}$/D';

    /** As deep as a request may be that saves it again. */
    private const DEEPEST = SoundJson::DEEPEST - 2;

    public function __construct(private PlanStore $plans) {}

    public function takeOut(Plan $plan): string
    {
        try {
            $document = $plan->written()->fields;
        } catch (Faulty) {
            $document = $plan->document;
        }

        return json_encode(
            $document,
            JSON_PRETTY_PRINT | JSON_UNESCAPED_UNICODE | JSON_UNESCAPED_SLASHES | JSON_PRESERVE_ZERO_FRACTION | JSON_THROW_ON_ERROR,
        )."\n";
    }

    /** @throws Faulty when it is no plan file, one from the future, or no sound plan; nothing of it is taken then */
    public function bringIn(string $file): BroughtIn
    {
        try {
            $fields = SoundJson::decode($file, self::DEEPEST);
        } catch (JsonException $fault) {
            throw Faulty::field(
                'file',
                sprintf('This is no plan file, or it is cut short: %s. Take it out of Kalokroma again.', lcfirst($fault->getMessage())),
            );
        }

        return $this->take($fields);
    }

    /**
     * @param array<mixed> $fields
     *
     * @throws Faulty
     */
    public function take(array $fields): BroughtIn
    {
        $document = PlanDocument::ofFile($fields);
        $paints = DocumentPaints::of($fields)->paints;

        return DB::transaction(function () use ($document, $paints): BroughtIn {
            $ids = $added = [];
            foreach ($paints as $paint) {
                $product = self::known($paint);
                if ($product === null) {
                    $added[] = $product = Product::query()->create(self::columns($paint));
                } elseif ($product->trashed()) {
                    $product->restore();
                }
                $ids[$paint->id] = $product->id;
            }

            return new BroughtIn($this->plans->create($document->withPaintsCalled($ids)->fields)->record, $added);
        });
    }

    private static function known(Paint $paint): ?Product
    {
        return $paint->code === ''
            ? Product::withTrashed()
                ->where('maker', $paint->maker ?: Catalogue::NO_MAKER)
                ->where('name', $paint->name)
                ->where('kind', $paint->kind->value)
                ->first()
            : Product::withTrashed()->where('maker', $paint->maker)->where('code', $paint->code)->first();
    }

    /** @return array<string, mixed> of a product that keeps its id where that is free */
    private static function columns(Paint $paint): array
    {
        $maker = $paint->maker === '' ? Catalogue::NO_MAKER : $paint->maker;
        $measured = MeasuredFields::write($paint->measured);
        $isFree = preg_match(self::ULID, $paint->id) === 1 && Product::withTrashed()->whereKey($paint->id)->doesntExist();

        return [
            ...($isFree ? ['id' => $paint->id] : []),
            'maker' => $maker,
            'range' => '',
            'code' => $paint->code === '' ? Catalogue::freeCode($maker, $paint->name) : $paint->code,
            'name' => $paint->name,
            'kind' => $paint->kind,
            'swatch' => $paint->swatch?->toSrgb()->hex(),
            'opacity' => $paint->opacity()->isEstimate ? null : $paint->opacity()->share,
            'finish' => $paint->finish,
            'volume_ml' => Catalogue::USUAL_ML,
            'price' => 0,
            'barcode' => '',
            ...($measured === null ? [] : ['measured' => $measured]),
        ];
    }
}
