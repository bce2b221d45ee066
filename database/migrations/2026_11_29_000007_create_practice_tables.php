<?php

declare(strict_types=1);

use Illuminate\Database\Migrations\Migration;
use Illuminate\Database\Schema\Blueprint;
use Illuminate\Support\Facades\Schema;

/** Pots that are cooked for practice, what a chef sets for them, what each cook's eye has read, and the cards of the drills. */
return new class extends Migration {
    public function up(): void
    {
        Schema::create('exercises', static function (Blueprint $table): void {
            $table->id();
            $table->foreignId('galley_id')->constrained()->cascadeOnDelete();
            $table->string('title', 60);
            $table->string('sauce', 60);
            $table->string('liquid', 60);
            $table->float('litres');
            $table->string('difficulty', 12);
            $table->unsignedInteger('seed');
            $table->string('set_by', 60)->default('');
            $table->timestamps();
        });
        Schema::create('practices', static function (Blueprint $table): void {
            $table->id();
            $table->foreignId('galley_id')->constrained()->cascadeOnDelete();
            $table->foreignId('exercise_id')->nullable()->constrained()->nullOnDelete();
            $table->string('cook_key', 24);
            $table->string('cook', 60)->default('');
            $table->string('name', 120);
            $table->string('sauce', 60);
            $table->string('liquid', 60);
            $table->float('litres');
            $table->json('plan');
            $table->string('difficulty', 12);
            $table->unsignedInteger('seed');
            $table->json('quirks');
            $table->json('deeds');
            $table->unsignedInteger('version')->default(0);
            $table->unsignedInteger('second')->default(0);
            $table->unsignedInteger('taken_back')->default(0);
            $table->boolean('helped')->default(true);
            $table->bigInteger('moved_at_ms')->default(0);
            $table->json('outcome')->nullable();
            $table->dateTime('finished_at')->nullable();
            $table->timestamps();
            $table->index(['galley_id', 'cook_key', 'id']);
        });
        Schema::create('drill_cards', static function (Blueprint $table): void {
            $table->id();
            $table->foreignId('galley_id')->constrained()->cascadeOnDelete();
            $table->string('cook_key', 24);
            $table->string('card', 80);
            $table->unsignedTinyInteger('box')->default(0);
            $table->unsignedInteger('times')->default(0);
            $table->bigInteger('due_at_ms')->default(0);
            $table->timestamps();
            $table->unique(['galley_id', 'cook_key', 'card']);
        });
        Schema::create('eye_readings', static function (Blueprint $table): void {
            $table->id();
            $table->foreignId('galley_id')->constrained()->cascadeOnDelete();
            $table->string('cook_key', 24);
            $table->string('kind', 12);
            $table->float('called');
            $table->float('actual');
            $table->timestamps();
            $table->index(['galley_id', 'cook_key', 'kind']);
        });
        Schema::create('eye_wishes', static function (Blueprint $table): void {
            $table->id();
            $table->foreignId('galley_id')->constrained()->cascadeOnDelete();
            $table->string('cook_key', 24);
            $table->string('cook', 60)->default('');
            $table->boolean('at_the_stove')->default(false);
            $table->boolean('shown_to_chef')->default(false);
            $table->timestamps();
            $table->unique(['galley_id', 'cook_key']);
        });
    }

    public function down(): void
    {
        foreach (['eye_wishes', 'eye_readings', 'drill_cards', 'practices', 'exercises'] as $table) {
            Schema::dropIfExists($table);
        }
    }
};
