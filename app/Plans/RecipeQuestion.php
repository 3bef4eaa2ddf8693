<?php

declare(strict_types=1);

namespace App\Plans;

use App\Models\Plan;
use App\Models\Product;
use App\Models\Setting;
use App\Support\Field;
use Illuminate\Database\Eloquent\ModelNotFoundException;
use Illuminate\Support\Str;
use Kalokroma\Colour\Lab;
use Kalokroma\Exchange\Faulty;
use Kalokroma\Paint\Paint;
use Kalokroma\Recipe\Area;
use Kalokroma\Writing\PaintBox;
use Kalokroma\Writing\Proposal;
use Kalokroma\Writing\Scheme;
use Kalokroma\Writing\School;
use Kalokroma\Writing\Taste;
use Kalokroma\Writing\Wish;
use Kalokroma\Writing\Writer;
use Kalokroma\Writing\WritingWish;

/** How an area of a plan might be painted in a colour: from the shelf as it is, on the undercoat the plan has. */
final readonly class RecipeQuestion
{
    /** @param list<string> $keep ids of steps that stay as they are */
    private function __construct(
        private PlanView $view,
        private Area $area,
        private Lab $target,
        private ?School $school,
        private Taste $taste,
        private array $keep,
    ) {}

    /**
     * @param array{target: array{colour?: string|null, paint?: string|null, area?: string|null, plan?: string|null}, school?: string|null,
     *     wishes?: list<string>, keep?: list<string>} $wish
     *
     * @throws Faulty when the target makes no sense
     * @throws ModelNotFoundException<\Illuminate\Database\Eloquent\Model> when area or paint are gone
     */
    public static function of(PlanView $view, string $areaId, array $wish): self
    {
        $area = $view->plan->area($areaId) ?? throw (new ModelNotFoundException)->setModel(Plan::class, [$areaId]);

        return new self(
            $view,
            $area,
            self::target($view, $wish['target']),
            School::tryFrom($wish['school'] ?? ''),
            Taste::of(array_map(Wish::from(...), $wish['wishes'] ?? [])),
            $wish['keep'] ?? [],
        );
    }

    /** The colour that is asked for, whichever way it was told. */
    public function asked(): Lab
    {
        return $this->target;
    }

    /** @return list<Proposal> */
    public function proposals(): array
    {
        $shelf = $this->view->shelf();
        $box = new PaintBox(array_values($shelf->owned()), static fn(): array => array_values(
            Product::query()->toBase()->orderBy('maker')->orderBy('code')->get()
                ->map(static fn(object $row): Paint => Product::paint((array) $row))
                ->filter(static fn(Paint $paint): bool => ! $shelf->has($paint))->all(),
        ));
        $plan = $this->view->plan;

        return (new Writer($box))->write(
            new WritingWish(
                $this->area,
                $this->target,
                $plan->model,
                $plan->undercoatOf($this->area),
                strtolower((string) Str::ulid()),
                $this->taste,
                $this->keep,
                Setting::hasAirbrush(),
            ),
            $this->school,
        );
    }

    /**
     * @param array{colour?: string|null, paint?: string|null, area?: string|null, plan?: string|null} $target
     *
     * @throws Faulty
     */
    private static function target(PlanView $view, array $target): Lab
    {
        if (($target['area'] ?? null) !== null) {
            $from = ($target['plan'] ?? null) === null ? $view : PlanView::of(Plan::query()->findOrFail($target['plan']));
            $area = $from->plan->area($target['area']) ?? throw Faulty::field('target.area', 'There is no such area any more. Choose another.');

            return Scheme::meant($area)
                ?? throw Faulty::field('target.area', sprintf('"%s" has no colour yet. Choose an area that is painted.', $area->name));
        }
        if (($target['paint'] ?? null) !== null) {
            return Product::query()->findOrFail($target['paint'])->colour()
                ?? throw Faulty::field('target.paint', 'This pot has no colour. Choose a paint, or pick the colour.');
        }

        return Field::read('target.colour', static fn(): Lab => Lab::spoken($target['colour'] ?? ''));
    }
}
