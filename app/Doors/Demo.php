<?php

declare(strict_types=1);

namespace App\Doors;

use App\Models\Galley;
use App\Models\Member;
use App\People\Here;
use App\People\Presence;
use App\People\Role;
use Illuminate\Http\Request;
use Symfony\Component\HttpFoundation\IpUtils;

/** The demo galley is open to whoever sits at this machine, as its chef, and to nobody else. */
final readonly class Demo
{
    private const LOOPBACK = ['127.0.0.0/8', '::1'];

    public static function isOn(): bool
    {
        return config('lento.demo') === true;
    }

    public static function isAtThisMachine(Request $request): bool
    {
        $ip = $request->server->get('REMOTE_ADDR');
        // What another server on this machine passes on comes from who knows where.
        $isPassedOn = $request->headers->has('X-Forwarded-For') || $request->headers->has('Forwarded') || $request->headers->has('Via');

        return !$isPassedOn && is_string($ip) && IpUtils::checkIp($ip, self::LOOPBACK);
    }

    public static function chef(Here $here): Presence
    {
        return $here->everywhere(static function (): Presence {
            $galley = Galley::query()->oldest('id')->firstOrFail();
            $chef = Member::query()
                ->where('galley_id', $galley->id)
                ->where('role', Role::Chef)
                ->whereNull('binned_at')
                ->oldest('id')
                ->first();

            return new Presence($galley->id, Role::Chef, $chef?->id, $chef->name ?? '', isDemo: true);
        });
    }
}
