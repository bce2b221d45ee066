<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Doors\SignedInSession;
use App\Http\Requests\PersonRequest;
use App\Models\Account;
use App\Models\Member;
use App\People\Here;
use App\People\Role;
use Illuminate\Contracts\View\View;
use Illuminate\Http\RedirectResponse;
use Illuminate\Support\Facades\DB;
use Symfony\Component\HttpKernel\Exception\AccessDeniedHttpException;

/** Who works in this kitchen, and as what. Nobody makes, changes or removes who may more than they may themselves. */
final readonly class PeopleController
{
    public function __construct(private Here $here) {}

    public function index(): View
    {
        return view('pages.people', [
            'people' => Member::query()->with('account')->orderBy('name')->get(),
            'roles' => array_filter(Role::cases(), $this->reaches(...)),
            'me' => $this->here->presence()->memberId,
        ]);
    }

    public function store(PersonRequest $request): RedirectResponse
    {
        $member = $request->whole('id') === null ? new Member() : Member::query()->findOrFail($request->whole('id'));
        $role = $request->role();
        if (!$this->reaches($role) || $member->exists && !$this->reaches($member->role)) {
            throw new AccessDeniedHttpException('Not open: role');
        }
        // Who is somebody in another kitchen too is not let into it by this one's chef.
        if ($request->text('password') !== '' && $member->account_id !== null && $this->isElsewhere($member->account_id)) {
            return redirect(route('people') . '#person-' . $member->id)
                ->with('person', (string) $member->id)
                ->withErrors(['password' => __('doors.elsewhere', ['name' => $member->name])]);
        }
        DB::transaction(function () use ($request, $member, $role): void {
            $member->fill(['name' => $request->text('name'), 'role' => $this->isTheLastOwner($member) ? Role::Owner : $role]);
            if ($request->text('pin') !== '') {
                $member->pin_hash = $request->text('pin');
            }
            if ($request->text('login') !== '' && $member->account_id === null) {
                $member->account_id = Account::query()
                    ->create(['login' => mb_strtolower($request->text('login')), 'password' => $request->text('password'), 'epoch' => 1])
                    ->id;
            } elseif ($request->text('password') !== '' && $member->account !== null) {
                // A new password, for who has lost theirs: whoever was signed in with the old one is out.
                $member->account->update(['password' => $request->text('password'), 'epoch' => $member->account->epoch + 1]);
            }
            $member->save();
        });

        return redirect(route('people') . '#person-' . $member->id)->with('saved', $member->id);
    }

    public function remove(int $member): RedirectResponse
    {
        $member = Member::query()->findOrFail($member);
        if (!$this->reaches($member->role) || $this->isTheLastOwner($member)) {
            throw new AccessDeniedHttpException('Not open: last owner');
        }
        $member->bin();

        return redirect()->route('people')->with('binned', ['members', $member->id, $member->name]);
    }

    /** One's own password, with the old one said again; all other browsers are out. */
    public function password(PersonRequest $request): RedirectResponse
    {
        $account = SignedInSession::account($request) ?? throw new AccessDeniedHttpException('Not open: account');
        $account->update(['password' => $request->text('new_password')]);
        SignedInSession::renew($request, $account);

        return redirect()->route('people')->with('saved', 'password');
    }

    private function reaches(Role $role): bool
    {
        return $this->here->presence()->role->atMost($role) === $role;
    }

    private function isElsewhere(int $account): bool
    {
        $galley = $this->here->galleyId();

        return $this->here->everywhere(
            static fn(): bool => Member::query()->where('account_id', $account)->where('galley_id', '<>', $galley)->exists(),
        );
    }

    private function isTheLastOwner(Member $member): bool
    {
        return $member->exists
            && $member->role === Role::Owner
            && Member::query()->where('role', Role::Owner)->whereKeyNot($member->id)->doesntExist();
    }
}
