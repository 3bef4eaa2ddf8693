<?php

declare(strict_types=1);

namespace Kalokroma\Simulation;

use Kalokroma\Colour\Lab;

/** The five zones as one sees them from near: the colour of each, and that of the flecks on it. */
final readonly class Tones
{
    /**
     * @param non-empty-list<Lab> $plain in the order of Zone::cases()
     * @param non-empty-list<Lab>|null $flecks null where there are none
     * @param list<float> $shares of each zone that the flecks take, 0…1
     */
    private function __construct(
        public array $plain,
        public ?array $flecks,
        public array $shares,
    ) {}

    /**
     * A zone without flecks is given those of its neighbour, as what lies between two zones is between their colours.
     *
     * @param non-empty-list<Broken> $zones in the order of Zone::cases()
     */
    public static function of(array $zones): self
    {
        $broken = array_keys(array_filter($zones, static fn(Broken $one): bool => $one->flecks !== null));
        $near = static function (int $at) use ($broken, $zones): Lab {
            usort($broken, static fn(int $one, int $other): int => [abs($one - $at), $other] <=> [abs($other - $at), $one]);

            return $zones[$broken[0]]->flecks ?? $zones[$at]->plain;
        };

        return new self(
            array_column($zones, 'plain'),
            $broken === [] ? null : array_map($near, array_keys($zones)),
            array_column($zones, 'share'),
        );
    }
}
