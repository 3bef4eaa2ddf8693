<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Figures\PracticePictures;
use App\Models\Setting;
use Illuminate\Http\JsonResponse;
use Illuminate\Http\Response;
use Kalokroma\Craft\Handbook;

/** What is read about the craft; what is computed and chosen from stands in its tables. */
final class HandbookController
{
    public function __invoke(): JsonResponse
    {
        return new JsonResponse([
            'hints' => array_column(Setting::book()->techniques(), 'hint', 'id'),
            'schools' => Handbook::schools(),
            'undercoats' => Handbook::undercoats(),
            'words' => Handbook::words(),
            'pictures' => PracticePictures::addresses(),
        ]);
    }

    /** A technique on the practice piece, before and after, side by side. */
    public function still(string $technique): Response
    {
        $png = PracticePictures::of($technique) ?? abort(404);

        return new Response($png, 200, ['Content-Type' => 'image/png', 'Cache-Control' => 'private, max-age=31536000, immutable']);
    }
}
