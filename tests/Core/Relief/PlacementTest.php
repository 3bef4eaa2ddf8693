<?php

declare(strict_types=1);

namespace Tests\Core\Relief;

use Kalokroma\Relief\Placement;
use PHPUnit\Framework\TestCase;

final class PlacementTest extends TestCase
{
    /** The quaternion (1, 2, 3, 4) / √30, by hand: thirtieths, column by column, each as long as its scale. */
    public function testANodeIsTurnedScaledAndMoved(): void
    {
        $node = [
            'rotation' => array_map(static fn(int $one): float => $one / sqrt(30), [1, 2, 3, 4]),
            'scale' => [1, 2, 3],
            'translation' => [5, 6, 7],
        ];

        self::assertEqualsWithDelta(
            [4 / 30, 28 / 30, -10 / 30, 0, -40 / 30, 20 / 30, 40 / 30, 0, 66 / 30, 12 / 30, 60 / 30, 0, 5, 6, 7, 1],
            Placement::ofNode($node),
            1e-12,
        );
    }
}
