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
        'Colour' => [
            'Relief', 'Amounts', 'Schedule', 'Learning', 'Paint', 'Mixing', 'Matching', 'Craft', 'Simulation', 'Recipe', 'Review',
            'Planning', 'Writing', 'Quilt', 'Exchange',
        ],
        'Paint' => [
            'Relief', 'Amounts', 'Schedule', 'Learning', 'Mixing', 'Matching', 'Craft', 'Simulation', 'Recipe', 'Review', 'Planning',
            'Writing', 'Quilt', 'Exchange',
        ],
        'Craft' => [
            'Relief', 'Amounts', 'Schedule', 'Learning', 'Mixing', 'Matching', 'Simulation', 'Recipe', 'Review', 'Planning', 'Writing',
            'Quilt', 'Exchange',
        ],
        'Mixing' => [
            'Relief', 'Amounts', 'Schedule', 'Learning', 'Matching', 'Simulation', 'Recipe', 'Review', 'Planning', 'Writing', 'Quilt',
            'Exchange',
        ],
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
        'Batch' => ['Relief', 'Review', 'Writing', 'Quilt', 'Schedule', 'Exchange'],
    ];

    /** What a batch is made of knows nothing of it; only its file does. */
    private const ON_TOP = 'Batch';

    /** Rooms of the application that look at none of the others but these. */
    private const APP = [
        'Support' => [],
        'Optics' => [],
        'Database' => [],
        'Shop' => [],
        'Models' => ['Support', 'Optics'],
        'Shelf' => ['Models', 'Support'],
        'Plans' => ['Models', 'Shelf', 'Support'],
        'Batches' => ['Models', 'Shelf', 'Support'],
        'Evenings' => ['Batches', 'Devices', 'Models', 'Support'],
        'Learning' => ['Models', 'Support'],
    ];

    private const ROOMS_OF_APP = [
        'Batches', 'Buying', 'Console', 'Demo', 'Devices', 'Evenings', 'Figures', 'Finding', 'Http', 'Learning', 'Lists', 'Map', 'Mixing',
        'Models', 'Optics', 'Photos', 'Plans', 'Shelf', 'Shop', 'Support',
    ];

    /** @return iterable<string, Rule> */
    public function testImportsGoDown(): iterable
    {
        foreach (self::ABOVE as $room => $above) {
            $above = $room === self::ON_TOP ? $above : [...$above, self::ON_TOP];
            yield $room => PHPat::rule()
                ->classes(Selector::inNamespace("Kalokroma\\$room"))
                ->shouldNotDependOn()
                ->classes(...array_map(static fn(string $one) => Selector::inNamespace("Kalokroma\\$one"), $above))
                ->because('imports go down only');
        }
    }

    /** @return iterable<string, Rule> */
    public function testTheApplicationHasFloorsToo(): iterable
    {
        foreach (self::APP as $room => $below) {
            yield $room => PHPat::rule()
                ->classes(Selector::inNamespace("App\\$room"))
                ->shouldNotDependOn()
                ->classes(
                    ...array_map(
                        static fn(string $one) => Selector::inNamespace("App\\$one"),
                        array_values(array_diff(self::ROOMS_OF_APP, $below, [$room])),
                    )
                )
                ->because('what is stored knows nothing of who asks');
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
