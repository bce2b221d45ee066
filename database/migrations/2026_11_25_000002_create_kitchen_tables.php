<?php

declare(strict_types=1);

use Illuminate\Database\Migrations\Migration;
use Illuminate\Database\Schema\Blueprint;
use Illuminate\Support\Facades\DB;
use Illuminate\Support\Facades\Schema;

return new class extends Migration {
    public function up(): void
    {
        Schema::create('pans', static function (Blueprint $table): void {
            $table->id();
            $table->string('name', 60);
            $table->unsignedInteger('diameter_mm');
            $table->unsignedInteger('height_mm');
            $table->string('base', 10)->default('medium');
            // As weighed; where it is not, its size tells.
            $table->unsignedInteger('mass_g')->nullable();
            $table->timestamps();
        });

        Schema::create('hobs', static function (Blueprint $table): void {
            $table->id();
            $table->string('name', 60);
            $table->string('kind', 10);
            $table->unsignedInteger('power_w');
            // What stands on its knob: 1 to this.
            $table->unsignedSmallInteger('levels')->default(5);
            $table->timestamps();
        });

        Schema::create('larder_entries', static function (Blueprint $table): void {
            $table->id();
            // The larder id that it is or, for one of the kitchen's own, that it resembles.
            $table->string('like', 40);
            // Set for one of the kitchen's own.
            $table->string('name', 60)->nullable();
            $table->double('price_per_kg')->nullable();
            $table->double('salt_percent')->nullable();
            $table->double('fat_percent')->nullable();
            $table->timestamps();
        });

        Schema::create('formulas', static function (Blueprint $table): void {
            $table->id();
            $table->string('base', 20)->unique();
            // What this kitchen does otherwise than the house, field by field.
            $table->json('changes');
            $table->timestamps();
        });

        Schema::create('kitchen_settings', static function (Blueprint $table): void {
            $table->id();
            $table->json('settings');
            $table->timestamps();
        });

        Schema::create('sauces', static function (Blueprint $table): void {
            $table->id();
            $table->string('name', 60);
            $table->json('tags');
            $table->text('notes')->nullable();
            // Lower case without accents, of name, tags and notes: what the search looks in.
            $table->text('found_by');
            $table->timestamps();
        });

        // Only ever added: a pot keeps the version it was cooked from.
        Schema::create('sauce_versions', static function (Blueprint $table): void {
            $table->id();
            $table->foreignId('sauce_id')->constrained()->cascadeOnDelete();
            $table->unsignedInteger('number');
            $table->json('question');
            $table->timestamps();
            $table->unique(['sauce_id', 'number']);
        });

        Schema::table('pots', static function (Blueprint $table): void {
            $table->foreignId('sauce_version_id')->nullable()->constrained()->nullOnDelete();
        });

        foreach (DB::table('kept_sauces')->orderBy('id')->get() as $kept) {
            $id = DB::table('sauces')->insertGetId([
                'name' => $kept->name,
                'tags' => '[]',
                'notes' => null,
                'found_by' => is_string($kept->name) ? mb_strtolower($kept->name) : '',
                'created_at' => $kept->created_at,
                'updated_at' => $kept->updated_at,
            ]);
            DB::table('sauce_versions')->insert([
                'sauce_id' => $id,
                'number' => 1,
                'question' => $kept->question,
                'created_at' => $kept->created_at,
                'updated_at' => $kept->updated_at,
            ]);
        }
        Schema::drop('kept_sauces');
    }

    public function down(): void
    {
        Schema::create('kept_sauces', static function (Blueprint $table): void {
            $table->id();
            $table->string('name');
            $table->json('question');
            $table->timestamps();
        });
        Schema::table('pots', static fn(Blueprint $table) => $table->dropConstrainedForeignId('sauce_version_id'));
        foreach (['sauce_versions', 'sauces', 'kitchen_settings', 'formulas', 'larder_entries', 'hobs', 'pans'] as $table) {
            Schema::dropIfExists($table);
        }
    }
};
