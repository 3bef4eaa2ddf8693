<?php

declare(strict_types=1);

namespace App\Models;

use Illuminate\Database\Eloquent\Concerns\HasUlids;
use Illuminate\Database\Eloquent\Model;
use Illuminate\Database\Eloquent\Relations\BelongsTo;
use Illuminate\Database\Eloquent\SoftDeletes;
use Kalokroma\Relief\GlbFile;
use Kalokroma\Relief\IllegalSculpt;
use Kalokroma\Relief\Labels;
use Kalokroma\Relief\Mesh;
use Kalokroma\Relief\Picture;

/**
 * The sculpt of the model a plan is for, and which area each of its triangles belongs to.
 *
 * @property string $id
 * @property string $plan_id
 * @property string $name
 * @property string $sculpt GLB
 * @property int $triangle_count
 * @property int $vertex_count
 * @property float $height_mm
 * @property list<string> $areas ids, in the order in which the labels number them
 * @property string $labels a byte for each triangle
 * @property int $version
 * @property string|null $picture the grid of colours of a figure that is a picture
 * @property int|null $picture_width
 * @property list<string>|null $cautions what that picture lacks
 * @property Plan $plan
 */
final class Figure extends Model
{
    use HasUlids;
    use SoftDeletes;
    use Versioned;

    /** All but the sculpt itself. */
    public const TOLD = [
        'id', 'plan_id', 'name', 'triangle_count', 'vertex_count', 'height_mm', 'areas', 'version', 'picture_width', 'cautions',
        'updated_at', 'deleted_at',
    ];

    protected $guarded = [];

    /** @var array<string, string> */
    protected $casts = [
        'triangle_count' => 'integer', 'vertex_count' => 'integer', 'height_mm' => 'float', 'areas' => 'array', 'version' => 'integer',
        'picture_width' => 'integer', 'cautions' => 'array',
    ];

    /** @return BelongsTo<Plan, $this> */
    public function plan(): BelongsTo
    {
        return $this->belongsTo(Plan::class);
    }

    public function isPicture(): bool
    {
        return $this->picture_width !== null;
    }

    /** @throws IllegalSculpt when what is kept is damaged */
    public function toPicture(): Picture
    {
        return Picture::read(
            (int) $this->picture_width,
            $this->getAttributes()['picture'] ?? (string) self::query()->whereKey($this->id)->toBase()->value('picture'),
        );
    }

    /** @throws IllegalSculpt when what is kept is damaged */
    public function mesh(): Mesh
    {
        return GlbFile::read($this->sculpt);
    }

    /** @throws IllegalSculpt when what is kept is damaged */
    public function toLabels(Mesh $mesh): Labels
    {
        return Labels::of($this->areas, $this->labels, $mesh);
    }
}
