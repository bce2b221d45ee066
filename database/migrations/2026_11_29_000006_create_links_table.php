<?php

declare(strict_types=1);

use Illuminate\Database\Migrations\Migration;
use Illuminate\Database\Schema\Blueprint;
use Illuminate\Support\Facades\Schema;

/** Short addresses, to be typed or read by a camera at another tablet: each stands for one page of one kitchen. */
return new class extends Migration {
    public function up(): void
    {
        Schema::create('links', static function (Blueprint $table): void {
            $table->id();
            $table->foreignId('galley_id')->constrained()->cascadeOnDelete();
            $table->string('code', 8)->unique();
            $table->string('path', 2000);
            $table->string('path_hash', 64);
            $table->timestamps();
            $table->unique(['galley_id', 'path_hash']);
        });
    }

    public function down(): void
    {
        Schema::dropIfExists('links');
    }
};
