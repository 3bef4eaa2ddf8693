<?php

declare(strict_types=1);

namespace App\Console\Commands;

use App\Demo\Demo;
use App\Support\Changes;
use Illuminate\Console\Command;
use Illuminate\Support\Facades\Artisan;
use Illuminate\Support\Facades\DB;
use RuntimeException;

/** Brings the database to where this release wants it, and puts the demo into one that nobody has used. Of several who start at once one does it, the others wait. */
final class SetUp extends Command
{
    /** What a painter puts in; where all of it is empty nobody has painted here. */
    private const USED = ['products', 'plans', 'batches', 'log_entries', 'pots', 'paint_sets', 'kept_mixes', 'recipes', 'photos'];

    protected $signature = 'kalokroma:set-up {--empty : Begin without the demo}';

    protected $description = 'Brings the database up to date; the demo goes into one that nobody has used';

    public function handle(Demo $demo): int
    {
        $lock = fopen(DB::connection()->getDatabaseName().'.lock', 'c') ?: throw new RuntimeException('The folder of the database may not be written to.');
        flock($lock, LOCK_EX);
        try {
            if (Artisan::call('migrate', ['--force' => true]) !== self::SUCCESS) {
                $this->error(Artisan::output());

                return self::FAILURE;
            }
            Changes::beginAnew();
            if (! $this->option('empty') && self::isUnused()) {
                $demo->load();
                $this->info('The demo is loaded.');
            }
        } finally {
            flock($lock, LOCK_UN);
            fclose($lock);
        }

        return self::SUCCESS;
    }

    private static function isUnused(): bool
    {
        foreach (self::USED as $table) {
            if (DB::table($table)->exists()) {
                return false;
            }
        }

        return DB::table('settings')->where('name', '!=', 'desk')->doesntExist();
    }
}
