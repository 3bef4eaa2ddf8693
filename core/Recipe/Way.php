<?php

declare(strict_types=1);

namespace Kalokroma\Recipe;

use Kalokroma\Craft\Edges;
use Kalokroma\Craft\OrderStyle;

/** How this painter goes about a model. */
final readonly class Way
{
    public function __construct(
        public OrderStyle $order = OrderStyle::BasesFirst,
        public Edges $edges = Edges::Neat,
    ) {}
}
