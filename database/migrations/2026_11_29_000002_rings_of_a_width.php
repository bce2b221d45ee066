<?php

declare(strict_types=1);

use Illuminate\Database\Migrations\Migration;
use Illuminate\Database\Schema\Blueprint;
use Illuminate\Support\Facades\Schema;

/** The widest pan that a ring takes; null where nobody has told. */
return new class extends Migration {
    public function up(): void
    {
        Schema::table('hobs', static function (Blueprint $table): void {
            $table->unsignedInteger('widest_mm')->nullable();
        });
    }

    public function down(): void
    {
        Schema::table('hobs', static function (Blueprint $table): void {
            $table->dropColumn('widest_mm');
        });
    }
};
