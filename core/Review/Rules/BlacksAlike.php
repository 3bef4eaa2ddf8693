<?php

declare(strict_types=1);

namespace Kalokroma\Review\Rules;

use Kalokroma\Colour\Lab;
use Kalokroma\Review\Neutral;
use Kalokroma\Review\NeutralTwins;
use Kalokroma\Review\Rule;
use Kalokroma\Review\Scene;

/** Two blacks on one model lean different ways. */
final class BlacksAlike extends Rule
{
    public function check(Scene $scene): iterable
    {
        $twins = new NeutralTwins(
            $this->id,
            'black',
            sprintf('below value %d', (int) Neutral::BLACK_BELOW),
            Neutral::isBlack(...),
            Lab::of(3.0, 4.0, 5.0),
            'Told by their edges alone two blacks can be the same.',
        );

        return array_filter([$twins->in($scene)]);
    }
}
