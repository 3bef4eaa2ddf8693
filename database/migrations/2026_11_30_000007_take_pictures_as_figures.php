<?php

declare(strict_types=1);

use App\Database\Together;
use Illuminate\Database\Schema\Blueprint;
use Illuminate\Support\Facades\Schema;

return new class extends Together {
    protected function isDone(): bool
    {
        return Schema::hasColumn('figures', 'picture');
    }

    protected function make(): void
    {
        // A figure may come from a picture instead of a sculpt: its grid of colours, and what it lacks.
        Schema::table('figures', static function (Blueprint $table): void {
            $table->binary('picture')->nullable();
            $table->unsignedInteger('picture_width')->nullable();
            $table->json('cautions')->nullable();
        });
    }
};
