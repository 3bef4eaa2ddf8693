<?php

declare(strict_types=1);

namespace App\Plans;

use App\Models\Plan;
use App\Models\Product;
use App\Models\ProductPaints;
use App\Models\Setting;
use App\Shelf\OwnedPaints;
use Illuminate\Database\Eloquent\Collection;
use Kalokroma\Exchange\PlanDocument;
use Kalokroma\Planning\Rehearsal;
use Kalokroma\Recipe\Plan as CorePlan;
use Kalokroma\Review\Finding;
use Kalokroma\Review\Review;
use Kalokroma\Review\Scene;

/**
 * A plan document seen through the engine: strips, findings and running order, with the paints it names.
 */
final readonly class PlanView
{
    /** @param Collection<string, Product> $products the paints it names, by id */
    private function __construct(
        public CorePlan $plan,
        public Collection $products,
        public Rehearsal $rehearsal,
    ) {}

    /**
     * @param array<mixed> $document
     *
     * @throws \Kalokroma\Exchange\Faulty when it is no sound plan
     */
    public static function ofDocument(array $document): self
    {
        $paints = ProductPaints::forDocument($document);
        $plan = PlanDocument::of($document)->plan($paints, Setting::book());

        return new self($plan, $paints->products(), Rehearsal::of($plan));
    }

    public static function of(Plan $plan): self
    {
        return self::ofDocument($plan->document);
    }

    /** @return list<Finding> worst first, with the shelf as it is */
    public function findings(): array
    {
        return Review::of(Scene::of($this->rehearsal, OwnedPaints::now()->shelf()));
    }
}
