<?php

declare(strict_types=1);

namespace App\Plans;

use App\Models\Plan;
use App\Models\Product;
use Kalokroma\Exchange\Fault;
use Kalokroma\Exchange\Faulty;
use Kalokroma\Exchange\PlanDocument;

/**
 * Brings plans in from plan documents. The paints of a document are told by maker and code, for ids differ from shelf to shelf.
 */
final readonly class PlanFiles
{
    public function __construct(private PlanStore $plans) {}

    public function takeOut(Plan $plan): string
    {
        try {
            $document = $plan->written()->fields;
        } catch (Faulty) {
            $document = $plan->document;
        }

        return json_encode($document, JSON_PRETTY_PRINT | JSON_UNESCAPED_UNICODE | JSON_UNESCAPED_SLASHES | JSON_PRESERVE_ZERO_FRACTION | JSON_THROW_ON_ERROR)."\n";
    }

    /**
     * @param array<mixed> $document
     *
     * @throws Faulty when it is no sound plan, or names a paint that the catalogue does not have
     */
    public function bringIn(array $document): Plan
    {
        $ids = $faults = [];
        $paints = is_array($document['paints'] ?? null) ? $document['paints'] : [];
        foreach ($paints as $i => $paint) {
            $maker = is_array($paint) && is_string($paint['maker'] ?? null) ? $paint['maker'] : '';
            $code = is_array($paint) && is_string($paint['code'] ?? null) ? $paint['code'] : '';
            $id = Product::query()->where('maker', $maker)->where('code', $code)->value('id');
            if (is_array($paint) && is_string($paint['id'] ?? null) && is_string($id)) {
                $ids[$paint['id']] = $id;
            } else {
                $faults[] = new Fault("paints.$i", sprintf('The catalogue has no paint "%s" by "%s". Bring it in first.', $code, $maker));
            }
        }
        if ($faults !== []) {
            throw Faulty::with($faults);
        }

        return $this->plans->create(PlanDocument::of($document)->withPaintsCalled($ids)->fields);
    }
}
