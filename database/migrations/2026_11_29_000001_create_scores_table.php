<?php

declare(strict_types=1);

use Illuminate\Database\Migrations\Migration;
use Illuminate\Database\Schema\Blueprint;
use Illuminate\Support\Facades\Schema;

/** The plan of a service in time, as far as it has been looked for. */
return new class extends Migration {
    public function up(): void
    {
        Schema::create('scores', static function (Blueprint $table): void {
            $table->id();
            $table->foreignId('galley_id')->constrained()->cascadeOnDelete();
            $table->foreignId('service_id')->unique()->constrained()->cascadeOnDelete();
            // Of what it was worked out from: another service, another kitchen, another plan.
            $table->string('asked', 64);
            $table->json('solution')->nullable();
            // As it stood when the first pot was put on: what happened is held against it.
            $table->json('first')->nullable();
            // What somebody said of it, in order, with what each cost and the plan before it.
            $table->json('changes')->nullable();
            // The plan as each page reads it: who has what when.
            $table->json('hands')->nullable();
            $table->unsignedInteger('rounds')->default(0);
            $table->boolean('stopped')->default(false);
            $table->timestamps();
        });
    }

    public function down(): void
    {
        Schema::dropIfExists('scores');
    }
};
