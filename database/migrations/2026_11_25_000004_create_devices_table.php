<?php

declare(strict_types=1);

use Illuminate\Database\Migrations\Migration;
use Illuminate\Database\Schema\Blueprint;
use Illuminate\Support\Facades\Schema;

return new class extends Migration {
    public function up(): void
    {
        Schema::create('devices', static function (Blueprint $table): void {
            $table->id();
            $table->string('name', 60);
            $table->string('kind', 10);
            // Whatever pot stands there is the pot it reads.
            $table->string('place', 40);
            // Only the hash: the token itself is shown once, when it is made.
            $table->string('token_hash', 64)->unique();
            $table->dateTime('withdrawn_at', 3)->nullable();
            $table->dateTime('heard_at', 3)->nullable();
            $table->unsignedInteger('ignored')->default(0);
            $table->string('ignored_why', 200)->default('');
            $table->timestamps();
        });
    }

    public function down(): void
    {
        Schema::dropIfExists('devices');
    }
};
