<?php

declare(strict_types=1);

use App\Database\Together;
use Illuminate\Database\Schema\Blueprint;
use Illuminate\Support\Facades\Schema;

return new class extends Together {
    protected function isDone(): bool
    {
        return Schema::hasTable('device_states');
    }

    protected function make(): void
    {
        // Of pots and of sets, so no foreign key; ULIDs do not clash.
        Schema::create('hand_prices', static function (Blueprint $table): void {
            $table->ulid('id')->primary();
            $table->unsignedInteger('price');
            $table->timestamps();
        });
        Schema::create('photos', static function (Blueprint $table): void {
            $table->ulid('id')->primary();
            $table->unsignedSmallInteger('width');
            $table->unsignedSmallInteger('height');
            $table->binary('png');
            $table->timestamps();
        });
        Schema::create('device_states', static function (Blueprint $table): void {
            $table->string('device', 30)->primary();
            $table->json('state');
            $table->timestamps();
        });
    }
};
