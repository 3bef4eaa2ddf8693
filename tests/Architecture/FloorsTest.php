<?php

declare(strict_types=1);

namespace Tests\Architecture;

use PHPat\Selector\Selector;
use PHPat\Test\Builder\Rule;
use PHPat\Test\PHPat;

/** Imports go down only. Checked by PHPStan. */
final class FloorsTest
{
    /** What each room may not look up to. */
    private const ABOVE = [
        'Colour' => ['Relief', 'Amounts', 'Schedule', 'Learning', 'Paint', 'Mixing', 'Matching', 'Craft', 'Simulation', 'Recipe', 'Review', 'Planning', 'Writing', 'Quilt', 'Exchange'],
        'Paint' => ['Relief', 'Amounts', 'Schedule', 'Learning', 'Mixing', 'Matching', 'Craft', 'Simulation', 'Recipe', 'Review', 'Planning', 'Writing', 'Quilt', 'Exchange'],
        'Craft' => ['Relief', 'Amounts', 'Schedule', 'Learning', 'Mixing', 'Matching', 'Simulation', 'Recipe', 'Review', 'Planning', 'Writing', 'Quilt', 'Exchange'],
        'Mixing' => ['Relief', 'Amounts', 'Schedule', 'Learning', 'Matching', 'Simulation', 'Recipe', 'Review', 'Planning', 'Writing', 'Quilt', 'Exchange'],
        'Matching' => ['Relief', 'Amounts', 'Schedule', 'Learning', 'Simulation', 'Recipe', 'Review', 'Planning', 'Writing', 'Quilt', 'Exchange'],
        'Simulation' => ['Relief', 'Amounts', 'Schedule', 'Learning', 'Matching', 'Recipe', 'Review', 'Planning', 'Writing', 'Quilt', 'Exchange'],
        'Recipe' => ['Relief', 'Amounts', 'Schedule', 'Learning', 'Review', 'Planning', 'Writing', 'Quilt', 'Exchange'],
        'Review' => ['Relief', 'Schedule', 'Learning', 'Writing', 'Exchange'],
        'Planning' => ['Relief', 'Amounts', 'Schedule', 'Learning', 'Review', 'Writing', 'Exchange'],
        'Writing' => ['Relief', 'Learning', 'Exchange'],
        'Amounts' => ['Relief', 'Schedule', 'Learning', 'Review', 'Writing', 'Exchange'],
        'Schedule' => ['Relief', 'Amounts', 'Learning', 'Review', 'Writing', 'Exchange'],
        'Quilt' => ['Relief', 'Amounts', 'Schedule', 'Learning', 'Matching', 'Review', 'Planning', 'Writing', 'Exchange'],
        'Relief' => ['Amounts', 'Schedule', 'Learning', 'Matching', 'Review', 'Writing', 'Quilt'],
        'Learning' => ['Relief', 'Review', 'Writing', 'Exchange'],
    ];

    /** @return iterable<string, Rule> */
    public function testImportsGoDown(): iterable
    {
        foreach (self::ABOVE as $room => $above) {
            yield $room => PHPat::rule()
                ->classes(Selector::inNamespace("Kalokroma\\$room"))
                ->shouldNotDependOn()
                ->classes(...array_map(static fn(string $one) => Selector::inNamespace("Kalokroma\\$one"), $above))
                ->because('imports go down only');
        }
    }

    public function testTheCoreKnowsNoFramework(): Rule
    {
        return PHPat::rule()
            ->classes(Selector::inNamespace('Kalokroma'))
            ->shouldNotDependOn()
            ->classes(Selector::inNamespace('Illuminate'), Selector::inNamespace('App'), Selector::inNamespace('Symfony'))
            ->because('the core could be a package of its own');
    }
}
