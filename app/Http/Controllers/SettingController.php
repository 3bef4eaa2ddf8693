<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Models\Setting;
use App\Support\ZoneNames;
use Illuminate\Http\JsonResponse;
use Illuminate\Http\Request;
use Illuminate\Support\Facades\DB;
use Kalokroma\Amounts\Measures;

final class SettingController
{
    public function show(): JsonResponse
    {
        $measures = Setting::measures();
        $room = Setting::room();

        return new JsonResponse([
            'desk' => Setting::desk(),
            'currency' => Setting::currency(),
            'zone' => isset(Setting::kept('zone')['name']) ? Setting::zone()->getName() : null,
            'room' => ['celsius' => $room->celsius, 'humidity' => $room->humidity],
            'measures' => ['dropMl' => $measures->dropMl, 'palettePart' => $measures->loss],
            'tools' => ['airbrush' => Setting::hasAirbrush()],
        ]);
    }

    public function update(Request $request): JsonResponse
    {
        $wish = $request->validate([
            'currency' => ['sometimes', 'required', 'string', 'regex:/^[A-Z]{3}$/D'],
            'zone' => ['sometimes', 'required', 'string', static fn(string $field, mixed $name, callable $fail) => is_string($name) && ZoneNames::present($name) !== null ? null : $fail('This is no time zone, such as Europe/Lisbon.')],
            'room' => ['sometimes', 'array:celsius,humidity'],
            'room.celsius' => ['required_with:room', 'numeric', 'between:-10,45'],
            'room.humidity' => ['required_with:room', 'numeric', 'between:5,100'],
            'measures' => ['sometimes', 'array:dropMl,palettePart'],
            'measures.dropMl' => ['required_with:measures', 'numeric', 'between:'.Measures::LEAST_DROP_ML.','.Measures::MOST_DROP_ML],
            'measures.palettePart' => ['required_with:measures', 'numeric', 'between:0,'.Measures::MOST_LOSS],
            'tools' => ['sometimes', 'array:airbrush'],
            'tools.airbrush' => ['required_with:tools', 'boolean:strict'],
        ], [
            'tools.airbrush.*' => 'An airbrush is there or not: true or false.',
            'currency.*' => 'Write a currency as its three capital letters, for example EUR.',
            'zone.*' => 'This is no time zone, such as Europe/Lisbon.',
            'room.celsius.*' => 'A room one paints in has -10 to 45 °C.',
            'room.humidity.*' => 'The humidity is given in %, from 5 to 100.',
            'measures.dropMl.*' => 'A drop has 0.01 to 0.2 ml.',
            'measures.palettePart.*' => 'What stays on the palette is a share from 0 to 0.9.',
        ]);
        DB::transaction(static function () use ($wish): void {
            foreach ($wish as $name => $value) {
                Setting::query()->updateOrCreate(['name' => $name], ['value' => $name === 'zone' ? ['name' => ZoneNames::present($value)] : $value]);
            }
        });

        return $this->show();
    }
}
