<?php

declare(strict_types=1);

namespace App\Plans;

use App\Models\Plan;
use App\Models\Product;
use App\Models\ProductPaints;
use Illuminate\Database\Eloquent\Collection;
use Kalokroma\Exchange\PlanDocument;
use Kalokroma\Planning\PaintingOrder;
use Kalokroma\Planning\Pass;
use Kalokroma\Recipe\Area;
use Kalokroma\Recipe\Plan as CorePlan;
use Kalokroma\Review\Finding;
use Kalokroma\Review\Review;

/**
 * A plan document seen through the engine: strips, findings and painting order, with the paints it names.
 */
final readonly class PlanView
{
    /** @param Collection<string, Product> $products the paints it names, by id */
    private function __construct(
        public CorePlan $plan,
        public Collection $products,
        public Strips $strips,
    ) {}

    /**
     * @param array<mixed> $document
     *
     * @throws \Kalokroma\Exchange\Faulty when it is no sound plan
     */
    public static function ofDocument(array $document): self
    {
        $paints = ProductPaints::forDocument($document);
        $plan = PlanDocument::of($document)->plan($paints);

        return new self($plan, $paints->products(), new Strips($plan));
    }

    public static function of(Plan $plan): self
    {
        return self::ofDocument($plan->document);
    }

    /** @return list<Finding> */
    public function findings(Area $area): array
    {
        return Review::of($this->plan, $area, $this->strips->of($area));
    }

    /** @return list<Pass> */
    public function order(): array
    {
        return PaintingOrder::of($this->plan);
    }
}
