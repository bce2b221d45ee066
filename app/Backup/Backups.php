<?php

declare(strict_types=1);

namespace App\Backup;

use App\Database\Ddl;
use Carbon\CarbonImmutable;
use Illuminate\Support\Facades\DB;

/** The copies that are kept of a kitchen, newest first: made while it cooks, looked at before they count, the last fourteen. */
final readonly class Backups
{
    public const KEPT = 14;

    private function __construct(private string $folder) {}

    public static function in(string $folder): self
    {
        return new self($folder);
    }

    public static function usual(): self
    {
        return new self(config()->string('lento.backups'));
    }

    /**
     * A copy of the database as it is at this moment, while others write.
     *
     * @throws Unsound if what was written is not what was there
     */
    public function make(CarbonImmutable $now): Copy
    {
        is_dir($this->folder) || mkdir($this->folder, 0o700, true);
        $ending = Ddl::isPostgres() ? Dump::ENDING : '.sqlite';
        $file = $this->folder . '/lento-' . $now->utc()->format('Ymd\THis\Z') . $ending;
        $part = $file . '.part';
        is_file($part) && unlink($part);
        $before = Copy::rows(DB::connection()->getPdo());
        if (Ddl::isPostgres()) {
            Dump::write($part);
        } else {
            DB::statement('vacuum into ?', [$part]);
        }
        $after = Copy::rows(DB::connection()->getPdo());
        chmod($part, 0o600);
        $copied = Copy::at($part)->verified();
        foreach ($before as $table => $rows) {
            // Others may have written, or taken away, while it was made.
            $there = $copied[$table] ?? -1;
            if ($there < min($rows, $after[$table] ?? 0) || $there > max($rows, $after[$table] ?? 0)) {
                unlink($part);
                throw Unsound::because($file, 'other_rows');
            }
        }
        self::onDisk($part);
        rename($part, $file);
        foreach (array_slice($this->all(), self::KEPT) as $old) {
            unlink($old->file);
        }

        return Copy::at($file);
    }

    /** @return list<Copy> newest first */
    public function all(): array
    {
        $files = glob($this->folder . '/lento-*Z.{sqlite,dump}', GLOB_BRACE);
        $files = $files === false ? [] : $files;
        rsort($files);

        return array_map(Copy::at(...), $files);
    }

    public function latest(): ?Copy
    {
        return $this->all()[0] ?? null;
    }

    /** A power cut a second later does not take it. */
    private static function onDisk(string $file): void
    {
        $open = fopen($file, 'r+b');
        if ($open !== false) {
            fsync($open);
            fclose($open);
        }
    }
}
