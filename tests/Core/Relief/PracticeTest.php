<?php

declare(strict_types=1);

namespace Tests\Core\Relief;

use Kalokroma\Colour\Ciede2000;
use Kalokroma\Colour\Lab;
use Kalokroma\Colour\Srgb;
use Kalokroma\Craft\CraftBook;
use Kalokroma\Craft\Technique;
use Kalokroma\Relief\Labels;
use Kalokroma\Relief\Practice;
use Kalokroma\Relief\Skin;
use Kalokroma\Relief\Still;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;

/** The handbook's pictures: of each technique there is something to see, and it is what the technique does. */
final class PracticeTest extends TestCase
{
    private const SIZE = 40;

    /** @return iterable<string, array{string}> */
    public static function techniques(): iterable
    {
        foreach (Practice::shown() as $technique) {
            yield $technique => [$technique];
        }
    }

    #[DataProvider('techniques')]
    public function testSomethingIsSeenOfIt(string $technique): void
    {
        [$before, $after] = self::stills($technique);
        $changed = count(array_filter(
            array_keys($before->points),
            static fn(int $at): bool => $before->points[$at] >= 0 && Ciede2000::between(self::at($before, $at), self::at($after, $at)) > 1.0,
        ));

        self::assertSame(self::SIZE, $before->width);
        self::assertGreaterThan(2, $changed);
    }

    public function testWhatLeavesNothingToSeeIsNotShown(): void
    {
        self::assertSame([], array_diff(Practice::shown(), array_map(
            static fn(Technique $one): string => $one->id,
            CraftBook::standard()->techniques(),
        )));
        self::assertNotContains('mask', Practice::shown());
        self::assertNotContains('glue-part', Practice::shown());
    }

    public function testADrybrushLightensAndAWashDarkens(): void
    {
        foreach (['drybrush' => 1, 'wash' => -1, 'layered-shade' => -1, 'edge-highlight' => 1] as $technique => $sign) {
            [$before, $after] = self::stills($technique);
            self::assertGreaterThan(1.0, $sign * (self::lightness($after) - self::lightness($before)), $technique);
        }
    }

    public function testAGemIsOnTheStoneAlone(): void
    {
        [$before, $after] = self::stills('gem');
        $changed = array_filter(array_keys($before->points), static fn(int $at): bool => $before->points[$at] !== $after->points[$at]);
        $rows = array_map(static fn(int $at): int => intdiv($at, self::SIZE), $changed);

        self::assertGreaterThan(self::SIZE / 2, min($rows), 'The lower half of the ball is the stone here.');
    }

    private static function lightness(Still $still): float
    {
        $points = array_keys(array_filter($still->points, static fn(int $point): bool => $point >= 0));

        return array_sum(array_map(static fn(int $at): float => self::at($still, $at)->lightness, $points)) / count($points);
    }

    private static function at(Still $still, int $at): Lab
    {
        return Srgb::parse(sprintf('#%06x', $still->points[$at]))->toLab();
    }

    /** @return array{Still, Still} of a ball that has all zones from foot to top */
    private static function stills(string $technique): array
    {
        $mesh = Bodies::ball(6.0, 20);
        $heights = array_map(static fn(int $vertex): float => $mesh->positions[3 * $vertex + 1], range(0, $mesh->vertexCount() - 1));
        $labels = implode('', array_map(
            static fn(array $corners): string => chr($mesh->positions[3 * $corners[0] + 1] < -1.0 ? 1 : 0),
            array_chunk($mesh->triangles, 3),
        ));
        $practice = new Practice(
            $mesh,
            Labels::of(['Body', Practice::STONE], $labels, $mesh),
            Skin::of(
                array_map(static fn(float $height): float => 2.0 + $height / 3.0, $heights),
                array_fill(0, $mesh->vertexCount(), 1.0),
                array_map(static fn(float $height): float => max(0.0, $height / 6.0), $heights),
            ),
        );

        return $practice->stills($technique, self::SIZE, self::SIZE);
    }
}
