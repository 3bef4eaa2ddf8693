<?php

declare(strict_types=1);

namespace Tests\Core\Paint;

use Kalokroma\Paint\Root;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;

final class RootTest extends TestCase
{
    /** @return iterable<string, array{callable(float): float, float, float, float}> */
    public static function functions(): iterable
    {
        yield 'line' => [static fn(float $x): float => 2 * $x - 3, 0.0, 10.0, 1.5];
        yield 'falling' => [static fn(float $x): float => 1 - $x ** 3, 0.0, 5.0, 1.0];
        yield 'steep at one end' => [static fn(float $x): float => exp($x) - 2, -50.0, 20.0, M_LN2];
        yield 'flat at the root' => [static fn(float $x): float => ($x - 2) ** 3, -7.0, 9.0, 2.0];
        yield 'no root, nearer end' => [static fn(float $x): float => $x + 5, 0.0, 10.0, 0.0];
    }

    #[DataProvider('functions')]
    public function testFindsWhereAFunctionCrossesZero(callable $function, float $low, float $high, float $root): void
    {
        self::assertEqualsWithDelta($root, Root::between($function, $low, $high, 1e-12), 1e-3);
    }
}
