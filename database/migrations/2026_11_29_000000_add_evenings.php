<?php

declare(strict_types=1);

use App\Database\Together;
use Illuminate\Database\Schema\Blueprint;
use Illuminate\Support\Facades\Schema;

return new class extends Together {
    protected function isDone(): bool
    {
        return Schema::hasTable('days');
    }

    protected function make(): void
    {
        // Days that are otherwise than the week says: none of its hours, others, or more.
        Schema::create('days', static function (Blueprint $table): void {
            $table->date('day')->primary();
            $table->json('sittings');
            $table->unsignedInteger('version')->default(1);
            $table->timestamps();
        });
        Schema::table('batches', static function (Blueprint $table): void {
            $table->boolean('rests')->default(false);
            $table->json('skipped')->nullable();
        });
        Schema::table('log_entries', static function (Blueprint $table): void {
            $table->unsignedTinyInteger('coat')->nullable();
            $table->json('spent')->nullable();
        });
        Schema::create('slips', static function (Blueprint $table): void {
            $table->ulid('id')->primary();
            $table->foreignUlid('batch_id')->constrained()->cascadeOnDelete();
            $table->string('step_id', 40);
            $table->string('kind', 20);
            $table->json('models');
            $table->string('note', 500)->default('');
            $table->dateTime('slipped_at');
            $table->dateTime('mended_at')->nullable();
            $table->unsignedInteger('version')->default(1);
            $table->timestamps();
            $table->softDeletes();
        });
        Schema::create('pinned_photos', static function (Blueprint $table): void {
            $table->ulid('id')->primary();
            $table->foreignUlid('photo_id')->constrained()->restrictOnDelete();
            $table->foreignUlid('batch_id')->constrained()->cascadeOnDelete();
            $table->string('step_id', 40)->nullable();
            $table->string('area_id', 40)->nullable();
            $table->string('variant_id', 40)->nullable();
            $table->unsignedSmallInteger('model')->nullable();
            $table->string('note', 500)->default('');
            $table->dateTime('taken_at');
            $table->timestamps();
            $table->softDeletes();
        });
        // What a pot really held when somebody looked, beside what the record says was taken from it since it was last looked at.
        Schema::create('pot_readings', static function (Blueprint $table): void {
            $table->id();
            $table->foreignUlid('product_id')->constrained()->cascadeOnDelete();
            $table->float('reckoned_ml');
            $table->float('really_ml');
            $table->timestamps();
        });
        // What a mix that was made and measured told of one of its paints.
        Schema::create('mix_readings', static function (Blueprint $table): void {
            $table->ulid('id')->primary();
            $table->foreignUlid('product_id')->constrained()->cascadeOnDelete();
            $table->float('opacity');
            $table->timestamps();
        });
        Schema::create('dry_readings', static function (Blueprint $table): void {
            $table->ulid('id')->primary();
            $table->string('technique', 40);
            $table->float('reckoned_minutes');
            $table->float('really_minutes');
            $table->timestamps();
        });
    }
};
