<?php

declare(strict_types=1);

namespace App\Models;

use App\Optics\OpticsStore;
use Illuminate\Database\Eloquent\Concerns\HasUlids;
use Illuminate\Database\Eloquent\Model;
use Illuminate\Database\Eloquent\Relations\BelongsToMany;
use Illuminate\Database\Eloquent\Relations\HasOne;
use Illuminate\Database\Eloquent\SoftDeletes;
use Kalokroma\Colour\ColourName;
use Kalokroma\Colour\Lab;
use Kalokroma\Colour\Srgb;
use Kalokroma\Exchange\DocumentReader;
use Kalokroma\Exchange\MeasuredFields;
use Kalokroma\Paint\Finish;
use Kalokroma\Paint\Kind;
use Kalokroma\Paint\Measured;
use Kalokroma\Paint\Paint;

/**
 * A paint of the catalogue.
 *
 * @property string $id
 * @property string $maker
 * @property string $range
 * @property string $code
 * @property string $name
 * @property Kind $kind
 * @property string|null $swatch as a screen shows it; what was measured goes before it
 * @property float|null $opacity
 * @property Finish $finish
 * @property float $volume_ml
 * @property int $price minor units
 * @property string $barcode
 * @property array<string, mixed>|null $measured
 * @property string $colour_words
 * @property float|null $value
 * @property float|null $hue
 * @property int $version
 * @property Pot|null $pot
 * @property \Illuminate\Database\Eloquent\Collection<int, PaintSet> $sets
 * @property \Illuminate\Database\Eloquent\Collection<int, Plan> $plans
 */
final class Product extends Model
{
    use HasUlids;
    use SoftDeletes;
    use Versioned;

    protected $guarded = [];

    /** @var array<string, string> */
    protected $casts = [
        'kind' => Kind::class,
        'finish' => Finish::class,
        'opacity' => 'float',
        'volume_ml' => 'float',
        'price' => 'integer',
        'value' => 'float',
        'hue' => 'float',
        'version' => 'integer',
        'measured' => 'array',
    ];

    protected $attributes = ['version' => 1];

    /** @return HasOne<Pot, $this> */
    public function pot(): HasOne
    {
        return $this->hasOne(Pot::class);
    }

    /** @return BelongsToMany<PaintSet, $this> */
    public function sets(): BelongsToMany
    {
        return $this->belongsToMany(PaintSet::class);
    }

    /** @return BelongsToMany<Plan, $this> */
    public function plans(): BelongsToMany
    {
        return $this->belongsToMany(Plan::class);
    }

    /** What so many unopened pots hold. */
    public function fullMl(int $pots): float
    {
        return round($pots * $this->volume_ml, 4);
    }

    public function isOwned(): bool
    {
        return ($this->pot->pots ?? 0) > 0;
    }

    public function toCore(): Paint
    {
        return self::paint($this->getAttributes());
    }

    /** @param array<string, mixed> $columns as they are stored: a shelf full of paints is made without a model for each */
    public static function paint(array $columns): Paint
    {
        [
            'id' => $id, 'name' => $name, 'kind' => $kind, 'swatch' => $swatch, 'opacity' => $opacity, 'finish' => $finish,
            'maker' => $maker, 'code' => $code,
        ] = $columns;
        $kind = Kind::from($kind);
        $measured = isset($columns['measured']) ? MeasuredFields::read(DocumentReader::of(json_decode($columns['measured'], true)), $kind) : null;

        return app(OpticsStore::class)->paint(
            $id,
            $name,
            $kind,
            $swatch === null ? null : Srgb::parse($swatch)->toLab(),
            $opacity === null ? null : (float) $opacity,
            Finish::from($finish),
            $maker,
            $code,
            $measured,
        );
    }

    public function measured(): Measured
    {
        return $this->measured === null ? Measured::nothing() : MeasuredFields::read(DocumentReader::of($this->measured), $this->kind);
    }

    /** Measured, or else as typed. */
    public function colour(): ?Lab
    {
        return $this->kind->isClear() ? null : $this->measured()->colour ?? $this->typedColour();
    }

    private function typedColour(): ?Lab
    {
        return $this->swatch === null ? null : Srgb::parse($this->swatch)->toLab();
    }

    protected static function booted(): void
    {
        self::saving(static function (self $product): void {
            $colour = $product->colour();
            $product->colour_words = $colour === null
                ? 'clear'
                : ColourName::of($colour)->words().', '.ColourName::of($colour)->temperature()->value;
            $product->value = $colour?->lightness;
            $product->hue = $colour === null || $colour->toLch()->chroma < 5 ? null : $colour->toLch()->hue;
        });
    }
}
