<?php

declare(strict_types=1);

namespace App\Database;

use PDO;
use PDOException;

/**
 * SQLite whose transactions take the lock for writing as they begin, and wait for it.
 *
 * One that reads first and writes later cannot be let through when another has written in between: SQLite answers "database is locked" at
 * once, however long it may wait. PHP begins them so only from 8.4 on.
 */
final class ImmediatePdo extends PDO
{
    private bool $isOpen = false;

    public function beginTransaction(): bool
    {
        $this->exec('BEGIN IMMEDIATE TRANSACTION');

        return $this->isOpen = true;
    }

    /**
     * A full disk rolls back all that was open, inner transactions too: that there is nothing left to roll back must not hide why.
     *
     * @param string $statement
     */
    public function exec($statement): int|false
    {
        try {
            return parent::exec($statement);
        } catch (PDOException $e) {
            return str_starts_with($statement, 'ROLLBACK TO SAVEPOINT') ? 0 : throw $e;
        }
    }

    /** What cannot be committed is not left open for the next who comes. */
    public function commit(): bool
    {
        try {
            $this->exec('COMMIT');
        } catch (PDOException $e) {
            $this->rollBack();
            throw $e;
        }
        $this->isOpen = false;

        return true;
    }

    public function rollBack(): bool
    {
        $this->isOpen = false;
        try {
            $this->exec('ROLLBACK');
        } catch (PDOException) {
            // A full disk has rolled it back already.
            return false;
        }

        return true;
    }

    public function inTransaction(): bool
    {
        return $this->isOpen;
    }
}
