<?php

declare(strict_types=1);

use Illuminate\Database\Migrations\Migration;
use Illuminate\Database\Schema\Blueprint;
use Illuminate\Support\Facades\Schema;

/** How many readings were ignored of the pot a device reads now, for the pot's own page. */
return new class extends Migration {
    public function up(): void
    {
        Schema::table('devices', static function (Blueprint $table): void {
            $table->unsignedBigInteger('pot_id')->nullable();
            $table->unsignedInteger('pot_ignored')->default(0);
        });
    }

    public function down(): void
    {
        Schema::table('devices', static fn(Blueprint $table) => $table->dropColumn(['pot_id', 'pot_ignored']));
    }
};
