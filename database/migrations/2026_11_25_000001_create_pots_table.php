<?php

declare(strict_types=1);

use Illuminate\Database\Migrations\Migration;
use Illuminate\Database\Schema\Blueprint;
use Illuminate\Support\Facades\Schema;

return new class extends Migration {
    public function up(): void
    {
        Schema::create('pots', static function (Blueprint $table): void {
            $table->id();
            $table->string('name');
            // The question as its fields, so that the sheet can be worked out again for the drawings.
            $table->json('question');
            // The plan as it was promised: what the log compares with, whatever the model learns later.
            $table->json('plan');
            // The steps as they were promised: a running pot never changes its course under the cook.
            $table->json('steps');
            $table->string('cook')->nullable();
            $table->dateTime('started_at', 3);
            $table->dateTime('finished_at', 3)->nullable()->index();
            $table->json('outcome')->nullable();
            $table->timestamps();
        });

        Schema::create('pot_events', static function (Blueprint $table): void {
            $table->id();
            $table->foreignId('pot_id')->constrained()->cascadeOnDelete();
            // Made by the page that sends it: sent twice, it counts once.
            $table->string('token', 64)->unique();
            $table->string('kind', 20);
            $table->unsignedSmallInteger('step');
            $table->unsignedSmallInteger('pour')->default(0);
            $table->unsignedInteger('seconds')->default(0);
            $table->text('text')->nullable();
            $table->dateTime('at', 3);
        });

        Schema::create('kept_sauces', static function (Blueprint $table): void {
            $table->id();
            $table->string('name');
            $table->json('question');
            $table->timestamps();
        });
    }

    public function down(): void
    {
        Schema::dropIfExists('kept_sauces');
        Schema::dropIfExists('pot_events');
        Schema::dropIfExists('pots');
    }
};
