<?php

declare(strict_types=1);

namespace Tests\Core\Batch;

use Kalokroma\Batch\OwnBrush;
use Kalokroma\Craft\Brush;
use Kalokroma\Recipe\Step;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;
use Tests\Core\PlanSketch;

/** A brush, and what speaks against it. */
final class OwnBrushTest extends TestCase
{
    #[DataProvider('cases')]
    public function testMetalStaysInTheHairsAndAPointDoesNotComeBack(?string $says, string $step, OwnBrush $brush): void
    {
        $caution = $brush->caution(self::step($step));

        $says === null ? self::assertNull($caution) : self::assertStringContainsString($says, (string) $caution);
    }

    /** @return iterable<string, array{string|null, string, OwnBrush}> */
    public static function cases(): iterable
    {
        yield 'colour with a sound one' => [null, 'layer sky x1', new OwnBrush('Old faithful', Brush::Medium)];
        yield 'colour after colour' => [null, 'layer sky x1', new OwnBrush('Old faithful', Brush::Medium, wasInMetal: false)];
        yield 'colour after metal' => ['was in metal last', 'layer sky x1', new OwnBrush('Old faithful', Brush::Medium, wasInMetal: true)];
        yield 'colour with the one for metal' => ['is kept for metal', 'layer sky x1', new OwnBrush('Tin', Brush::Medium, true)];
        yield 'metal with the one for metal' => [null, 'basecoat steel x1', new OwnBrush('Tin', Brush::Medium, true, wasInMetal: true)];
        yield 'metal with one for colour' => ['is for colour', 'basecoat steel x1', new OwnBrush('Old faithful', Brush::Medium)];
        yield 'an edge with a worn one' => ['lost its point', 'edge-highlight sky', new OwnBrush('Split', Brush::Fine, isWorn: true)];
        yield 'a base with a worn one' => [null, 'basecoat navy x1', new OwnBrush('Split', Brush::Fine, isWorn: true)];
        yield 'dry work with a worn one' => [null, 'drybrush sky', new OwnBrush('Split', Brush::Drybrush, isWorn: true)];
    }

    public function testItFitsWhatTheStepAsksFor(): void
    {
        self::assertTrue((new OwnBrush('Fan', Brush::Drybrush))->fits(self::step('drybrush sky')));
        self::assertFalse((new OwnBrush('Fan', Brush::Drybrush))->fits(self::step('edge-highlight sky')));
    }

    private static function step(string $line): Step
    {
        return PlanSketch::plan("undercoat grey\narea coat broad-folds main cloth\n $line")->step('coat-1') ?? self::fail();
    }
}
