<?php

declare(strict_types=1);

use Illuminate\Database\Migrations\Migration;
use Illuminate\Database\Schema\Blueprint;
use Illuminate\Support\Facades\Schema;

/** An address under which a cook's calendar reads what they have to do, known by its token alone. */
return new class extends Migration {
    public function up(): void
    {
        Schema::create('calendars', static function (Blueprint $table): void {
            $table->id();
            $table->foreignId('galley_id')->constrained()->cascadeOnDelete();
            $table->string('cook', 60);
            $table->string('token_hash', 64)->unique();
            $table->timestamps();
            $table->unique(['galley_id', 'cook']);
        });
    }

    public function down(): void
    {
        Schema::dropIfExists('calendars');
    }
};
