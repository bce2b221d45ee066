<?php

declare(strict_types=1);

use Illuminate\Database\Migrations\Migration;
use Illuminate\Database\Schema\Blueprint;
use Illuminate\Support\Facades\Schema;

return new class extends Migration {
    public function up(): void
    {
        Schema::create('services', static function (Blueprint $table): void {
            $table->id();
            // As typed, so that nothing is lost that could not be read.
            $table->json('fields');
            $table->timestamps();
        });

        Schema::create('own_derivatives', static function (Blueprint $table): void {
            $table->id();
            $table->string('name');
            $table->string('based_on');
            $table->json('changes');
            $table->timestamps();
        });

        Schema::table('pots', static function (Blueprint $table): void {
            // Which sauce of which service it is.
            $table->foreignId('service_id')->nullable()->constrained()->nullOnDelete();
            $table->string('branch', 160)->nullable();
            $table->index(['service_id', 'branch']);
        });
    }

    public function down(): void
    {
        Schema::table('pots', static function (Blueprint $table): void {
            $table->dropIndex(['service_id', 'branch']);
            $table->dropConstrainedForeignId('service_id');
            $table->dropColumn('branch');
        });
        Schema::dropIfExists('own_derivatives');
        Schema::dropIfExists('services');
    }
};
