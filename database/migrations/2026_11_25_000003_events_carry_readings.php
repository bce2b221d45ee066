<?php

declare(strict_types=1);

use Carbon\CarbonImmutable;
use Illuminate\Database\Migrations\Migration;
use Illuminate\Database\Schema\Blueprint;
use Illuminate\Support\Facades\DB;
use Illuminate\Support\Facades\Schema;

/** An event carries what was read and its own moment, as the tablet knew it: a number no change of clock or zone can shift. */
return new class extends Migration {
    public function up(): void
    {
        Schema::table('pot_events', static function (Blueprint $table): void {
            // ms since 1970, UTC.
            $table->unsignedBigInteger('at_ms')->default(0);
            // The step that follows "done" where it is not the next.
            $table->unsignedSmallInteger('goes_to')->nullable();
            // A reading in SI, or how much went in; and whatever was chosen by name.
            $table->double('value')->nullable();
            $table->string('choice', 40)->nullable();
            // The token of the event that is taken back.
            $table->string('undoes', 64)->nullable();
        });
        foreach (DB::table('pot_events')->get(['id', 'at']) as $event) {
            DB::table('pot_events')
                ->where('id', $event->id)
                ->update(['at_ms' => CarbonImmutable::parse(is_string($event->at) ? $event->at : 'now')->getTimestampMs()]);
        }
        Schema::table('pot_events', static function (Blueprint $table): void {
            $table->dropColumn('at');
            $table->index(['pot_id', 'at_ms']);
            // The rail asks for the last visit of each kind at each step of every pot.
            $table->index(['kind', 'pot_id', 'step', 'choice', 'at_ms']);
        });
        Schema::table('pots', static function (Blueprint $table): void {
            $table->string('place', 40)->default('');
        });
    }

    public function down(): void
    {
        Schema::table('pots', static fn(Blueprint $table) => $table->dropColumn('place'));
        Schema::table('pot_events', static function (Blueprint $table): void {
            $table->dropIndex(['pot_id', 'at_ms']);
            $table->dropIndex(['kind', 'pot_id', 'step', 'choice', 'at_ms']);
            $table->dateTime('at', 3)->default('1970-01-01 00:00:00');
        });
        foreach (DB::table('pot_events')->get(['id', 'at_ms']) as $event) {
            DB::table('pot_events')
                ->where('id', $event->id)
                ->update([
                    'at' => CarbonImmutable::createFromTimestampMs(is_numeric($event->at_ms) ? (int) $event->at_ms : 0)->format(
                        'Y-m-d H:i:s.v',
                    ),
                ]);
        }
        Schema::table('pot_events', static fn(Blueprint $table) => $table->dropColumn(['at_ms', 'goes_to', 'value', 'choice', 'undoes']));
    }
};
