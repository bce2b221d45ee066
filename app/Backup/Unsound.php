<?php

declare(strict_types=1);

namespace App\Backup;

use RuntimeException;

/** A file that a kitchen cannot be brought back from, and why. */
final class Unsound extends RuntimeException
{
    /** @param string $why key of its words in lang/en/backup.php */
    public static function because(string $file, string $why): self
    {
        $text = __('backup.unsound.' . $why, ['file' => $file]);

        return new self(is_string($text) ? $text : $why);
    }
}
