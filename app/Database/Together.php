<?php

declare(strict_types=1);

namespace App\Database;

use Illuminate\Database\Migrations\Migration;
use Illuminate\Support\Facades\DB;

/**
 * A migration that happens as a whole or not at all, and that can be run again when it was cut off between having happened and being noted.
 */
abstract class Together extends Migration
{
    public function up(): void
    {
        DB::transaction(function (): void {
            if (! $this->isDone()) {
                $this->make();
            }
        });
    }

    abstract protected function isDone(): bool;

    abstract protected function make(): void;
}
