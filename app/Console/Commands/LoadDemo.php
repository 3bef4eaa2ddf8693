<?php

declare(strict_types=1);

namespace App\Console\Commands;

use App\Demo\Demo;
use Illuminate\Console\Command;

final class LoadDemo extends Command
{
    protected $signature = 'kalokroma:demo';

    protected $description = 'Loads the demo: three paint houses, a shelf, the Saltfen Ferry Watch';

    public function handle(Demo $demo): int
    {
        $demo->load();
        $this->info('The demo is loaded.');

        return self::SUCCESS;
    }
}
