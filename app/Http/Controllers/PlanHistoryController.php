<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Http\Requests\VersionRequest;
use App\Http\Resources\PlanResource;
use App\Plans\PlanStore;

final class PlanHistoryController
{
    public function __construct(private readonly PlanStore $plans) {}

    public function undo(VersionRequest $request, string $id): PlanResource
    {
        return new PlanResource($this->plans->undo($id, $request->version()));
    }

    public function redo(VersionRequest $request, string $id): PlanResource
    {
        return new PlanResource($this->plans->redo($id, $request->version()));
    }
}
