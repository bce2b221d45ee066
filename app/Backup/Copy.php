<?php

declare(strict_types=1);

namespace App\Backup;

use Carbon\CarbonImmutable;
use PDO;
use PDOException;

/** One file that holds a whole kitchen: whether it is sound, and what is in it. */
final readonly class Copy
{
    /** Tables without which a file is none of Lento's. */
    private const NEEDED = ['migrations', 'pots', 'pot_events', 'services'];

    private function __construct(public string $file) {}

    public static function at(string $file): self
    {
        return new self($file);
    }

    /**
     * @return array<string, int> rows by table
     *
     * @throws Unsound naming what is wrong with it
     */
    public function verified(): array
    {
        if (!is_file($this->file) || filesize($this->file) === 0) {
            throw Unsound::because($this->file, 'missing');
        }
        if ($this->isDump()) {
            return self::needed($this->file, Dump::rows($this->file));
        }
        try {
            $pdo = self::opened($this->file);
            if (self::column($pdo, 'pragma integrity_check') !== ['ok']) {
                throw Unsound::because($this->file, 'damaged');
            }
            if (self::column($pdo, 'pragma foreign_key_check') !== []) {
                throw Unsound::because($this->file, 'loose');
            }

            $rows = self::rows($pdo);
        } catch (PDOException) {
            throw Unsound::because($this->file, 'no_database');
        }
        return self::needed($this->file, $rows);
    }

    public function isDump(): bool
    {
        return str_ends_with(str_replace('.part', '', $this->file), Dump::ENDING);
    }

    /**
     * @param array<string, int> $rows
     *
     * @return array<string, int>
     */
    private static function needed(string $file, array $rows): array
    {
        if (array_diff(self::NEEDED, array_keys($rows)) !== []) {
            throw Unsound::because($file, 'foreign');
        }

        return $rows;
    }

    /** @return array<string, int> rows by table */
    public static function rows(PDO $pdo): array
    {
        $rows = [];
        $tables = $pdo->getAttribute(PDO::ATTR_DRIVER_NAME) === 'pgsql'
            ? 'select tablename from pg_tables where schemaname = current_schema() order by tablename'
            : "select name from sqlite_master where type = 'table' and name not like 'sqlite_%' order by name";
        foreach (self::column($pdo, $tables) as $table) {
            $rows[$table] = (int) (self::column($pdo, 'select count(*) from "' . str_replace('"', '""', $table) . '"')[0] ?? 0);
        }

        return $rows;
    }

    /** Read only: what is looked at is not changed by it. */
    private static function opened(string $file): PDO
    {
        return new PDO('sqlite:' . $file, options: [
            PDO::ATTR_ERRMODE => PDO::ERRMODE_EXCEPTION,
            PDO::SQLITE_ATTR_OPEN_FLAGS => PDO::SQLITE_OPEN_READONLY,
        ]);
    }

    /** @return list<string> */
    private static function column(PDO $pdo, string $query): array
    {
        $statement = $pdo->query($query);
        $values = $statement === false ? [] : $statement->fetchAll(PDO::FETCH_COLUMN);

        return array_map(static fn(mixed $value): string => is_scalar($value) ? (string) $value : '', array_values($values));
    }

    /** When it was made, by its name; null for one that was named by hand. */
    public function madeAt(): ?CarbonImmutable
    {
        return preg_match('/lento-(\d{8}T\d{6}Z)\.(?:sqlite|dump)\z/', $this->file, $found) === 1
            ? CarbonImmutable::createFromFormat('!Ymd\THis\Z', $found[1], 'UTC')
            : null;
    }
}
