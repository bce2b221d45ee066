<?php

declare(strict_types=1);

namespace App\Backup;

use Carbon\CarbonImmutable;

/** Puts a copy in the place of a kitchen's database. What stood there is kept beside it, with all that belongs to it. */
final readonly class Restore
{
    /** What SQLite keeps beside a database: laid under another, they destroy it. */
    private const BESIDE = ['', '-wal', '-shm'];

    public function __construct(private string $database) {}

    /**
     * @return string|null where what stood there is kept now; null where nothing stood there
     *
     * @throws Unsound if the copy is none that a kitchen can be brought back from: then nothing has been touched
     */
    public function from(Copy $copy, CarbonImmutable $now): ?string
    {
        $rows = $copy->verified();
        $part = $this->database . '.restoring';
        is_file($part) && unlink($part);
        copy($copy->file, $part) || throw Unsound::because($copy->file, 'unreadable');
        chmod($part, 0o600);
        if (Copy::at($part)->verified() !== $rows) {
            unlink($part);
            throw Unsound::because($copy->file, 'other_rows');
        }
        $aside = $this->database . '.before-' . $now->utc()->format('Ymd\THis\Z');
        $stood = false;
        foreach (self::BESIDE as $tail) {
            if (is_file($this->database . $tail)) {
                $stood = rename($this->database . $tail, $aside . $tail) || $stood;
            }
        }
        rename($part, $this->database);

        return $stood ? $aside : null;
    }
}
