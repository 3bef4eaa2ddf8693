<?php

declare(strict_types=1);

use App\Database\Together;
use Illuminate\Database\Schema\Blueprint;
use Illuminate\Support\Facades\Schema;

return new class extends Together {
    protected function isDone(): bool
    {
        return Schema::hasTable('settings');
    }

    protected function make(): void
    {
        Schema::create('settings', static function (Blueprint $table): void {
            $table->string('name', 30)->primary();
            $table->json('value');
            $table->timestamps();
        });
        Schema::create('kept_mixes', static function (Blueprint $table): void {
            $table->ulid('id')->primary();
            $table->string('name', 120);
            $table->json('parts');
            $table->timestamps();
            $table->softDeletes();
        });
    }
};
