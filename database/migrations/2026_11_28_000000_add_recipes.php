<?php

declare(strict_types=1);

use App\Database\Together;
use Illuminate\Database\Schema\Blueprint;
use Illuminate\Support\Facades\Schema;

return new class extends Together {
    protected function isDone(): bool
    {
        return Schema::hasTable('recipes');
    }

    /** Recipes that areas share. */
    protected function make(): void
    {
        Schema::create('recipes', static function (Blueprint $table): void {
            $table->ulid('id')->primary();
            $table->string('name');
            $table->json('tags');
            $table->string('texture');
            $table->string('material');
            $table->json('steps');
            $table->integer('version')->default(1);
            $table->timestamps();
            $table->softDeletes();
        });
    }
};
