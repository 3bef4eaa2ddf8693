<?php

declare(strict_types=1);

namespace App\Models;

use Illuminate\Database\Eloquent\Builder;
use Illuminate\Database\Eloquent\Collection;
use Illuminate\Database\Eloquent\Concerns\HasUlids;
use Illuminate\Database\Eloquent\Model;
use Kalokroma\Craft\Material;
use Kalokroma\Craft\Texture;
use Kalokroma\Exchange\DocumentReader;
use Kalokroma\Exchange\PaintSource;
use Kalokroma\Exchange\StepReader;
use Kalokroma\Recipe\Step;

/**
 * A recipe in the library, shared by the areas that name it.
 *
 * @property string $id
 * @property string $name
 * @property list<string> $tags
 * @property Texture $texture of the area it was made for
 * @property Material $material
 * @property list<array<string, mixed>> $steps as in a plan document, without paints
 * @property int $version
 */
final class Recipe extends Model
{
    use BroughtBack;
    use HasUlids;

    public const MOST_TAGS = 12;

    public const LONGEST_TAG = 40;

    protected $guarded = [];

    /** @var array<string, string> */
    protected $casts = ['tags' => 'array', 'steps' => 'array', 'version' => 'integer', 'texture' => Texture::class, 'material' => Material::class];

    protected $attributes = ['version' => 1];

    /**
     * Its steps with the paints of the catalogue, or with others.
     *
     * @return list<Step>
     *
     * @throws \Kalokroma\Exchange\Faulty when a paint it names became unfit for it
     */
    public function toCore(?PaintSource $paints = null): array
    {
        $in = DocumentReader::of(['steps' => $this->steps]);
        $steps = (new StepReader($paints ?? ProductPaints::forDocument($this->steps), Setting::book()))->steps($in, 'steps');
        $in->mustBeSound();

        return $steps;
    }

    /** @return Builder<Plan> plans with an area that shares it */
    public function plans(): Builder
    {
        /** @var Builder<Plan> */
        return Plan::query()->whereRaw(
            "exists (select 1 from json_each(plans.document, '$.areas') where json_extract(json_each.value, '$.recipe') = ?)",
            [$this->id],
        );
    }

    /**
     * @param list<string> $ids
     *
     * @return Collection<string, self> by id, those that are there
     */
    public static function known(array $ids): Collection
    {
        /** @var Collection<string, self> */
        return $ids === [] ? new Collection : self::query()->findMany($ids)->keyBy('id');
    }
}
