<?php

declare(strict_types=1);

use Illuminate\Database\Migrations\Migration;
use Illuminate\Database\Schema\Blueprint;
use Illuminate\Support\Facades\Schema;

/** Which page last changed a service, and at which of its turns: a change that was overtaken on the way is not kept over a newer one. */
return new class extends Migration {
    public function up(): void
    {
        Schema::table('services', static function (Blueprint $table): void {
            $table->string('typed_on', 40)->nullable();
            $table->unsignedInteger('typed_turn')->nullable();
        });
    }

    public function down(): void
    {
        Schema::table('services', static fn(Blueprint $table) => $table->dropColumn(['typed_on', 'typed_turn']));
    }
};
