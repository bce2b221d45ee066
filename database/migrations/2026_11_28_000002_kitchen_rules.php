<?php

declare(strict_types=1);

use App\Database\Ddl;
use Illuminate\Database\Migrations\Migration;
use Illuminate\Database\Schema\Blueprint;
use Illuminate\Support\Facades\DB;
use Illuminate\Support\Facades\Schema;

/**
 * Rules that hold whatever writes: a device reads pots that there are, one that is in use has a name of its own, a kitchen has one row of
 * settings.
 */
return new class extends Migration {
    public function up(): void
    {
        DB::table('devices')->whereNotNull('pot_id')->whereNotIn('pot_id', DB::table('pots')->select('id'))->update(['pot_id' => null]);
        // Two of one name are told apart by their numbers.
        $seen = [];
        foreach (DB::table('devices')->whereNull('withdrawn_at')->orderBy('id')->pluck('name', 'id') as $id => $name) {
            $name = is_string($name) ? $name : '';
            if (isset($seen[$name])) {
                DB::table('devices')->where('id', $id)->update(['name' => mb_substr($name, 0, 50) . ' ' . $id]);
            }
            $seen[$name] = true;
        }
        Schema::table('devices', static function (Blueprint $table): void {
            $table->foreign('pot_id')->references('id')->on('pots')->nullOnDelete();
        });
        DB::statement('create unique index devices_name on devices (name) where withdrawn_at is null');

        $kept = DB::table('kitchen_settings')->orderBy('id')->first();
        Schema::drop('kitchen_settings');
        Ddl::run(
            'create table kitchen_settings (id integer primary key not null check (id = 1), settings text not null check '
                . '(json_valid(settings)), created_at datetime, updated_at datetime)',
        );
        if ($kept !== null) {
            DB::table('kitchen_settings')->insert([
                'id' => 1,
                'settings' => $kept->settings,
                'created_at' => $kept->created_at,
                'updated_at' => $kept->updated_at,
            ]);
        }
    }

    public function down(): void
    {
        DB::statement('drop index devices_name');
        Schema::table('devices', static fn(Blueprint $table) => $table->dropForeign(['pot_id']));
    }
};
