<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Devices\SimulatedSwatchReader;
use App\Devices\SwatchReader;
use App\Http\Requests\ReadingRequest;
use App\Http\Resources\MeasuredResource;
use App\Models\Product;
use App\Support\Field;
use Illuminate\Http\JsonResponse;
use Illuminate\Http\Request;
use Kalokroma\Colour\Lab;
use Kalokroma\Colour\Readings;

final class ReaderController
{
    public function __construct(private readonly SimulatedSwatchReader $simulated) {}

    public function show(): JsonResponse
    {
        $state = $this->simulated->state();

        return new JsonResponse(['name' => $state['name'], 'isLaid' => $state['colour'] !== null, 'isDirty' => $state['isDirty']]);
    }

    /** Lays the swatch of a paint, or a colour, under the simulated reader. */
    public function lay(Request $request): JsonResponse
    {
        $wish = $request->validate([
            'paint' => ['nullable', 'string', 'max:40'],
            'colour' => ['nullable', 'string', 'max:60'],
            'isDirty' => ['nullable', 'boolean'],
        ]);
        [$name, $colour] = match (true) {
            isset($wish['paint']) => (static function (string $id): array {
                $paint = Product::query()->findOrFail($id)->toCore();

                return [$paint->name, Field::read('paint', static fn(): Lab => $paint->colour())];
            })($wish['paint']),
            isset($wish['colour']) => [$wish['colour'], Field::read('colour', static fn(): Lab => Lab::parse($wish['colour']))],
            default => ['', null],
        };
        $this->simulated->lay($colour === null ? null : [$colour->lightness, $colour->a, $colour->b], $name, (bool) ($wish['isDirty'] ?? false));

        return $this->show();
    }

    /** One more reading, averaged with those before it. */
    public function read(ReadingRequest $request, SwatchReader $reader): JsonResponse
    {
        $reading = $reader->read();
        $fresh = Field::read('reader', static fn(): Lab => Lab::measured(...$reading));
        $readings = [...$request->earlier(), $fresh];

        return new JsonResponse([
            'readings' => array_map(static fn(Lab $one): array => [
                'lab' => [round($one->lightness, 3), round($one->a, 3), round($one->b, 3)],
                'hex' => $one->toSrgb()->hex(),
            ], $readings),
            'measured' => MeasuredResource::of(Readings::of($readings)),
        ]);
    }
}
