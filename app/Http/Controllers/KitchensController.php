<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Doors\SignedInSession;
use App\Models\Account;
use App\Models\Galley;
use App\Models\Member;
use App\People\Here;
use App\People\Place;
use App\People\Presence;
use App\People\Role;
use Illuminate\Contracts\View\View;
use Illuminate\Http\RedirectResponse;
use Illuminate\Http\Request;
use Illuminate\Support\Facades\DB;
use Symfony\Component\HttpKernel\Exception\AccessDeniedHttpException;

/** The kitchens somebody belongs to; an owner opens another, and says which house a kitchen is of. */
final readonly class KitchensController
{
    public function __construct(private Here $here) {}

    public function index(Request $request): View
    {
        $account = SignedInSession::account($request);
        $mine = $account === null ? collect() : $this->here->everywhere(
            static fn() => Member::query()->with('galley')->where('account_id', $account->id)->whereNull('binned_at')->oldest('id')->get(),
        );

        return view('pages.kitchens', [
            'mine' => $mine,
            'at' => Galley::query()->findOrFail($this->here->galleyId()),
            'opens' => $account !== null && $this->here->may(Place::Kitchens),
        ]);
    }

    public function store(Request $request): RedirectResponse
    {
        $account = self::account($request);
        $request->validate(['name' => ['required', 'string', 'max:60']]);
        $name = $request->string('name')->trim()->toString();
        // Opened from a kitchen, it is of the same house.
        $house = Galley::query()->findOrFail($this->here->galleyId())->house;
        $who = $this->here->presence()->name;
        $galley = DB::transaction(function () use ($account, $name, $house, $who): Galley {
            $galley = new Galley(['settings' => ['name' => $name], 'house' => $house]);
            $this->here->everywhere($galley->save(...));
            // Its audit begins with who opened it.
            $this->here->enter(new Presence($galley->id, Role::Owner, null, $who));
            Member::query()->create(['name' => $who, 'role' => Role::Owner, 'account_id' => $account->id]);

            return $galley;
        });
        SignedInSession::choose($request, $galley->id);

        return redirect()->route('kitchen');
    }

    public function enter(Request $request, int $galley): RedirectResponse
    {
        $account = self::account($request);
        $this->here->everywhere(
            static fn() => Member::query()
                ->where('account_id', $account->id)
                ->where('galley_id', $galley)
                ->whereNull('binned_at')
                ->firstOrFail(),
        );
        SignedInSession::choose($request, $galley);

        return redirect()->route('compose');
    }

    /** Of which house this kitchen is: kitchens of one house see each other's shared formulas. Only one's own houses can be joined. */
    public function house(Request $request): RedirectResponse
    {
        $account = self::account($request);
        $request->validate(['house' => ['nullable', 'string', 'max:60']]);
        $house = $request->string('house')->trim()->toString();
        $isOthers = $house !== '' && $this->here->everywhere(static fn(): bool => Galley::query()
            ->where('house', $house)
            ->whereNotIn('id', Member::query()
                ->where('account_id', $account->id)
                ->where('role', Role::Owner)
                ->whereNull('binned_at')
                ->select('galley_id'))
            ->exists());
        if ($isOthers) {
            return redirect()->route('kitchens')->withInput()->withErrors(['house' => __('kitchens.house_taken')]);
        }
        Galley::query()->findOrFail($this->here->galleyId())->update(['house' => $house === '' ? null : $house]);

        return redirect()->route('kitchens')->with('saved', 'house');
    }

    private static function account(Request $request): Account
    {
        return SignedInSession::account($request) ?? throw new AccessDeniedHttpException('Not open: account');
    }
}
