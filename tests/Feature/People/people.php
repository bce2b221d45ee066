<?php

declare(strict_types=1);

use App\Doors\AtTheTablet;
use App\Models\Account;
use App\Models\Galley;
use App\Models\Member;
use App\Models\Tablet;
use App\People\Here;
use App\People\Presence;
use App\People\Role;

use function Pest\Laravel\post;

const LONG_WORDS = 'copper ladle on a wet Tuesday';

/** A kitchen that is nobody's demo: whoever comes has to say who they are. */
function realKitchen(): void
{
    config(['lento.demo' => false]);
}

/** Makes a kitchen beside the first one. */
function anotherKitchen(string $name = 'Lower galley'): Galley
{
    return Galley::query()->create(['settings' => ['name' => $name]]);
}

/** Does something as if inside a kitchen, and leaves again. */
function inside(Galley $galley, Closure $do): mixed
{
    $here = app(Here::class);
    $here->enter(new Presence($galley->id, Role::Owner, null, 'Test'));
    try {
        return $do();
    } finally {
        $here->leave();
    }
}

/** Somebody with an account. */
function somebody(Role $role, string $login, ?Galley $galley = null): Member
{
    $galley ??= Galley::query()->oldest('id')->firstOrFail();
    $account = Account::query()->where('login', $login)->first()
        ?? Account::query()->create(['login' => $login, 'password' => LONG_WORDS, 'epoch' => 1]);
    $made = inside($galley, static fn() => Member::query()->create([
        'name' => ucfirst($login),
        'role' => $role,
        'account_id' => $account->id,
    ]));

    return $made instanceof Member ? $made : throw new LogicException();
}

/** @return Illuminate\Testing\TestResponse<Symfony\Component\HttpFoundation\Response> */
function signIn(string $login, string $password = LONG_WORDS): Illuminate\Testing\TestResponse
{
    return post('/sign-in', ['login' => $login, 'password' => $password]);
}

/** A paired tablet of the first kitchen, and its cookie's value. */
function pairedTablet(): string
{
    inside(Galley::query()->oldest('id')->firstOrFail(), static fn() => Tablet::query()->create([
        'name' => 'By the stove',
        'token_hash' => AtTheTablet::hash('tablet-token'),
    ]));

    return 'tablet-token';
}
