<?php

declare(strict_types=1);

use App\Database\Together;
use Illuminate\Database\Schema\Blueprint;
use Illuminate\Support\Facades\Schema;

return new class extends Together {
    protected function isDone(): bool
    {
        return Schema::hasColumn('pot_readings', 'struck_at');
    }

    protected function make(): void
    {
        foreach (['pot_readings', 'mix_readings', 'dry_readings'] as $readings) {
            Schema::table($readings, static fn(Blueprint $table) => $table->dateTime('struck_at')->nullable());
        }
        // The share lost on the palette that a pot was reckoned with; null before it was noted: the usual one.
        Schema::table('pot_readings', static fn(Blueprint $table) => $table->float('loss')->nullable());
    }
};
