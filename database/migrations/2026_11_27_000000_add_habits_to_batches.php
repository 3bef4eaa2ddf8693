<?php

declare(strict_types=1);

use Illuminate\Database\Migrations\Migration;
use Illuminate\Database\Schema\Blueprint;
use Illuminate\Support\Facades\Schema;

return new class extends Migration {
    /** A batch keeps the habits it was painted by. */
    public function up(): void
    {
        Schema::table('batches', static function (Blueprint $table): void {
            $table->json('habits')->nullable();
        });
    }

    public function down(): void
    {
        Schema::table('batches', static fn(Blueprint $table) => $table->dropColumn('habits'));
    }
};
