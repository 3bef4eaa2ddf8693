<?php

declare(strict_types=1);

namespace Kalokroma\Planning;

/**
 * What painters are used to doing before something else. The order is solved by it, and the review speaks where a painter's own order
 * breaks it.
 */
interface Custom extends Law
{
    /** Whether an order that breaks it does no harm, because of what comes later or lies over it. */
    public function excuses(Precedence $broken, Tasks $tasks, Order $order): bool;
}
