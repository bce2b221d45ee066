<?php

declare(strict_types=1);

namespace App\Database;

use Illuminate\Database\Connectors\SQLiteConnector as FrameworkConnector;
use PDO;

/** Opens SQLite with transactions that begin as writers, on every PHP that Lento runs on. */
final class SqliteConnector extends FrameworkConnector
{
    /** @var string from which on the framework says BEGIN IMMEDIATE itself, by `transaction_mode` */
    private const BEGINS_ITSELF = '8.4.0';

    /**
     * @param string $dsn
     * @param string|null $username
     * @param string|null $password
     * @param array<mixed> $options
     */
    protected function createPdoConnection($dsn, $username, #[\SensitiveParameter] $password, $options): PDO
    {
        return version_compare(PHP_VERSION, self::BEGINS_ITSELF, '>=')
            ? parent::createPdoConnection($dsn, $username ?? '', $password ?? '', $options)
            : new ImmediatePdo($dsn, $username, $password, $options);
    }
}
