<?php

declare(strict_types=1);

namespace App\People;

use Illuminate\Support\Facades\DB;

/**
 * In which kitchen a request is, and who asks. Every query of a kitchen's rows goes by it (App\Models\InThisKitchen).
 *
 * A request enters once; what nobody entered reads nothing. A command that names no kitchen works in the first.
 */
final class Here
{
    private ?Presence $presence = null;

    private bool $everywhere = false;

    /** @param bool $isAtTheMachine whether somebody types commands: whoever does owns the machine */
    public function __construct(private readonly bool $isAtTheMachine) {}

    public function enter(Presence $presence): void
    {
        $this->presence = $presence;
    }

    public function leave(): void
    {
        $this->presence = null;
    }

    /** @throws NobodyHere */
    public function presence(): Presence
    {
        return $this->presence ??= $this->atTheMachine() ?? throw new NobodyHere();
    }

    /** @throws NobodyHere */
    public function galleyId(): int
    {
        return $this->presence()->galleyId;
    }

    public function isEntered(): bool
    {
        return $this->presence !== null;
    }

    public function may(Place $place): bool
    {
        return $this->presence !== null && $this->presence->role->may($place);
    }

    public function isEverywhere(): bool
    {
        return $this->everywhere;
    }

    /**
     * Over all kitchens of this installation: for who is to be let in, and for upkeep. Nothing that a page shows is read so.
     *
     * @template T
     *
     * @param callable(): T $do
     *
     * @return T
     */
    public function everywhere(callable $do): mixed
    {
        $before = $this->everywhere;
        $this->everywhere = true;
        try {
            return $do();
        } finally {
            $this->everywhere = $before;
        }
    }

    /** A command works in the first kitchen. */
    private function atTheMachine(): ?Presence
    {
        $first = $this->isAtTheMachine ? DB::table('galleys')->min('id') : null;

        return is_numeric($first) ? new Presence((int) $first, Role::Owner) : null;
    }
}
