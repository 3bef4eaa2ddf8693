<?php

declare(strict_types=1);

use App\Database\Together;
use Illuminate\Database\Schema\Blueprint;
use Illuminate\Support\Facades\Schema;

return new class extends Together {
    protected function isDone(): bool
    {
        return Schema::hasColumn('plan_revisions', 'is_shared');
    }

    protected function make(): void
    {
        // A state that came of a change elsewhere: the next such change takes its place, so that no plan's own history is pushed out.
        Schema::table('plan_revisions', static fn(Blueprint $table) => $table->boolean('is_shared')->default(false));
    }
};
