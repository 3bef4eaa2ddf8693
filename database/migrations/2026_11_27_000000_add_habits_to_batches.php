<?php

declare(strict_types=1);

use App\Database\Together;
use Illuminate\Database\Schema\Blueprint;
use Illuminate\Support\Facades\Schema;

return new class extends Together {
    protected function isDone(): bool
    {
        return Schema::hasColumn('batches', 'habits');
    }

    /** A batch keeps the habits it was painted by. */
    protected function make(): void
    {
        Schema::table('batches', static function (Blueprint $table): void {
            $table->json('habits')->nullable();
        });
    }
};
