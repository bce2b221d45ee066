<?php

declare(strict_types=1);

use App\Database\Ddl;
use App\Models\Pot;
use App\Stove\Projection;
use Illuminate\Database\Migrations\Migration;
use Illuminate\Database\Schema\Blueprint;
use Illuminate\Support\Facades\DB;
use Illuminate\Support\Facades\Schema;

/**
 * Several kitchens in one installation, each with its people and tablets; a bin, an archive, and an audit of who did what.
 *
 * What was here before is the first kitchen's.
 */
return new class extends Migration {
    private const AT_ONCE = 100;

    /** What a kitchen owns, and whether it can be thrown into the bin, or archived. */
    private const OWNED = [
        'pans' => ['binned'],
        'hobs' => ['binned'],
        'larder_entries' => ['binned'],
        'own_derivatives' => ['binned', 'archived'],
        'formulas' => [],
        'sauces' => ['archived'],
        'sauce_versions' => [],
        'services' => ['archived'],
        'devices' => ['binned'],
    ];

    public function up(): void
    {
        Schema::disableForeignKeyConstraints();
        DB::transaction(function (): void {
            $this->makeGalleys();
            $this->makePeople();
            foreach (self::OWNED as $table => $ways) {
                $this->own($table, $ways);
            }
            $this->uniquePerKitchen();
            $this->makeImports();
            $this->makePotsAnew();
            $this->makeEventsAnew();
            $this->makeAudit();
        });
        Schema::enableForeignKeyConstraints();
        foreach (Pot::query()->whereNull('finished_at')->lazyById(self::AT_ONCE) as $pot) {
            Projection::of($pot)->writeTo($pot);
        }
    }

    public function down(): void
    {
        throw new LogicException('Several kitchens do not become one again: lay the copy of before back.');
    }

    private function makeGalleys(): void
    {
        Schema::create('galleys', static function (Blueprint $table): void {
            $table->id();
            $table->json('settings');
            // Kitchens of one house share the formulas that are marked so.
            $table->string('house', 60)->nullable()->index();
            $table->timestamps();
        });
        $kept = DB::table('kitchen_settings')->first();
        DB::table('galleys')->insert([
            'settings' => $kept->settings ?? '{}',
            'created_at' => $kept->created_at ?? null,
            'updated_at' => $kept->updated_at ?? null,
        ]);
        Schema::drop('kitchen_settings');
    }

    private function makePeople(): void
    {
        Schema::create('accounts', static function (Blueprint $table): void {
            $table->id();
            $table->string('login', 60)->unique();
            $table->string('password');
            $table->unsignedInteger('epoch')->default(1);
            $table->unsignedInteger('failed')->default(0);
            $table->timestamp('locked_until')->nullable();
            $table->timestamps();
        });
        Schema::create('members', function (Blueprint $table): void {
            $table->id();
            $table->foreignId('galley_id')->constrained()->cascadeOnDelete();
            $table->foreignId('account_id')->nullable()->constrained()->nullOnDelete();
            $table->string('name', 60);
            $table->string('role', 10);
            $table->string('pin_hash')->nullable();
            $this->binned($table);
            $table->timestamps();
            $table->unique(['galley_id', 'account_id']);
        });
        // Two of one name could not be told apart on a tablet.
        DB::statement('create unique index members_name on members (galley_id, name) where binned_at is null');
        Schema::create('tablets', function (Blueprint $table): void {
            $table->id();
            $table->foreignId('galley_id')->constrained()->cascadeOnDelete();
            $table->string('name', 60);
            $table->string('token_hash', 64)->nullable()->unique();
            $table->string('code_hash', 64)->nullable()->unique();
            $table->timestamp('code_until')->nullable();
            $table->timestamp('seen_at')->nullable();
            $this->binned($table);
            $table->timestamps();
        });
    }

    /** @param list<string> $ways */
    private function own(string $name, array $ways): void
    {
        if ($name === 'devices') {
            // Made anew below, with the kitchen in it: an engine that makes the table anew forgets the rule's second half.
            DB::statement('drop index devices_name');
        }
        Schema::table($name, function (Blueprint $table) use ($ways): void {
            $table->foreignId('galley_id')->nullable()->constrained()->cascadeOnDelete();
            if (in_array('binned', $ways, true)) {
                $this->binned($table);
            }
            if (in_array('archived', $ways, true)) {
                $table->timestamp('archived_at')->nullable();
            }
        });
        DB::table($name)->update(['galley_id' => DB::table('galleys')->min('id')]);
        Schema::table($name, static function (Blueprint $table): void {
            $table->unsignedBigInteger('galley_id')->nullable(false)->change();
            $table->index('galley_id');
        });
    }

    private function binned(Blueprint $table): void
    {
        $table->timestamp('binned_at')->nullable();
        $table->string('binned_by', 60)->nullable();
    }

    private function uniquePerKitchen(): void
    {
        // What was withdrawn lies in the bin.
        DB::table('devices')->whereNotNull('withdrawn_at')->update(['binned_at' => DB::raw('withdrawn_at')]);
        Schema::table('devices', static fn(Blueprint $table) => $table->dropColumn('withdrawn_at'));
        DB::statement('create unique index devices_name on devices (galley_id, name) where binned_at is null');
        Schema::table('formulas', static function (Blueprint $table): void {
            $table->dropUnique('formulas_base_unique');
            $table->unique(['galley_id', 'base']);
            $table->boolean('shared')->default(false);
        });
    }

    private function makeImports(): void
    {
        Schema::create('log_imports', static function (Blueprint $table): void {
            $table->id();
            $table->foreignId('galley_id')->constrained()->cascadeOnDelete();
            $table->string('name', 200);
            $table->string('by', 60);
            $table->boolean('teaches')->default(false);
            $table->timestamps();
        });
    }

    private function makePotsAnew(): void
    {
        Ddl::run(<<<'SQL'
            create table new_pots (
                id integer primary key autoincrement not null,
                galley_id integer not null references galleys (id) on delete cascade,
                uid varchar(40) not null,
                kind varchar(20) not null check (kind in ('base', 'derivative', 'free')),
                sauce varchar(60),
                name varchar(200) not null check (name <> ''),
                question text not null check (json_valid(question)),
                cook varchar(60),
                place varchar(60) not null default '',
                started_at datetime not null,
                finished_at datetime,
                given_up tinyint not null default 0 check (given_up in (0, 1)),
                outcome text check (outcome is null or json_valid(outcome)),
                lesson text check (lesson is null or json_valid(lesson)),
                left_out tinyint not null default 0 check (left_out in (0, 1)),
                sauce_version_id integer references sauce_versions (id) on delete set null,
                service_id integer references services (id) on delete set null,
                branch varchar(160),
                -- ms: when it calls next while it is on, and when somebody last had a hand on it.
                calls_at_ms integer,
                touched_at_ms integer,
                log_import_id integer references log_imports (id) on delete set null,
                archived_at datetime,
                created_at datetime,
                updated_at datetime,
                -- Last, for it is long: what is searched and listed is read without it.
                plan text not null check (json_valid(plan)),
                unique (galley_id, uid),
                check (outcome is null or finished_at is not null),
                check (given_up = 0 or finished_at is not null)
            )
            SQL);
        $kept = 'uid, kind, sauce, name, question, cook, place, started_at, finished_at, given_up, outcome, lesson, left_out, '
            . 'sauce_version_id, service_id, branch, created_at, updated_at, plan';
        DB::statement("insert into new_pots (id, galley_id, {$kept}) select id, (select min(id) from galleys), {$kept} from pots");
    }

    private function makeEventsAnew(): void
    {
        Ddl::run(<<<'SQL'
            create table new_pot_events (
                id integer primary key autoincrement not null,
                galley_id integer not null references galleys (id) on delete cascade,
                pot_id integer not null references pots (id) on delete cascade,
                token varchar(64) not null check (token <> ''),
                version integer not null check (version > 0),
                kind varchar(20) not null check (kind <> ''),
                step varchar(60) not null,
                at_ms integer not null check (at_ms >= 0),
                visit varchar(20) check ((visit is not null) = (kind = 'tended')),
                undoes varchar(64) check ((undoes is not null) = (kind = 'undone')),
                -- Who said it, by their name as it was then; a device by its own.
                said_by varchar(60) not null default '',
                data text not null default '{}' check (json_valid(data)),
                unique (pot_id, token)
            )
            SQL);
        $kept = 'id, pot_id, token, version, kind, step, at_ms, visit, undoes, data';
        DB::statement("insert into new_pot_events (galley_id, {$kept}) select (select min(id) from galleys), {$kept} from pot_events");
        // SQLite holds to the tables' names, PostgreSQL to the tables themselves.
        if (Ddl::isPostgres()) {
            Schema::table('devices', static fn(Blueprint $table) => $table->dropForeign(['pot_id']));
        }
        Schema::drop('pot_events');
        Schema::drop('pots');
        Schema::rename('new_pots', 'pots');
        Schema::rename('new_pot_events', 'pot_events');
        if (Ddl::isPostgres()) {
            Schema::table('devices', static function (Blueprint $table): void {
                $table->foreign('pot_id')->references('id')->on('pots')->nullOnDelete();
            });
        }
        Schema::table('pots', static function (Blueprint $table): void {
            $table->index(['galley_id', 'finished_at']);
            // The rail: which of those that are on calls next.
            $table->index(['galley_id', 'finished_at', 'calls_at_ms']);
            // Whoever has cooked here, and what: read from the index alone.
            $table->index(['galley_id', 'sauce', 'finished_at']);
            $table->index(['galley_id', 'cook', 'finished_at']);
            $table->index('log_import_id');
        });
        // One pot a sauce of a service, but for those that were given up.
        DB::statement(
            'create unique index pots_service_branch on pots (service_id, branch) where service_id is not null and branch is '
                . 'not null and given_up = 0',
        );
        Schema::table('pot_events', static function (Blueprint $table): void {
            $table->index(['pot_id', 'at_ms']);
            // The newest of a kitchen: a tablet asks for it every five seconds.
            $table->index(['galley_id', 'id']);
            // The rail asks for the last visit of each kind at each step of every pot.
            $table->index(['kind', 'pot_id', 'step', 'visit', 'at_ms']);
            $table->unique(['pot_id', 'undoes']);
        });
        DB::statement('create index pot_events_taken_back on pot_events (undoes) where undoes is not null');
    }

    private function makeAudit(): void
    {
        Schema::create('audit', static function (Blueprint $table): void {
            $table->id();
            $table->foreignId('galley_id')->constrained()->cascadeOnDelete();
            $table->timestamp('at', 3);
            $table->string('by', 60);
            $table->string('what', 20);
            $table->string('of', 40);
            $table->unsignedBigInteger('of_id');
            $table->string('name', 200);
            $table->json('before');
            $table->json('after');
            $table->index(['galley_id', 'id']);
        });
    }
};
