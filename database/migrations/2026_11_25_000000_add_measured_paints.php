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
        Schema::table('plans', static function (Blueprint $table): void {
            // Of the edit that made the present state: sent again, it is known to be done.
            $table->string('last_edit', 26)->nullable();
        });
        Schema::table('log_entries', static function (Blueprint $table): void {
            $table->unsignedInteger('version')->default(1);
        });
    }
};
