<?php

declare(strict_types=1);

namespace Kalokroma\Mixing;

use Kalokroma\Colour\Difference;
use Kalokroma\Colour\Lab;

/** A mix the solver found, the colour it dries to, and how that differs from the target. */
final readonly class MixAnswer
{
    public function __construct(
        public Mix $mix,
        public Lab $colour,
        public Difference $difference,
    ) {}

    /** @return array{float, int, int} what answers are ranked by: difference, paints, parts */
    public function rank(): array
    {
        return [
            round($this->difference->number / BestMixes::RANKING_STEP) * BestMixes::RANKING_STEP,
            count($this->mix->ingredients),
            $this->mix->parts(),
        ];
    }
}
