<?php

declare(strict_types=1);

use Illuminate\Database\Migrations\Migration;
use Illuminate\Database\Schema\Blueprint;
use Illuminate\Support\Facades\Schema;

/** The kept sauces that are wanted at hand: first in the list, and offered where a question is asked. */
return new class extends Migration {
    public function up(): void
    {
        Schema::table('sauces', static function (Blueprint $table): void {
            $table->boolean('favourite')->default(false);
        });
    }

    public function down(): void
    {
        Schema::table('sauces', static function (Blueprint $table): void {
            $table->dropColumn('favourite');
        });
    }
};
