<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Http\Resources\PlanResource;
use App\Plans\PlanStore;

final class PlanHistoryController
{
    public function __construct(private readonly PlanStore $plans) {}

    public function undo(string $id): PlanResource
    {
        return new PlanResource($this->plans->undo($id));
    }

    public function redo(string $id): PlanResource
    {
        return new PlanResource($this->plans->redo($id));
    }
}
