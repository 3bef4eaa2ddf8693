<?php

declare(strict_types=1);

use App\Database\Together;
use Illuminate\Support\Facades\DB;
use Illuminate\Support\Str;

return new class extends Together {
    protected function isDone(): bool
    {
        return DB::table('settings')->where('name', 'desk')->exists();
    }

    protected function make(): void
    {
        DB::table('settings')->insert([
            'name' => 'desk',
            'value' => json_encode(['id' => strtolower((string) Str::ulid())], JSON_THROW_ON_ERROR),
            'created_at' => now(),
            'updated_at' => now(),
        ]);
    }
};
