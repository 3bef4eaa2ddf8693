<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Http\Requests\PotRequest;
use App\Http\Resources\PaintResource;
use App\Shelf\Catalogue;

final class PotController
{
    public function __invoke(PotRequest $request, Catalogue $catalogue, string $id): PaintResource
    {
        return new PaintResource($catalogue->setPot($id, [
            'pots' => $request->integer('pots'),
            'remaining_ml' => $request->input('remainingMl') === null ? null : $request->float('remainingMl'),
            'note' => $request->string('note')->value(),
            'wished' => $request->boolean('wished'),
        ], $request->integer('version')));
    }
}
