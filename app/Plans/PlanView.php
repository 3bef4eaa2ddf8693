<?php

declare(strict_types=1);

namespace App\Plans;

use App\Models\Plan;
use App\Models\ProductPaints;
use App\Models\Setting;
use App\Shelf\OwnedPaints;
use Kalokroma\Exchange\EditReader;
use Kalokroma\Exchange\PlanDocument;
use Kalokroma\Matching\Shelf;
use Kalokroma\Paint\Paint;
use Kalokroma\Planning\Rehearsal;
use Kalokroma\Recipe\Area;
use Kalokroma\Recipe\Edit\Edit;
use Kalokroma\Recipe\Plan as CorePlan;
use Kalokroma\Review\Finding;
use Kalokroma\Review\Review;
use Kalokroma\Review\Scene;
use Kalokroma\Simulation\Look;

/**
 * A plan document seen through the engine: strips, findings and running order, with the paints it names.
 */
final class PlanView
{
    public readonly Rehearsal $rehearsal;

    private ?Shelf $shelf = null;

    private function __construct(
        public readonly PlanDocument $document,
        public readonly CorePlan $plan,
        private readonly ProductPaints $paints,
    ) {
        $this->rehearsal = Rehearsal::of($plan);
    }

    /**
     * @param array<mixed> $document
     *
     * @throws \Kalokroma\Exchange\Faulty when it is no sound plan
     */
    public static function ofDocument(array $document): self
    {
        return self::read(PlanDocument::of($document), ProductPaints::forDocument($document));
    }

    public static function of(Plan $plan): self
    {
        return self::ofDocument($plan->document);
    }

    /**
     * With paints at hand that the plan does not name yet.
     *
     * @param array<mixed> $more what names those others
     */
    public static function withPaintsOf(Plan $plan, array $more): self
    {
        return self::read(PlanDocument::of($plan->document), ProductPaints::forDocument([$plan->document, $more]));
    }

    /** The document saying another plan, read again as it would be written. */
    public function saying(CorePlan $plan): self
    {
        return self::read($this->document->saying($plan), $this->paints->and($plan->paints()));
    }

    /** The document as we would write it ourselves. */
    public function tidied(): self
    {
        return new self($this->document->saying($this->plan), $this->plan, $this->paints);
    }

    /** @return list<Paint> that it names */
    public function paints(): array
    {
        return array_values(array_filter(array_map($this->paints->find(...), $this->document->paintIds())));
    }

    /** What is owned now. */
    public function shelf(): Shelf
    {
        return $this->shelf ??= OwnedPaints::shelf();
    }

    /**
     * An edit of this plan, by its paints and those the edit names.
     *
     * @param array<mixed> $fields as it is sent
     *
     * @throws \Kalokroma\Exchange\Faulty when there is no such edit
     */
    public function edit(array $fields): Edit
    {
        return EditReader::read($fields, $this->paints, Setting::book(), $this->shelf());
    }

    /** What one sees of an area when all is done: where nothing is painted yet the colour it shall have, null when that is open too. */
    public function seen(Area $area): ?Look
    {
        return match (true) {
            $area->steps !== [] => $this->rehearsal->strip($area)->final(),
            $area->aim !== null => Look::flat($area->texture, $area->aim),
            default => null,
        };
    }

    /** @return list<Finding> worst first, with the shelf as it is */
    public function findings(): array
    {
        return Review::of(Scene::of($this->rehearsal, $this->shelf()));
    }

    /** @return list<Finding> the same of the plan as it would be */
    public function findingsIn(CorePlan $changed): array
    {
        return Review::of(Scene::of($this->rehearsal->ofChanged($changed), $this->shelf()));
    }

    private static function read(PlanDocument $document, ProductPaints $paints): self
    {
        return new self($document, $document->plan($paints, Setting::book()), $paints);
    }
}
