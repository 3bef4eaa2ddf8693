<?php

declare(strict_types=1);

namespace Tests\Core\Relief;

use Kalokroma\Relief\IllegalSculpt;
use Kalokroma\Relief\Mesh;
use Kalokroma\Relief\Nearby;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;

/** What is no sculpt is refused, each limit where it is said to be; and what the skin near a vertex is like, of skins that are known. */
final class MeshTest extends TestCase
{
    /** @return iterable<string, array{list<float>, list<int>, string|null}> positions, triangles, why it is refused */
    public static function sculpts(): iterable
    {
        $far = static fn(float $x, float $y, float $z): array => [70.0, 50.0, 60.0, 70.0 + $x, 50.0, 60.0, 70.0, 50.0 + $y, 60.0 + $z];
        foreach (['wide' => [1.0, 0.1, 0.1], 'high' => [0.1, 1.0, 0.1], 'deep' => [0.1, 0.1, 1.0]] as $way => [$x, $y, $z]) {
            yield "as $way as the least" => [$far(2 * $x, 2 * $y, 2 * $z), [0, 1, 2], null];
            yield "less $way" => [$far(1.96 * $x, 1.96 * $y, 1.96 * $z), [0, 1, 2], 'is 1.96 mm high'];
            yield "as $way as the most" => [$far(1000 * $x, 1000 * $y, 1000 * $z), [0, 1, 2], null];
            yield "more $way" => [$far(1000.4 * $x, 1000.4 * $y, 1000.4 * $z), [0, 1, 2], 'is 1000.4 mm high'];
        }
        yield 'in metres' => [$far(0.0324, 0.0, 0.0), [0, 1, 2], 'is 0.0324 mm high'];
        yield 'as many triangles as the most' => [$far(4.0, 4.0, 0.0), array_merge(...array_fill(0, 120_000, [0, 1, 2])), null];
        yield 'one more' => [$far(4.0, 4.0, 0.0), array_merge(...array_fill(0, 120_001, [0, 1, 2])), 'has 120001 triangles after thinning; 120000'];
        yield 'no triangle' => [$far(4.0, 4.0, 0.0), [], 'no triangles'];
        yield 'no corner' => [[], [0, 1, 2], 'no triangles'];
        yield 'half a triangle' => [$far(4.0, 4.0, 0.0), [0, 1], 'no triangles'];
        yield 'half a place' => [[...$far(4.0, 4.0, 0.0), 1.0], [0, 1, 2], 'no triangles'];
        yield 'a corner that is not there' => [$far(4.0, 4.0, 0.0), [0, 1, 3], 'corners are missing'];
        yield 'a corner before the first' => [$far(4.0, 4.0, 0.0), [0, 1, -1], 'corners are missing'];
        yield 'a place that is no number' => [[...$far(4.0, 4.0, 0.0), NAN, 0.0, 0.0], [0, 1, 2], 'no numbers'];
    }

    /**
     * @param list<float> $positions
     * @param list<int> $triangles
     */
    #[DataProvider('sculpts')]
    public function testWhatIsNoSculptIsRefused(array $positions, array $triangles, ?string $words): void
    {
        if ($words !== null) {
            $this->expectException(IllegalSculpt::class);
            $this->expectExceptionMessage($words);
        }

        self::assertSame($triangles, Mesh::of($positions, $triangles)->triangles);
    }

    /** Where triangles are larger than what is asked about, the next corners say how strongly the skin is bent, wherever it stands. */
    public function testOfCoarseSkinTheNextCornersAreAsked(): void
    {
        foreach ([[0.0, 0.0, 0.0], [40.0, -30.0, 20.0]] as [$x, $y, $z]) {
            $corners = [[3.0, 0.0, 0.0], [-3.0, 0.0, 0.0], [0.0, 3.0, 0.0], [0.0, -3.0, 0.0], [0.0, 0.0, 3.0], [0.0, 0.0, -3.0]];
            $places = array_merge(...array_map(static fn(array $one): array => [$one[0] + $x, $one[1] + $y, $one[2] + $z], $corners));
            $octahedron = Mesh::of($places, [0, 2, 4, 2, 1, 4, 1, 3, 4, 3, 0, 4, 2, 0, 5, 1, 2, 5, 3, 1, 5, 0, 3, 5]);
            $nearby = Nearby::of($octahedron, 0.5, [1.0, 2.0, 3.0, 4.0, 5.0, 6.0]);

            self::assertEqualsWithDelta(array_fill(0, 6, 1 / 3), $nearby->curvature, 1e-9);
            self::assertEqualsWithDelta([1.0, 2.0, 3.0, 4.0, 5.0, 6.0], $nearby->mean, 1e-9);
        }
    }

    /** Of a fine sheet all that lies within the radius counts, and lies alike to both sides. */
    public function testOfAFlatSheetTheMeanIsWhatLiesInTheMiddle(): void
    {
        [$side, $places, $triangles, $values] = [41, [], [], []];
        for ($row = 0; $row < $side; $row++) {
            for ($column = 0; $column < $side; $column++) {
                array_push($places, 0.1 * $column, 0.1 * $row, 0.0);
                $values[] = 3.0 * $column - 2.0 * $row;
                $at = $row * $side + $column;
                if ($row < $side - 1 && $column < $side - 1) {
                    array_push($triangles, $at, $at + 1, $at + $side + 1, $at, $at + $side + 1, $at + $side);
                }
            }
        }
        $nearby = Nearby::of(Mesh::of($places, $triangles), 0.25, $values);
        for ($row = 4; $row < $side - 4; $row++) {
            for ($column = 4; $column < $side - 4; $column++) {
                $at = $row * $side + $column;
                self::assertEqualsWithDelta([$values[$at], 0.0], [$nearby->mean[$at], $nearby->curvature[$at]], 1e-9);
            }
        }
    }
}
