<?php

declare(strict_types=1);

use Illuminate\Database\Migrations\Migration;
use Illuminate\Database\Schema\Blueprint;
use Illuminate\Support\Facades\Schema;

return new class extends Migration {
    /** Recipes that areas share. */
    public function up(): void
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

    public function down(): void
    {
        Schema::dropIfExists('recipes');
    }
};
