<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Models\Setting;
use Illuminate\Http\JsonResponse;
use Illuminate\Http\Request;
use Illuminate\Support\Facades\DB;

final class SettingController
{
    public function show(): JsonResponse
    {
        return new JsonResponse(['currency' => Setting::currency()]);
    }

    public function update(Request $request): JsonResponse
    {
        $wish = $request->validate(['currency' => ['required', 'string', 'regex:/^[A-Z]{3}$/D']], [
            'currency.*' => 'Write a currency as its three capital letters, for example EUR.',
        ]);
        DB::transaction(static fn() => Setting::query()->updateOrCreate(['name' => 'currency'], ['value' => $wish['currency']]));

        return $this->show();
    }
}
