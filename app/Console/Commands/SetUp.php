<?php

declare(strict_types=1);

namespace App\Console\Commands;

use App\Demo\Demo;
use App\Desks\Desks;
use App\Support\Changes;
use Illuminate\Console\Command;
use Illuminate\Support\Facades\Artisan;
use Illuminate\Support\Facades\DB;

/**
 * Brings every desk's database to where this release wants it, and puts the demo into one that nobody has used. Of several who start at
 * once one does it, the others wait.
 */
final class SetUp extends Command
{
    /** What a painter puts in; where all of it is empty nobody has painted here. */
    private const USED = ['products', 'plans', 'batches', 'log_entries', 'pots', 'paint_sets', 'kept_mixes', 'recipes', 'photos'];

    protected $signature = 'kalokroma:set-up {--empty : Begin without the demo}';

    protected $description = 'Brings the database up to date; the demo goes into one that nobody has used';

    public function handle(Demo $demo): int
    {
        $isDone = true;
        Desks::alone(function () use ($demo, &$isDone): void {
            foreach (Desks::all() as $number => $path) {
                $isDone = $isDone && Desks::at($path, fn(): bool => $this->bringUp($demo, $number === 0 && ! $this->option('empty')));
            }
        });

        return $isDone ? self::SUCCESS : self::FAILURE;
    }

    private function bringUp(Demo $demo, bool $mayGetDemo): bool
    {
        if (Artisan::call('migrate', ['--force' => true]) !== self::SUCCESS) {
            $this->error(Artisan::output());

            return false;
        }
        Changes::beginAnew();
        if ($mayGetDemo && self::isUnused()) {
            $demo->load();
            $this->info('The demo is loaded.');
        }

        return true;
    }

    private static function isUnused(): bool
    {
        return array_all(self::USED, static fn(string $table): bool => DB::table($table)->doesntExist())
            && DB::table('settings')->where('name', '!=', 'desk')->doesntExist();
    }
}
