<?php

declare(strict_types=1);

use App\Database\Together;
use App\Support\Changes;
use Illuminate\Database\Schema\Blueprint;
use Illuminate\Support\Facades\Schema;

return new class extends Together {
    /** All but what answers never follow from: the framework's own, states gone by, and answers themselves. */
    private const COUNTED = [
        'products', 'pots', 'paint_sets', 'paint_set_product', 'plans', 'plan_product', 'batches', 'log_entries', 'hand_prices', 'photos',
        'device_states', 'settings',
        'kept_mixes', 'recipes', 'days', 'slips', 'pinned_photos', 'pot_readings', 'mix_readings', 'dry_readings',
    ];

    protected function isDone(): bool
    {
        return Schema::hasTable('changes');
    }

    protected function make(): void
    {
        Schema::create('changes', static function (Blueprint $table): void {
            $table->string('name', 40)->primary();
            $table->unsignedBigInteger('count');
        });
        Changes::beginAnew();
        foreach (self::COUNTED as $table) {
            Changes::count($table);
        }
    }
};
