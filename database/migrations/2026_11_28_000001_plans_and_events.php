<?php

declare(strict_types=1);

use App\Database\Ddl;
use App\Family\ServiceFields;
use App\Format\SauceNames;
use App\Kitchen\Kitchen;
use App\Kitchen\LoadKitchen;
use App\Log\FirstFormat;
use App\Models\Pot;
use App\Models\PotKind;
use App\People\Here;
use App\Records\EventCodec;
use App\Records\PlanCodec;
use App\Stove\Projection;
use Illuminate\Database\Migrations\Migration;
use Illuminate\Database\Schema\Blueprint;
use Illuminate\Support\Facades\DB;
use Illuminate\Support\Facades\Schema;
use Lento\Plan\Plan;

/**
 * A pot keeps its plan as a value and its events by their kinds; what follows from them is told apart from them.
 *
 * Both tables are made anew and the rows carried over one by one, for the engine checks only what a table was made with.
 */
return new class extends Migration {
    private const AT_ONCE = 100;

    /** When this was written there was one kitchen, and nothing yet that tells several apart. */
    public function up(): void
    {
        app(Here::class)->everywhere($this->carry(...));
    }

    private function carry(): void
    {
        Schema::disableForeignKeyConstraints();
        DB::transaction(function (): void {
            $this->makePots();
            $this->makeEvents();
            $this->carryOver((new LoadKitchen())($this->settings()));
            Schema::drop('pot_events');
            Schema::drop('pots');
            Schema::rename('new_pots', 'pots');
            Schema::rename('new_pot_events', 'pot_events');
            $this->index();
        });
        Schema::enableForeignKeyConstraints();
        foreach (Pot::query()->lazyById(self::AT_ONCE) as $pot) {
            // What a pot has taught stays what it was believed to teach: only what was never written is worked out.
            $kept = $pot->lesson;
            Projection::of($pot)->writeTo($pot);
            $pot->update(['lesson' => $kept]);
        }
    }

    public function down(): void
    {
        throw new LogicException('Plans do not become the fields of a form again: lay the copy of before back.');
    }

    /** @return array<string, string> */
    private function settings(): array
    {
        $kept = DB::table('kitchen_settings')->value('settings');
        $settings = is_string($kept) ? json_decode($kept, true) : null;

        /** @var array<string, string> */
        return is_array($settings) ? $settings : [];
    }

    private function makePots(): void
    {
        Ddl::run(<<<'SQL'
            create table new_pots (
                id integer primary key autoincrement not null,
                uid varchar(40) not null unique,
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
                created_at datetime,
                updated_at datetime,
                -- Last, for it is long: what is searched and listed is read without it.
                plan text not null check (json_valid(plan)),
                check (outcome is null or finished_at is not null),
                check (given_up = 0 or finished_at is not null)
            )
            SQL);
    }

    private function makeEvents(): void
    {
        Ddl::run(<<<'SQL'
            create table new_pot_events (
                id integer primary key autoincrement not null,
                pot_id integer not null references pots (id) on delete cascade,
                token varchar(64) not null unique check (token <> ''),
                version integer not null check (version > 0),
                kind varchar(20) not null check (kind <> ''),
                step varchar(60) not null,
                at_ms integer not null check (at_ms >= 0),
                visit varchar(20) check ((visit is not null) = (kind = 'tended')),
                undoes varchar(64) references pot_events (token) on delete cascade deferrable initially deferred
                    check ((undoes is not null) = (kind = 'undone')),
                data text not null default '{}' check (json_valid(data))
            )
            SQL);
    }

    private function index(): void
    {
        Schema::table('pots', static function (Blueprint $table): void {
            $table->index('finished_at');
            // Whoever has cooked here, and what: read from the index alone.
            $table->index(['sauce', 'finished_at']);
            $table->index(['cook', 'finished_at']);
        });
        // One pot a sauce of a service, but for those that were given up.
        DB::statement(
            'create unique index pots_service_branch on pots (service_id, branch) where service_id is not null and branch is '
                . 'not null and given_up = 0',
        );
        Schema::table('pot_events', static function (Blueprint $table): void {
            $table->index(['pot_id', 'at_ms']);
            // The rail asks for the last visit of each kind at each step of every pot.
            $table->index(['kind', 'pot_id', 'step', 'visit', 'at_ms']);
            $table->unique(['pot_id', 'undoes']);
        });
        // What was taken back is few among many.
        DB::statement('create index pot_events_taken_back on pot_events (undoes) where undoes is not null');
    }

    private function carryOver(Kitchen $kitchen): void
    {
        $format = new FirstFormat($kitchen);
        $names = new SauceNames($kitchen);
        foreach (DB::table('pots')->orderBy('id')->lazy(self::AT_ONCE) as $old) {
            /** @var array<string, mixed> $row */
            $row = (array) $old;
            [$question, $promised, $outcome] = [
                self::json($row, 'question') ?? [],
                self::json($row, 'plan') ?? [],
                self::json($row, 'outcome'),
            ];
            $branch = is_string($row['branch']) ? $row['branch'] : '';
            $ladles = $format->ladles($promised, $this->branches($row['service_id'], $names));
            $plan = $format
                ->plan($question, $promised, json_decode(is_string($row['steps']) ? $row['steps'] : '[]', true), $branch)
                ->withLadles($ladles);
            DB::table('new_pots')->insert([
                ...array_intersect_key(
                    $row,
                    array_flip([
                        'id',
                        'uid',
                        'name',
                        'cook',
                        'place',
                        'started_at',
                        'finished_at',
                        'lesson',
                        'left_out',
                        'sauce_version_id',
                        'service_id',
                        'branch',
                        'created_at',
                        'updated_at',
                    ]),
                ),
                'kind' => PotKind::of($plan)->value,
                'sauce' => $row['base'] ?? $plan->making?->sauce,
                'question' => json_encode((object) $question, JSON_THROW_ON_ERROR),
                'plan' => json_encode(PlanCodec::encode($plan), JSON_THROW_ON_ERROR | JSON_UNESCAPED_UNICODE | JSON_PRESERVE_ZERO_FRACTION),
                'given_up' => $row['finished_at'] !== null && $outcome === null ? 1 : 0,
            ]);
            $this->carryEvents($format, $row['id'], $plan, $outcome);
        }
    }

    /**
     * The sauces of a service were told by their names: those that are on, and those that are wished for.
     *
     * @return array<string, string> branches, by names in small letters
     */
    private function branches(mixed $service, SauceNames $names): array
    {
        $branches = [];
        $fields = DB::table('services')->where('id', $service)->value('fields');
        $read = is_string($fields) ? json_decode($fields, true) : null;
        foreach (ServiceFields::from(is_array($read) ? $read : [])->wishes as $wish) {
            [$sauce, $liquid] = [$wish['sauce'] ?? '', $wish['liquid'] ?? ''];
            $branches[mb_strtolower($names->name($sauce, $liquid))] = $sauce . '@' . $liquid;
        }
        foreach (DB::table('pots')->where('service_id', $service)->whereNotNull('branch')->get(['name', 'branch']) as $pot) {
            $branches[mb_strtolower(is_string($pot->name) ? $pot->name : '')] = is_string($pot->branch) ? $pot->branch : '';
        }

        return $branches;
    }

    /** @param array<string, mixed>|null $outcome */
    private function carryEvents(FirstFormat $format, mixed $pot, Plan $plan, ?array $outcome): void
    {
        [$seen, $undone] = [[], []];
        foreach (DB::table('pot_events')->where('pot_id', $pot)->orderBy('at_ms')->orderBy('id')->get() as $row) {
            /** @var array<string, mixed> $row */
            $row = (array) $row;
            $undoes = is_string($row['undoes']) ? $row['undoes'] : '';
            // An event that was taken back twice was taken back once; one that took back nothing did nothing.
            if ($row['kind'] === 'undone' && (isset($undone[$undoes]) || !isset($seen[$undoes]))) {
                continue;
            }
            $undone[$undoes] = true;
            $seen[is_string($row['token']) ? $row['token'] : ''] = true;
            DB::table('new_pot_events')->insert(['pot_id' => $pot, ...EventCodec::toRow($format->eventOfRow($row, $plan, $outcome))]);
        }
    }

    /**
     * @param array<string, mixed> $row
     *
     * @return array<string, mixed>|null
     */
    private static function json(array $row, string $column): ?array
    {
        $value = is_string($row[$column]) ? json_decode($row[$column], true) : null;

        /** @var array<string, mixed>|null */
        return is_array($value) ? $value : null;
    }
};
