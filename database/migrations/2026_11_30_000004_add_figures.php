<?php

declare(strict_types=1);

use App\Database\Together;
use App\Support\Changes;
use Illuminate\Database\Schema\Blueprint;
use Illuminate\Support\Facades\Schema;

return new class extends Together {
    protected function isDone(): bool
    {
        return Schema::hasTable('figures');
    }

    protected function make(): void
    {
        Schema::create('figures', static function (Blueprint $table): void {
            $table->ulid('id')->primary();
            $table->foreignUlid('plan_id')->constrained()->cascadeOnDelete();
            $table->string('name', 120);
            $table->binary('sculpt');
            $table->unsignedInteger('triangle_count');
            $table->unsignedInteger('vertex_count');
            $table->float('height_mm');
            $table->json('areas');
            $table->binary('labels');
            $table->unsignedInteger('version')->default(1);
            $table->timestamps();
            $table->softDeletes();
        });
        // What was worked out of a sculpt: its relief, what each spray leaves on it, and how far the work is.
        Schema::create('figure_reliefs', static function (Blueprint $table): void {
            $table->foreignUlid('figure_id')->constrained()->cascadeOnDelete();
            $table->string('what', 40);
            $table->binary('bytes')->nullable();
            $table->binary('begun')->nullable();
            $table->unique(['figure_id', 'what']);
        });
        Changes::count('figures');
        Changes::count('figure_reliefs');
    }
};
