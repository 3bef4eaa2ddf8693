<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Models\Setting;
use Illuminate\Http\JsonResponse;
use Kalokroma\Craft\Handbook;

/** What is read about the craft; what is computed and chosen from stands in its tables. */
final class HandbookController
{
    public function __invoke(): JsonResponse
    {
        $hints = [];
        foreach (Setting::book()->techniques() as $one) {
            $hints[$one->id] = $one->hint;
        }

        return new JsonResponse([
            'hints' => $hints,
            'schools' => Handbook::schools(),
            'undercoats' => Handbook::undercoats(),
            'words' => Handbook::words(),
        ]);
    }
}
