<?php

declare(strict_types=1);

namespace App\Console\Commands;

use App\Demo\Demo;
use App\Models\Product;
use Illuminate\Console\Command;

final class LoadDemo extends Command
{
    protected $signature = 'kalokroma:demo {--if-empty : Do nothing when there are paints already}';

    protected $description = 'Loads the demo: three paint houses, a shelf, the Saltfen Ferry Watch';

    public function handle(Demo $demo): int
    {
        if ($this->option('if-empty') && Product::withTrashed()->exists()) {
            return self::SUCCESS;
        }
        $demo->load();
        $this->info('The demo is loaded.');

        return self::SUCCESS;
    }
}
