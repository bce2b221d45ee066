<?php

declare(strict_types=1);

namespace App\Doors;

use App\Models\Account;
use App\Models\Galley;
use App\Models\Hob;
use App\Models\Member;
use App\Models\Pan;
use App\People\Here;
use App\People\Presence;
use App\People\Role;
use Illuminate\Support\Facades\DB;

/** Opens the installation's first kitchen, which was made empty with its database. */
final readonly class Opening
{
    /** What a knob has that nobody has counted. */
    private const LEVELS = 5;

    public function __construct(private Here $here) {}

    public function __invoke(Told $told): Account
    {
        return DB::transaction(function () use ($told): Account {
            $galley = Galley::query()->oldest('id')->firstOrFail();
            $this->here->enter(new Presence($galley->id, Role::Owner, null, $told->owner->name));
            $account = Account::query()->create(['login' => $told->owner->login, 'password' => $told->owner->password, 'epoch' => 1]);
            // Of a kitchen that was somebody's before, whoever has that name already is who it is.
            Member::query()
                ->firstOrNew(['name' => $told->owner->name])
                ->fill(['role' => Role::Owner, 'account_id' => $account->id])
                ->save();
            foreach ($told->cooks as $name) {
                Member::query()->firstOrCreate(['name' => $name], ['role' => Role::Cook]);
            }
            $chosen = $told->settings;
            if ($told->pan !== null) {
                $chosen['pan'] = (string) Pan::query()->create($told->pan)->id;
            }
            if ($told->ring !== null) {
                $chosen['hob'] = (string) Hob::query()->create([...$told->ring, 'levels' => self::LEVELS])->id;
            }
            $galley->update(['settings' => [...$galley->settings, ...$chosen]]);
            FirstRun::isOver();

            return $account;
        });
    }
}
