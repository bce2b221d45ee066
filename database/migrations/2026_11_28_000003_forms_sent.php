<?php

declare(strict_types=1);

use Illuminate\Database\Migrations\Migration;
use Illuminate\Database\Schema\Blueprint;
use Illuminate\Support\Facades\Schema;

/** Which forms were sent, so that one sent twice makes one row. */
return new class extends Migration {
    public function up(): void
    {
        Schema::create('forms_sent', function (Blueprint $table): void {
            // Hash of where to, what it said, and the mark that its page gave it.
            $table->string('mark', 64)->primary();
            $table->text('led_to');
            $table->timestamp('sent_at')->index();
        });
    }

    public function down(): void
    {
        Schema::drop('forms_sent');
    }
};
