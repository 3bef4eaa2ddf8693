<?php

declare(strict_types=1);

use App\Database\Together;
use Illuminate\Database\Schema\Blueprint;
use Illuminate\Support\Facades\Schema;

return new class extends Together {
    protected function isDone(): bool
    {
        return Schema::hasColumn('products', 'measured');
    }

    protected function make(): void
    {
        Schema::table('products', static function (Blueprint $table): void {
            $table->json('measured')->nullable();
        });
        Schema::table('log_entries', static function (Blueprint $table): void {
            $table->unsignedInteger('version')->default(1);
        });
        // Answers to writes that came with a key, so that one sent again after its answer was lost is not done twice.
        Schema::create('answers', static function (Blueprint $table): void {
            $table->string('key', 64)->primary();
            $table->string('request', 64);
            $table->unsignedSmallInteger('status');
            $table->binary('body');
            $table->timestamp('created_at')->index();
        });
    }
};
