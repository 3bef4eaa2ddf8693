<?php

declare(strict_types=1);

namespace Kalokroma\Planning;

use Kalokroma\Recipe\Edit\Edit;
use Kalokroma\Recipe\IllegalPlan;
use Kalokroma\Recipe\Plan;

/** A step put before another one in the running order, or last. What no order can hold is refused, with the reason. */
final readonly class RunStep implements Edit
{
    /** @param string|null $before id of a step; null: last of all */
    public function __construct(
        private string $stepId,
        private ?string $before,
    ) {}

    public function applyTo(Plan $plan): Plan
    {
        $order = Order::of($plan);
        $ids = array_values(array_diff($order->stepIds(), [$this->stepId]));
        $at = $this->before === null ? count($ids) : array_search($this->before, $ids, true);
        if ($at === false || $order->place($this->stepId) === null || $plan->isOfUndercoat($this->stepId)) {
            throw IllegalPlan::unknownStep('step');
        }
        array_splice($ids, $at, 0, [$this->stepId]);
        $moved = $plan->running($plan->running->inOrder($ids));
        foreach (Order::of($moved)->clashes as $clash) {
            if (! self::stoodBefore($clash, $order)) {
                throw IllegalPlan::at(
                    'order',
                    sprintf('"%s" cannot go there: %s.', $plan->step($this->stepId)->technique->label ?? '', $clash->wanted->reason),
                );
            }
        }

        return $moved;
    }

    private static function stoodBefore(Clash $clash, Order $order): bool
    {
        return array_any(
            $order->clashes,
            static fn(Clash $one): bool => $one->wanted->first->id() === $clash->wanted->first->id()
                && $one->wanted->then->id() === $clash->wanted->then->id(),
        );
    }
}
