<?php

declare(strict_types=1);

namespace Kalokroma\Review\Rules;

use Kalokroma\Colour\Lab;
use Kalokroma\Review\Neutral;
use Kalokroma\Review\NeutralTwins;
use Kalokroma\Review\Rule;
use Kalokroma\Review\Scene;

/** Two whites on one model lean different ways. */
final class WhitesAlike extends Rule
{
    public function check(Scene $scene): iterable
    {
        $twins = new NeutralTwins(
            $this->id,
            'white',
            sprintf('above value %d', (int) Neutral::WHITE_ABOVE),
            Neutral::isWhite(...),
            Lab::of(0.0, 1.0, 7.0),
            'On a pale model one white may be enough.',
        );

        return array_filter([$twins->in($scene)]);
    }
}
