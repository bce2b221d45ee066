<?php

declare(strict_types=1);

use Illuminate\Database\Migrations\Migration;
use Illuminate\Database\Schema\Blueprint;
use Illuminate\Support\Facades\Schema;

/** What a finished pot has taught of its kitchen, and whether it is left out. */
return new class extends Migration {
    public function up(): void
    {
        Schema::table('pots', static function (Blueprint $table): void {
            $table->json('lesson')->nullable();
            $table->boolean('left_out')->default(false);
        });
    }

    public function down(): void
    {
        Schema::table('pots', static fn(Blueprint $table) => $table->dropColumn(['lesson', 'left_out']));
    }
};
