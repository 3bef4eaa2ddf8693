<?php

declare(strict_types=1);

namespace Tests\Core\Relief;

use Kalokroma\Relief\Exposure;
use Kalokroma\Relief\Mesh;
use Kalokroma\Relief\Relief;
use Kalokroma\Relief\Spray;

/** All that is worked out of a sculpt, in one go. */
final readonly class WorkedOut
{
    /**
     * @param list<float> $openness by vertex, 0…1
     * @param list<float> $zones by vertex, 0 (recess) … 4 (edge)
     * @param array<string, list<float>> $reach by key of the spray and vertex, 0…1
     */
    private function __construct(
        public array $openness,
        public array $zones,
        public array $reach,
    ) {}

    /** @param list<Spray> $sprays */
    public static function of(Mesh $mesh, array $sprays): self
    {
        $openness = Exposure::around($mesh)->finish()->openness();
        $reach = [];
        foreach ($sprays as $spray) {
            $reach[$spray->key()] = Exposure::of($mesh, $spray)->finish()->reach();
        }

        return new self($openness, Relief::zones($mesh, $openness), $reach);
    }
}
