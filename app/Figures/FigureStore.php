<?php

declare(strict_types=1);

namespace App\Figures;

use App\Models\Figure;
use App\Models\Plan;
use App\Support\Field;
use App\Support\Refused;
use App\Support\StaleWrite;
use Illuminate\Database\Eloquent\Collection;
use Illuminate\Support\Facades\DB;
use Kalokroma\Exchange\Faulty;
use Kalokroma\Relief\GlbFile;
use Kalokroma\Relief\GlbWriter;
use Kalokroma\Relief\Labels;
use Kalokroma\Relief\Mesh;
use Kalokroma\Relief\Picture;
use Kalokroma\Relief\PictureFaults;

/** Keeps the figures of plans: sculpts, and pictures of the model. */
final class FigureStore
{
    /** Poses of one model that are painted by one plan. */
    private const MOST_OF_A_PLAN = 6;

    /** @return Collection<int, Figure> without the sculpts themselves */
    public function ofPlan(string $planId): Collection
    {
        return Figure::query()->where('plan_id', $planId)->orderBy('id')->get(Figure::TOLD);
    }

    /**
     * @param list<string> $areas ids, where it is known already which areas it has
     * @param string|null $triangles the area of each triangle, a byte each; null while none is named
     *
     * @throws Faulty when it is no sculpt
     * @throws Refused when the plan has as many as it may
     */
    public function add(string $planId, string $name, string $glb, array $areas = [], ?string $triangles = null): Figure
    {
        $mesh = Field::read('sculpt', static fn(): Mesh => GlbFile::read($glb));
        $labels = $triangles === null
            ? Labels::none($mesh)
            : Field::read('triangles', static fn(): Labels => Labels::of($areas, $triangles, $mesh));

        return $this->keep($planId, ['name' => $name, 'sculpt' => $glb], $mesh, $labels);
    }

    /**
     * A picture of the model in place of a sculpt: a flat skin of its points, as high as the plan says the model is.
     *
     * @param string $file JPEG, PNG or WebP
     *
     * @throws Faulty when it is no picture
     * @throws Refused when the plan has as many figures as it may
     */
    public function addPicture(string $planId, string $name, string $file): Figure
    {
        return $this->addGrid($planId, $name, PictureGrid::of($file));
    }

    /**
     * A picture that was made small before.
     *
     * @param list<string> $areas ids, where it is known already which areas it has
     * @param string|null $triangles the area of each triangle, a byte each; null while none is named
     *
     * @throws Faulty when those are another picture's
     * @throws Refused when the plan has as many figures as it may
     */
    public function addGrid(string $planId, string $name, Picture $picture, array $areas = [], ?string $triangles = null): Figure
    {
        $mesh = $picture->mesh((float) Plan::query()->findOrFail($planId)->toCore()->model->heightMm);
        $labels = $triangles === null
            ? Labels::none($mesh)
            : Field::read('triangles', static fn(): Labels => Labels::of($areas, $triangles, $mesh));

        return $this->keep($planId, [
            'name' => $name, 'sculpt' => GlbWriter::write($mesh), 'picture' => $picture->bytes(), 'picture_width' => $picture->width,
            'cautions' => PictureFaults::of($picture),
        ], $mesh, $labels);
    }

    /** @param array<string, mixed> $columns */
    private function keep(string $planId, array $columns, Mesh $mesh, Labels $labels): Figure
    {
        return DB::transaction(function () use ($planId, $columns, $mesh, $labels): Figure {
            $plan = Plan::query()->findOrFail($planId);
            if ($this->ofPlan($plan->id)->count() >= self::MOST_OF_A_PLAN) {
                throw Refused::at('sculpt', sprintf('A plan has up to %d figures. Take one out first.', self::MOST_OF_A_PLAN));
            }

            return Figure::query()->create([
                ...$columns, 'plan_id' => $plan->id, 'vertex_count' => $mesh->vertexCount(), 'triangle_count' => $mesh->triangleCount(),
                'height_mm' => $mesh->heightMm(), 'areas' => $labels->areas, 'labels' => $labels->triangles, 'version' => 1,
            ]);
        });
    }

    /**
     * Says which area each triangle belongs to.
     *
     * @param list<string> $areas ids
     * @param string $triangles a byte each
     * @param string|null $patches the patch of each triangle, two bytes each, where some were cut; null: as they are
     *
     * @throws Faulty when they are told for another sculpt
     * @throws StaleWrite when it was changed elsewhere
     */
    public function label(string $id, array $areas, string $triangles, int $version, ?string $patches = null): Figure
    {
        return DB::transaction(static function () use ($id, $areas, $triangles, $version, $patches): Figure {
            $figure = Figure::query()->findOrFail($id);
            StaleWrite::unlessCurrent('This figure', $version, $figure->version);
            if ($patches !== null) {
                KeptPatches::keep($figure, $patches);
            }
            $labels = Field::read('triangles', static fn(): Labels => Labels::of($areas, $triangles, $figure->mesh()));
            $figure->update(['areas' => $labels->areas, 'labels' => $labels->triangles, 'version' => $figure->version + 1]);

            return $figure;
        });
    }

    public function rename(string $id, string $name): Figure
    {
        return DB::transaction(static function () use ($id, $name): Figure {
            $figure = Figure::query()->findOrFail($id);
            $figure->update(['name' => $name]);

            return $figure;
        });
    }

    public function delete(string $id): void
    {
        DB::transaction(static fn() => Figure::query()->findOrFail($id)->delete());
    }

    /** @throws Refused when the plan has as many as it may by now */
    public function restore(string $id): Figure
    {
        return DB::transaction(function () use ($id): Figure {
            $figure = Figure::onlyTrashed()->findOrFail($id);
            if ($this->ofPlan($figure->plan_id)->count() >= self::MOST_OF_A_PLAN) {
                throw Refused::at('sculpt', sprintf('A plan has up to %d figures. Take one out first.', self::MOST_OF_A_PLAN));
            }
            $figure->restore();

            return $figure;
        });
    }
}
