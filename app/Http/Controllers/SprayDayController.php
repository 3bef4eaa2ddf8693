<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Devices\SimulatedWeatherStation;
use App\Devices\Spell;
use App\Devices\WeatherStation;
use App\Http\Resources\SprayDayResource;
use Illuminate\Http\JsonResponse;
use Illuminate\Http\Request;
use Illuminate\Validation\Rule;
use Kalokroma\Craft\SprayMethod;
use Kalokroma\Planning\SprayDay;
use Psr\Clock\ClockInterface;

/** Whether one can prime outside: now, in the hours to come, or another way. */
final class SprayDayController
{
    /** As far as a forecast can be trusted. */
    private const HOURS = 48;

    public function __construct(private readonly SimulatedWeatherStation $simulated) {}

    public function show(Request $request, WeatherStation $station, ClockInterface $clock): JsonResponse
    {
        $wish = $request->validate(['method' => ['required', 'string', Rule::enum(SprayMethod::class)]], ['method' => 'Choose among the ways that are offered.']);
        $now = $clock->now();
        $hours = $station->hours($now, self::HOURS);

        return new JsonResponse([...SprayDayResource::of(SprayDay::of($hours, SprayMethod::from($wish['method'])), $hours, $now), 'spell' => $this->simulated->spell()->value]);
    }

    /** Turns the weather of the simulated station. */
    public function turn(Request $request): JsonResponse
    {
        $wish = $request->validate(['spell' => ['required', 'string', Rule::enum(Spell::class)]]);
        $this->simulated->turn(Spell::from($wish['spell']));

        return new JsonResponse(null, 204);
    }
}
