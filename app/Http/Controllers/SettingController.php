<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Desks\Desks;
use App\Devices\SimulatedWeatherStation;
use App\Devices\Spell;
use App\Models\Setting;
use App\Support\ZoneNames;
use DateTimeImmutable;
use Illuminate\Http\JsonResponse;
use Illuminate\Http\Request;
use Illuminate\Support\Facades\DB;
use Illuminate\Validation\Rule;
use Kalokroma\Amounts\Measures;
use Kalokroma\Planning\Paces;
use Psr\Clock\ClockInterface;

final readonly class SettingController
{
    private const DEVICES = ['station', 'scanner', 'reader'];

    public function __construct(
        private SimulatedWeatherStation $station,
        private ClockInterface $clock,
    ) {}

    public function show(): JsonResponse
    {
        $weather = Setting::weather();
        $measures = Setting::measures();
        $room = Setting::room();

        return new JsonResponse([
            'desk' => Setting::desk(),
            'isDemo' => Setting::isDemo(),
            'isOtherDeskBegun' => Desks::isOtherBegun(),
            'currency' => Setting::currency(),
            'zone' => isset(Setting::kept('zone')['name']) ? Setting::zone()->getName() : null,
            'room' => ['celsius' => $room->celsius, 'humidity' => $room->humidity],
            'measures' => ['dropMl' => $measures->dropMl, 'palettePart' => $measures->loss],
            'tools' => ['airbrush' => Setting::hasAirbrush()],
            'pace' => ['setUpMinutes' => Setting::setUpMinutes()],
            'weather' => $weather === null
                ? null
                : [...$weather, 'at' => (new DateTimeImmutable("@{$weather['at']}"))->setTimezone(Setting::zone())->format(DATE_ATOM)],
            'devices' => [...Setting::devices(), 'spell' => $this->station->spell()->value],
        ]);
    }

    public function update(Request $request): JsonResponse
    {
        $wish = $request->validate([
            'currency' => ['sometimes', 'required', 'string', 'regex:/^[A-Z]{3}$/D'],
            'zone' => [
                'sometimes',
                'required',
                'string',
                static fn(string $field, mixed $name, callable $fail) => is_string($name)
                    && ZoneNames::present($name) !== null ? null : $fail('This is no time zone, such as Europe/Lisbon.'),
            ],
            'room' => ['sometimes', 'array:celsius,humidity'],
            'room.celsius' => ['required_with:room', 'numeric', 'between:-10,45'],
            'room.humidity' => ['required_with:room', 'numeric', 'between:5,100'],
            'measures' => ['sometimes', 'array:dropMl,palettePart'],
            'measures.dropMl' => ['required_with:measures', 'numeric', 'between:'.Measures::LEAST_DROP_ML.','.Measures::MOST_DROP_ML],
            'measures.palettePart' => ['required_with:measures', 'numeric', 'between:0,'.Measures::MOST_LOSS],
            'tools' => ['sometimes', 'array:airbrush'],
            'tools.airbrush' => ['required_with:tools', 'boolean:strict'],
            'pace' => ['sometimes', 'array:setUpMinutes'],
            'pace.setUpMinutes' => ['required_with:pace', 'numeric', 'between:0,'.Paces::MOST_SET_UP],
            'weather' => ['sometimes', 'nullable', 'array:celsius,humidity'],
            'weather.celsius' => ['required_with:weather', 'numeric', 'between:-40,60'],
            'weather.humidity' => ['required_with:weather', 'numeric', 'between:0,100'],
            'devices' => ['sometimes', 'array:spell,'.implode(',', self::DEVICES)],
            ...array_fill_keys(array_map(static fn(string $one): string => "devices.$one", self::DEVICES), ['sometimes', 'boolean:strict']),
            'devices.spell' => ['sometimes', 'string', Rule::enum(Spell::class)],
        ], [
            'pace.setUpMinutes.*' => sprintf('To fetch, thin and clean takes 0 to %d minutes a step.', Paces::MOST_SET_UP),
            'weather.celsius.*' => 'Outside it has -40 to 60 °C.',
            'weather.humidity.*' => 'The humidity is given in %, from 0 to 100.',
            'devices.spell.*' => 'Choose among the spells that are offered.',
            'devices.*' => 'A device is on or off: true or false.',
            'tools.airbrush.*' => 'An airbrush is there or not: true or false.',
            'currency.*' => 'Write a currency as its three capital letters, for example EUR.',
            'zone.*' => 'This is no time zone, such as Europe/Lisbon.',
            'room.celsius.*' => 'A room one paints in has -10 to 45 °C.',
            'room.humidity.*' => 'The humidity is given in %, from 5 to 100.',
            'measures.dropMl.*' => 'A drop has 0.01 to 0.2 ml.',
            'measures.palettePart.*' => 'What stays on the palette is a share from 0 to 0.9.',
        ]);
        DB::transaction(function () use ($wish): void {
            foreach ($wish as $name => $value) {
                Setting::query()->updateOrCreate(['name' => $name], ['value' => $this->kept($name, $value)]);
            }
        });

        return $this->show();
    }

    /** As it is kept: what follows from the moment, and what another row remembers, is seen to. */
    private function kept(string $name, mixed $value): mixed
    {
        if ($name === 'devices' && is_array($value)) {
            if (isset($value['spell'])) {
                $this->station->turn(Spell::from($value['spell']));
                unset($value['spell']);
            }

            return [...Setting::devices(), ...$value];
        }

        return match (true) {
            $name === 'zone' => ['name' => ZoneNames::present($value)],
            $name === 'weather' => is_array($value) ? [...$value, 'at' => $this->clock->now()->getTimestamp()] : [],
            default => $value,
        };
    }
}
