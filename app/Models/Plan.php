<?php

declare(strict_types=1);

namespace App\Models;

use Illuminate\Database\Eloquent\Collection;
use Illuminate\Database\Eloquent\Concerns\HasUlids;
use Illuminate\Database\Eloquent\Model;
use Illuminate\Database\Eloquent\Relations\BelongsToMany;
use Illuminate\Database\Eloquent\Relations\HasMany;
use Illuminate\Database\Eloquent\SoftDeletes;
use Illuminate\Support\Carbon;
use Kalokroma\Exchange\PlanDocument;
use Kalokroma\Recipe\Plan as CorePlan;

/**
 * A plan, kept as a plan document without its paints, which are looked up in the catalogue.
 *
 * @property string $id
 * @property string $name
 * @property array<string, mixed> $document
 * @property int $revision which of its revisions is the present one
 * @property int $version grows with every change, undo and redo included
 * @property Carbon $updated_at
 * @property Collection<int, Batch> $batches
 */
final class Plan extends Model
{
    use HasDocument;
    use HasUlids;
    use SoftDeletes;
    use Versioned;

    protected $guarded = [];

    /** @var array<string, string> */
    protected $casts = ['revision' => 'integer', 'version' => 'integer'];

    protected $attributes = ['revision' => 1, 'version' => 1];

    /** @return HasMany<PlanRevision, $this> */
    public function revisions(): HasMany
    {
        return $this->hasMany(PlanRevision::class);
    }

    /** @return HasMany<Batch, $this> */
    public function batches(): HasMany
    {
        return $this->hasMany(Batch::class);
    }

    /** @return BelongsToMany<Product, $this> */
    public function products(): BelongsToMany
    {
        return $this->belongsToMany(Product::class);
    }

    /** @throws \Kalokroma\Exchange\Faulty when a paint it names became unfit for it */
    public function toCore(): CorePlan
    {
        return PlanDocument::of($this->document)->plan(ProductPaints::forDocument($this->document), Setting::book());
    }

    /**
     * The document with its paints as they are now.
     *
     * @throws \Kalokroma\Exchange\Faulty when a paint it names became unfit for it
     */
    public function written(): PlanDocument
    {
        return PlanDocument::of($this->document)->tidied(ProductPaints::forDocument($this->document));
    }
}
