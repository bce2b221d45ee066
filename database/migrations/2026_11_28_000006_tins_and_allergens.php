<?php

declare(strict_types=1);

use Illuminate\Database\Migrations\Migration;
use Illuminate\Database\Schema\Blueprint;
use Illuminate\Support\Facades\Schema;

/** A tin is as long as it is, beside its width; an ingredient of a kitchen's own says which allergens are in it. */
return new class extends Migration {
    public function up(): void
    {
        Schema::table('pans', static function (Blueprint $table): void {
            // Null for a round one.
            $table->unsignedInteger('length_mm')->nullable();
        });
        Schema::table('larder_entries', static function (Blueprint $table): void {
            // "milk egg", or "none" where that was checked; null for those from before it was asked.
            $table->string('allergens', 200)->nullable();
        });
    }

    public function down(): void
    {
        Schema::table('larder_entries', static fn(Blueprint $table) => $table->dropColumn('allergens'));
        Schema::table('pans', static fn(Blueprint $table) => $table->dropColumn('length_mm'));
    }
};
