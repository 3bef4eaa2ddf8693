<?php

declare(strict_types=1);

use App\Database\Together;
use Illuminate\Database\Schema\Blueprint;
use Illuminate\Support\Facades\Schema;

return new class extends Together {
    protected function isDone(): bool
    {
        return Schema::hasColumn('log_entries', 'brush_id');
    }

    protected function make(): void
    {
        Schema::create('brushes', static function (Blueprint $table): void {
            $table->ulid('id')->primary();
            $table->string('name');
            $table->string('kind');
            $table->boolean('keeps_metal');
            $table->boolean('is_worn');
            $table->unsignedInteger('version')->default(1);
            $table->timestamps();
            $table->softDeletes();
        });
        // With which of them it was done; null: nobody said.
        Schema::table('log_entries', static fn(Blueprint $table) => $table->ulid('brush_id')->nullable()->index());
    }
};
