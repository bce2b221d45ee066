<?php

declare(strict_types=1);

use Illuminate\Database\Migrations\Migration;
use Illuminate\Database\Schema\Blueprint;
use Illuminate\Support\Facades\DB;
use Illuminate\Support\Facades\Schema;
use Illuminate\Support\Str;

/** A pot is known by the same id in every kitchen its log is taken to, and found by its sauce. */
return new class extends Migration {
    public function up(): void
    {
        Schema::table('pots', static function (Blueprint $table): void {
            $table->string('uid', 40)->nullable()->unique();
            $table->string('base', 30)->nullable()->index();
        });
        foreach (DB::table('pots')->get(['id', 'question']) as $pot) {
            $question = (array) json_decode(is_string($pot->question) ? $pot->question : '', true);
            DB::table('pots')
                ->where('id', $pot->id)
                ->update(['uid' => (string) Str::uuid(), 'base' => is_string($question['sauce'] ?? null) ? $question['sauce'] : null]);
        }
    }

    public function down(): void
    {
        Schema::table('pots', static function (Blueprint $table): void {
            $table->dropUnique(['uid']);
            $table->dropIndex(['base']);
            $table->dropColumn(['uid', 'base']);
        });
    }
};
