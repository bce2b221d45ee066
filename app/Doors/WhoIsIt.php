<?php

declare(strict_types=1);

namespace App\Doors;

use App\People\Here;
use App\People\Presence;
use Illuminate\Http\Request;

/** Who asks, by all that Lento knows somebody by: the demo's own machine, an account that signed in, a paired tablet. */
final readonly class WhoIsIt
{
    /** @param bool $hasSaid false at a tablet before which nobody has said who they are */
    private function __construct(public ?Presence $presence, public bool $hasSaid) {}

    public static function of(Request $request, Here $here): self
    {
        if (Demo::isOn()) {
            return new self(Demo::isAtThisMachine($request) ? Demo::chef($here) : null, true);
        }
        $account = SignedInSession::account($request);
        $presence = $account === null ? null : SignedInSession::presence($request, $account, $here);
        if ($presence !== null) {
            return new self($presence, true);
        }
        $tablet = AtTheTablet::tablet($request, $here);

        return $tablet === null ? new self(null, false) : new self(...AtTheTablet::presence($request, $tablet, $here));
    }
}
