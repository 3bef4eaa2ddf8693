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
        'Colour' => ['Amounts', 'Schedule', 'Learning', 'Paint', 'Mixing', 'Matching', 'Craft', 'Simulation', 'Recipe', 'Review', 'Planning', 'Writing', 'Quilt', 'Exchange'],
        'Paint' => ['Amounts', 'Schedule', 'Learning', 'Mixing', 'Matching', 'Craft', 'Simulation', 'Recipe', 'Review', 'Planning', 'Writing', 'Quilt', 'Exchange'],
        'Craft' => ['Amounts', 'Schedule', 'Learning', 'Mixing', 'Matching', 'Simulation', 'Recipe', 'Review', 'Planning', 'Writing', 'Quilt', 'Exchange'],
        'Mixing' => ['Amounts', 'Schedule', 'Learning', 'Matching', 'Simulation', 'Recipe', 'Review', 'Planning', 'Writing', 'Quilt', 'Exchange'],
        'Matching' => ['Amounts', 'Schedule', 'Learning', 'Simulation', 'Recipe', 'Review', 'Planning', 'Writing', 'Quilt', 'Exchange'],
        'Simulation' => ['Amounts', 'Schedule', 'Learning', 'Matching', 'Recipe', 'Review', 'Planning', 'Writing', 'Quilt', 'Exchange'],
        'Recipe' => ['Amounts', 'Schedule', 'Learning', 'Review', 'Planning', 'Writing', 'Quilt', 'Exchange'],
        'Review' => ['Schedule', 'Learning', 'Writing', 'Exchange'],
        'Planning' => ['Amounts', 'Schedule', 'Learning', 'Review', 'Writing', 'Exchange'],
        'Writing' => ['Learning', 'Exchange'],
        'Amounts' => ['Schedule', 'Learning', 'Review', 'Writing', 'Exchange'],
        'Schedule' => ['Amounts', 'Learning', 'Review', 'Writing', 'Exchange'],
        'Quilt' => ['Amounts', 'Schedule', 'Learning', 'Matching', 'Review', 'Planning', 'Writing', 'Exchange'],
        'Learning' => ['Review', 'Writing', 'Exchange'],
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
