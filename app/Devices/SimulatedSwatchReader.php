<?php

declare(strict_types=1);

namespace App\Devices;

use App\Models\DeviceState;
use App\Support\Refused;
use Illuminate\Support\Facades\DB;
use Random\Engine\Mt19937;
use Random\Randomizer;

/**
 * A swatch reader that exists only here. One lays a swatch under it; it answers with the usual noise, slips now and then,
 * and gives no number at all when its window is dirty. The n-th reading is always the same.
 *
 * @phpstan-type State array{colour: array{float, float, float}|null, name: string, isDirty: bool, count: int}
 */
final class SimulatedSwatchReader implements SwatchReader
{
    private const NAME = 'swatch-reader';

    /** Largest noise of each number; it is the sum of three throws, so most of it is smaller. */
    private const NOISE = 0.5;

    /** One reading in so many is taken while the device slips. */
    private const ONE_IN_SLIPS = 8;

    private const SLIP = 7.0;

    /** @return array{colour: array{float, float, float}|null, name: string, isDirty: bool, count: int} */
    public function state(): array
    {
        /** @var array{colour: array{float, float, float}|null, name: string, isDirty: bool, count: int} */
        return [...['colour' => null, 'name' => '', 'isDirty' => false, 'count' => 0], ...(DeviceState::query()->find(self::NAME)->state ?? [])];
    }

    /** @param array{float, float, float}|null $colour null to take the swatch away */
    public function lay(?array $colour, string $name, bool $isDirty): void
    {
        $this->keep(['colour' => $colour, 'name' => $name, 'isDirty' => $isDirty, 'count' => $this->state()['count']]);
    }

    public function read(): array
    {
        return DB::transaction(function (): array {
            $state = $this->state();
            if ($state['colour'] === null) {
                throw Refused::at('reader', 'Nothing lies under the reader. Lay a dry swatch under it first.');
            }
            $this->keep([...$state, 'count' => $state['count'] + 1]);
            if ($state['isDirty']) {
                return [NAN, NAN, NAN];
            }
            $random = new Randomizer(new Mt19937($state['count']));
            $slip = $random->getInt(1, self::ONE_IN_SLIPS) === 1 ? self::SLIP : 0.0;

            return array_map(
                static fn(float $number): float => max(-150.0, $number + self::noise($random) + $slip * $random->getInt(-1, 1)),
                $state['colour'],
            );
        });
    }

    private static function noise(Randomizer $random): float
    {
        return self::NOISE * ($random->getInt(-1000, 1000) + $random->getInt(-1000, 1000) + $random->getInt(-1000, 1000)) / 3000;
    }

    /** @param array{colour: array{float, float, float}|null, name: string, isDirty: bool, count: int} $state */
    private function keep(array $state): void
    {
        DeviceState::query()->updateOrCreate(['device' => self::NAME], ['state' => $state]);
    }
}
