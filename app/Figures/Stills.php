<?php

declare(strict_types=1);

namespace App\Figures;

use App\Models\Batch;
use App\Models\Figure;
use App\Models\Plan;
use App\Models\Product;
use App\Plans\PlanView;
use App\Support\Kept;
use Kalokroma\Planning\Rehearsal;
use Kalokroma\Planning\SquadPlan;
use Kalokroma\Recipe\Area;
use Kalokroma\Relief\Camera;
use Kalokroma\Relief\Frame;
use Kalokroma\Relief\PackedRelief;
use Kalokroma\Relief\PaintedArea;
use Kalokroma\Relief\PaintedLook;
use Kalokroma\Relief\PaintedStage;
use Kalokroma\Relief\Still;

/** Pictures of painted figures for lists and for paper, kept until the plan or its paints change. */
final class Stills
{
    /** Of the relief, that one picture may wait for: on a slow machine, or of a very fine sculpt, a spray takes its time. */
    private const MOST_SLICES = 16;

    /** From here on it is fine enough as it is. */
    private const LARGE = 600;

    /**
     * Where pictures of plans' figures can be had, of those on which areas are named: at another address when they look otherwise.
     *
     * @param array<string, mixed> $looks what the plans look like, by id
     *
     * @return array<string, array{still: string, heightMm: float}> by plan; the address takes a size
     */
    public static function addresses(array $looks): array
    {
        $stills = [];
        foreach (Figure::query()->whereIn('plan_id', array_keys($looks))->orderByDesc('id')->get(Figure::TOLD) as $figure) {
            if ($figure->areas !== []) {
                $stills[$figure->plan_id] = [
                    'still' => sprintf(
                        '/api/figures/%s/still?of=%s',
                        $figure->id,
                        hash('xxh32', $figure->standing().serialize($looks[$figure->plan_id])),
                    ),
                    'heightMm' => round($figure->height_mm, 1),
                ];
            }
        }

        return $stills;
    }

    /**
     * @param int|null $pass as after so many steps; null: in the end
     *
     * @return string|null PNG; null while the relief is not worked out
     */
    public static function of(Figure $figure, int $width, int $height, float $turnDegrees, ?int $pass = null): ?string
    {
        $plan = Plan::query()->findOrFail($figure->plan_id);
        $work = FigureWork::on($figure->setRelation('plan', $plan));
        if (! $work->isDone()) {
            return null;
        }

        return self::kept(
            [$figure->standing(), $work->key(), $plan->standing(), self::paints($plan), $width, $height, $turnDegrees, $pass],
            static fn(): string => self::drawn(
                $figure,
                $work,
                self::looksAfter($figure, PlanView::of($plan)->rehearsal, $pass),
                $width,
                $height,
                $turnDegrees,
            ),
        );
    }

    /**
     * As the figure would look with the plan changed, from where an area is seen best.
     *
     * @param PlanView $after the plan as it would be
     * @param string|null $area id; null: from the front
     *
     * @return string|null PNG; null while the relief is not worked out
     */
    public static function after(Figure $figure, PlanView $after, int $width, int $height, ?string $area): ?string
    {
        $plan = Plan::query()->findOrFail($figure->plan_id);
        $work = FigureWork::on($figure->setRelation('plan', (clone $plan)->setAttribute('document', $after->document->fields)));
        // Another undercoat may be sprayed otherwise: what that leaves is worked out once.
        for ($slice = 0; $slice < self::MOST_SLICES && ! $work->isDone(); $slice++) {
            $work->goOn();
        }
        if (! $work->isDone()) {
            return null;
        }

        return self::looking($figure, $work, self::looksAfter($figure, $after->rehearsal, null), $width, $height, $area);
    }

    /**
     * As one model of a batch stands on the table: what was really used on it, as far as it is painted.
     *
     * @return string|null PNG; null where its plan has no figure whose relief is worked out
     */
    public static function ofBatch(Batch $batch, int $model, int $width, int $height): ?string
    {
        $figure = Figure::query()->where('plan_id', $batch->plan_id)->orderByDesc('id')->first();
        $plan = $figure === null || $figure->areas === [] ? null : Plan::query()->find($figure->plan_id);
        if ($figure === null || $plan === null) {
            return null;
        }
        $work = FigureWork::on($figure->setRelation('plan', $plan));
        if (! $work->isDone()) {
            return null;
        }
        $squad = SquadPlan::of($batch->core()->asDone($batch->paints()->find(...)), $batch->squad());
        $progress = $batch->progress();
        $painted = [];
        foreach ($progress->passes as $pass) {
            $painted[$pass->step->id] = $progress->isDoneOn($pass, $model);
        }
        $areas = $squad->areasOn($model);
        $looks = self::looks(
            $figure,
            $squad->rehearsalOf($model),
            static fn(string $id): ?Area => $areas[$id] ?? null,
            static fn(PaintedStage $stage): bool => $stage->stepId === null || ($painted[$stage->stepId] ?? false),
        );

        return self::looking($figure, $work, $looks, $width, $height);
    }

    private static function paints(Plan $plan): string
    {
        return $plan
            ->products()
            ->orderBy('products.id')
            ->get((new Product)->qualifyColumns(Product::STANDING))
            ->map(static fn(Product $product): string => $product->standing())
            ->implode(' ');
    }

    /**
     * Kept by what is seen on it, whatever that comes from: what was drawn before an edit is there again when it is taken back.
     *
     * @param array<int, PaintedLook> $looks
     */
    private static function looking(Figure $figure, FigureWork $work, array $looks, int $width, int $height, ?string $area = null): ?string
    {
        return self::kept(
            [$figure->standing(), $work->key(), hash('xxh128', serialize($looks)), $width, $height, $area],
            static fn(): string => self::drawn($figure, $work, $looks, $width, $height, area: $area),
        );
    }

    /**
     * @param list<mixed> $facts what the picture follows from
     * @param callable(): string $drawn
     */
    private static function kept(array $facts, callable $drawn): ?string
    {
        return base64_decode(Kept::now()->of('still', $facts, static fn(): array => [base64_encode($drawn())])[0], true) ?: null;
    }

    /**
     * @param array<int, PaintedLook> $looks
     * @param string|null $area id, seen from near and from where it is seen best; null: all of the figure, turned so far
     */
    private static function drawn(
        Figure $figure,
        FigureWork $work,
        array $looks,
        int $width,
        int $height,
        float $turnDegrees = 0.0,
        ?string $area = null,
    ): string {
        $mesh = $figure->mesh();
        $labels = $figure->toLabels($mesh);
        $skin = PackedRelief::skin($work->bytes());
        $camera = Camera::turned($turnDegrees);
        $frame = Frame::whole($width, $height);
        $number = $area === null || $figure->isPicture() ? false : array_search($area, $labels->areas, true);
        if ($number !== false) {
            $turns = Kept::now()->of('facing', [$figure->standing()], static fn(): array => Camera::facing($mesh, $labels));
            $camera = Camera::turned($turns[$number]);
            $frame = Frame::near($mesh, $labels, $number, $camera, $width, $height);
        }
        $still = Still::of(
            $mesh,
            $labels,
            $skin->markedFor($looks, static fn(): array => FigureWork::markPlaces($figure, $mesh, $labels, $skin)),
            $looks,
            $camera,
            $frame,
            $height <= self::LARGE,
            $figure->isPicture(),
        );

        return StillPng::of([$still]);
    }

    /**
     * @param callable(string): (Area|null) $area by the id it has on the figure
     * @param callable(PaintedStage): bool $isSeen
     *
     * @return array<int, PaintedLook> by the number that labels give an area
     */
    private static function looks(Figure $figure, Rehearsal $rehearsal, callable $area, callable $isSeen): array
    {
        $looks = [];
        foreach ($figure->areas as $number => $id) {
            $one = $area($id);
            if ($one === null) {
                continue;
            }
            $painted = PaintedArea::of($rehearsal, $one);
            $stages = array_values(array_filter($painted->stages, $isSeen));
            $looks[$number] = PaintedLook::of($painted, $stages[count($stages) - 1]);
        }

        return $looks;
    }

    /** @return array<int, PaintedLook> of a plan, after so many steps or in the end */
    private static function looksAfter(Figure $figure, Rehearsal $rehearsal, ?int $pass): array
    {
        $order = $rehearsal->order();

        return self::looks(
            $figure,
            $rehearsal,
            $rehearsal->plan->area(...),
            static fn(PaintedStage $stage): bool => $pass === null || $stage->stepId === null || ($order->pass($stage->stepId)->number ?? 0) <= $pass,
        );
    }
}
