<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Http\Resources\CraftResource;
use App\Models\Setting;
use Illuminate\Http\JsonResponse;
use Illuminate\Http\Request;
use Illuminate\Support\Facades\DB;
use Kalokroma\Exchange\HabitReader;

/** What this painter does otherwise than the tables say, technique by technique. */
final class HabitController
{
    /** What is left out or null is as the tables say. */
    public function update(Request $request, string $technique): JsonResponse
    {
        $habit = HabitReader::one([...$request->json()->all(), 'technique' => $technique]);
        DB::transaction(static fn() => Setting::keepHabit($habit));

        return new JsonResponse(CraftResource::all());
    }
}
