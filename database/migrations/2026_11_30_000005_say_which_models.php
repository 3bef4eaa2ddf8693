<?php

declare(strict_types=1);

use App\Batches\TurnsApart;
use App\Database\Together;
use Illuminate\Database\Schema\Blueprint;
use Illuminate\Support\Facades\Schema;

return new class extends Together {
    protected function isDone(): bool
    {
        return Schema::hasColumn('batches', 'squad');
    }

    protected function make(): void
    {
        // Who is who in a batch, one entry a model; null: nothing is said of any.
        Schema::table('batches', static fn(Blueprint $table) => $table->json('squad')->nullable());
        // Which models a line is about; null, as in older ones: the next that had it still before them.
        Schema::table('log_entries', static fn(Blueprint $table) => $table->json('on_models')->nullable());
        TurnsApart::all();
    }
};
