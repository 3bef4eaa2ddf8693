<?php

declare(strict_types=1);

namespace Tests\Http;

use Illuminate\Database\Seeder;
use Illuminate\Support\Facades\Artisan;

/** The demo, put in once for all tests; each takes back what it does. */
final class DemoSeeder extends Seeder
{
    public function run(): void
    {
        Artisan::call('kalokroma:demo');
    }
}
