<?php

declare(strict_types=1);

use App\Database\Together;
use Illuminate\Database\Schema\Blueprint;
use Illuminate\Support\Facades\DB;
use Illuminate\Support\Facades\Schema;

return new class extends Together {
    protected function isDone(): bool
    {
        return Schema::hasTable('products');
    }

    protected function make(): void
    {
        $this->shelf();
        $this->plans();
        $this->batches();
    }

    private function shelf(): void
    {
        Schema::create('products', static function (Blueprint $table): void {
            $table->ulid('id')->primary();
            $table->string('maker', 60);
            $table->string('range', 60)->default('');
            $table->string('code', 40);
            $table->string('name', 120);
            $table->string('kind', 20)->index();
            $table->string('swatch', 7)->nullable();
            $table->float('opacity')->nullable();
            $table->string('finish', 10);
            $table->float('volume_ml');
            $table->unsignedInteger('price');
            $table->string('barcode', 32)->default('');
            // Follow from the swatch; kept so that the list can be searched and sorted by them.
            $table->string('colour_words', 60)->default('');
            $table->float('value')->nullable();
            $table->float('hue')->nullable();
            $table->unsignedInteger('version')->default(1);
            $table->timestamps();
            $table->softDeletes();
            $table->index(['name']);
        });
        DB::statement('create unique index products_maker_code on products (maker, code) where deleted_at is null');
        Schema::create('pots', static function (Blueprint $table): void {
            $table->foreignUlid('product_id')->primary()->constrained('products')->cascadeOnDelete();
            $table->unsignedInteger('pots')->default(0);
            $table->float('remaining_ml')->default(0);
            $table->string('note', 500)->default('');
            $table->boolean('wished')->default(false);
            $table->unsignedInteger('version')->default(1);
            $table->timestamps();
        });
        Schema::create('paint_sets', static function (Blueprint $table): void {
            $table->ulid('id')->primary();
            $table->string('maker', 60);
            $table->string('code', 40);
            $table->string('name', 120);
            $table->unsignedInteger('price');
            $table->timestamps();
            $table->unique(['maker', 'code']);
        });
        Schema::create('paint_set_product', static function (Blueprint $table): void {
            $table->foreignUlid('paint_set_id')->constrained()->cascadeOnDelete();
            $table->foreignUlid('product_id')->constrained()->cascadeOnDelete();
            $table->primary(['paint_set_id', 'product_id']);
        });
    }

    private function plans(): void
    {
        Schema::create('plans', static function (Blueprint $table): void {
            $table->ulid('id')->primary();
            $table->string('name', 120);
            $table->json('document');
            $table->unsignedInteger('revision')->default(1);
            $table->unsignedInteger('version')->default(1);
            $table->timestamps();
            $table->softDeletes();
        });
        Schema::create('plan_revisions', static function (Blueprint $table): void {
            $table->id();
            $table->foreignUlid('plan_id')->constrained()->cascadeOnDelete();
            $table->unsignedInteger('number');
            $table->json('document');
            $table->timestamp('created_at')->nullable();
            $table->unique(['plan_id', 'number']);
        });
        Schema::create('plan_product', static function (Blueprint $table): void {
            $table->foreignUlid('plan_id')->constrained()->cascadeOnDelete();
            $table->foreignUlid('product_id')->constrained()->restrictOnDelete();
            $table->primary(['plan_id', 'product_id']);
        });
    }

    private function batches(): void
    {
        Schema::create('batches', static function (Blueprint $table): void {
            $table->ulid('id')->primary();
            $table->foreignUlid('plan_id')->nullable()->constrained()->nullOnDelete();
            $table->string('name', 120);
            $table->unsignedSmallInteger('models');
            $table->date('starts_on');
            $table->json('document');
            $table->unsignedInteger('plan_version');
            $table->unsignedInteger('version')->default(1);
            $table->timestamps();
            $table->softDeletes();
        });
        Schema::create('log_entries', static function (Blueprint $table): void {
            $table->ulid('id')->primary();
            $table->foreignUlid('batch_id')->constrained()->cascadeOnDelete();
            $table->string('step_id', 40);
            $table->unsignedSmallInteger('models');
            $table->json('used');
            $table->unsignedSmallInteger('minutes')->nullable();
            $table->string('note', 500)->default('');
            $table->dateTime('done_at');
            $table->timestamps();
            $table->softDeletes();
            $table->index(['batch_id', 'step_id']);
            $table->index('done_at');
        });
    }
};
