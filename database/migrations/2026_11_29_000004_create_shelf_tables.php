<?php

declare(strict_types=1);

use Illuminate\Database\Migrations\Migration;
use Illuminate\Database\Schema\Blueprint;
use Illuminate\Support\Facades\Schema;

/** What is kept: the vessels of a kitchen, the batches that stand in them, and all that happens to each. */
return new class extends Migration {
    public function up(): void
    {
        Schema::create('vessels', static function (Blueprint $table): void {
            $table->id();
            $table->foreignId('galley_id')->constrained()->cascadeOnDelete();
            $table->string('name', 60);
            $table->unsignedInteger('length_mm');
            // Null of a round one.
            $table->unsignedInteger('width_mm')->nullable();
            $table->unsignedInteger('height_mm');
            $table->unsignedInteger('owned')->default(2);
            $table->timestamp('binned_at')->nullable();
            $table->string('binned_by', 60)->nullable();
            $table->timestamps();
            $table->index(['galley_id', 'binned_at']);
        });
        Schema::create('batches', static function (Blueprint $table): void {
            $table->id();
            $table->foreignId('galley_id')->constrained()->cascadeOnDelete();
            $table->string('uid', 64)->unique();
            $table->string('code', 20);
            $table->string('name', 120);
            $table->string('sauce', 60)->nullable();
            $table->string('liquid', 60)->nullable();
            $table->foreignId('pot_id')->nullable()->constrained()->nullOnDelete();
            $table->string('cook', 60);
            $table->unsignedBigInteger('made_at_ms');
            // What is in it, what rules were in force, how long it keeps: as they were then.
            $table->json('facts');
            $table->double('cost_per_litre')->nullable();
            $table->timestamps();
            $table->unique(['galley_id', 'code']);
            $table->index(['galley_id', 'made_at_ms']);
            $table->index(['galley_id', 'pot_id']);
            // Some of a kitchen by their numbers: without it SQLite goes through all of the kitchen's.
            $table->index(['galley_id', 'id']);
        });
        // What follows from the events, so that a shelf of hundreds is one query; ./lento rebuild writes it anew.
        Schema::create('tubs', static function (Blueprint $table): void {
            $table->id();
            $table->foreignId('galley_id')->constrained()->cascadeOnDelete();
            $table->foreignId('batch_id')->constrained()->cascadeOnDelete();
            $table->string('uid', 64);
            $table->unsignedInteger('nth');
            $table->string('vessel', 60);
            $table->string('state', 12);
            $table->string('spot', 20);
            $table->unsignedInteger('ml');
            $table->double('celsius')->nullable();
            $table->date('use_by')->nullable();
            $table->unsignedBigInteger('looks_at_ms')->nullable();
            $table->unsignedBigInteger('put_in_at_ms');
            $table->unsignedBigInteger('gone_at_ms')->nullable();
            $table->boolean('reheated')->default(false);
            // Where its millilitres went; what was poured over counts where it stands now.
            $table->integer('made_ml')->default(0);
            $table->integer('served_ml')->default(0);
            $table->integer('binned_ml')->default(0);
            $table->integer('lost_ml')->default(0);
            $table->string('bin_reason', 20)->nullable();
            $table->timestamps();
            $table->unique(['batch_id', 'uid']);
            $table->index(['galley_id', 'batch_id']);
            $table->index(['galley_id', 'id']);
            $table->index(['galley_id', 'state', 'use_by']);
            $table->index(['galley_id', 'gone_at_ms']);
        });
        Schema::create('tub_events', static function (Blueprint $table): void {
            $table->id();
            $table->foreignId('galley_id')->constrained()->cascadeOnDelete();
            $table->foreignId('batch_id')->constrained()->cascadeOnDelete();
            $table->string('tub', 64);
            $table->string('token', 64);
            $table->unsignedInteger('version');
            $table->string('kind', 20);
            $table->unsignedBigInteger('at_ms');
            // When it was written down here: what is said of a day that is sealed is an addition.
            $table->unsignedBigInteger('said_at_ms');
            $table->string('said_by', 60);
            $table->json('data');
            $table->unique(['batch_id', 'token']);
            // All of a batch in the order it was said in; all of a day.
            $table->index(['galley_id', 'batch_id', 'id']);
            $table->index(['galley_id', 'at_ms']);
        });
        Schema::create('sealed_days', static function (Blueprint $table): void {
            $table->id();
            $table->foreignId('galley_id')->constrained()->cascadeOnDelete();
            $table->date('day');
            $table->unsignedBigInteger('sealed_at_ms');
            $table->string('sealed_by', 60);
            $table->unsignedInteger('lines');
            $table->string('digest', 64);
            $table->timestamps();
            $table->unique(['galley_id', 'day']);
        });
        Schema::create('pars', static function (Blueprint $table): void {
            $table->id();
            $table->foreignId('galley_id')->constrained()->cascadeOnDelete();
            $table->string('sauce', 60);
            $table->string('liquid', 60)->default('');
            $table->double('litres');
            $table->timestamps();
            $table->unique(['galley_id', 'sauce', 'liquid']);
        });
        Schema::table('devices', static function (Blueprint $table): void {
            // A probe that stands in a tub instead of a pot.
            // No foreign key: SQLite would build the table anew for it, and lose that a name is unique among those in use alone.
            $table->unsignedBigInteger('tub_id')->nullable();
        });
    }

    public function down(): void
    {
        Schema::table('devices', static fn(Blueprint $table) => $table->dropColumn('tub_id'));
        foreach (['pars', 'sealed_days', 'tub_events', 'tubs', 'batches', 'vessels'] as $table) {
            Schema::dropIfExists($table);
        }
    }
};
