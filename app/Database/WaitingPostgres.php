<?php

declare(strict_types=1);

namespace App\Database;

use Illuminate\Database\PostgresConnection;

/**
 * PostgreSQL whose transactions take one lock for writing as they begin, and wait for it, as SQLite's do (ImmediatePdo).
 *
 * A transaction here looks first and writes then: is the pot over already, is this mark taken? Two that look at once would both find
 * nothing. What only reads takes no lock, and waits for nobody.
 */
final class WaitingPostgres extends PostgresConnection
{
    /** Any number that no other program on this database locks. */
    private const WRITERS = 7_411_205;

    /** As long as SQLite's busy timeout. */
    private const PATIENCE = '12s';

    protected function createTransaction(): void
    {
        parent::createTransaction();
        if ($this->transactions === 0) {
            $this->getPdo()->exec(
                sprintf("set local lock_timeout = '%s'; select pg_advisory_xact_lock(%d)", self::PATIENCE, self::WRITERS),
            );
        }
    }
}
