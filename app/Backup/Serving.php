<?php

declare(strict_types=1);

namespace App\Backup;

/** Whether a server has this installation open: it holds a lock for as long as it lives, however it ends. */
final readonly class Serving
{
    public function __construct(private string $file) {}

    public static function here(): self
    {
        return new self(storage_path('app/serving.lock'));
    }

    /**
     * Does something that no server may see half done.
     *
     * @param callable(): void $what
     *
     * @return bool false, and nothing done, where one is serving
     */
    public function whileNobodyServes(callable $what): bool
    {
        $lock = fopen($this->file, 'c');
        if ($lock === false || !flock($lock, LOCK_EX | LOCK_NB)) {
            return false;
        }
        try {
            $what();
        } finally {
            flock($lock, LOCK_UN);
            fclose($lock);
        }

        return true;
    }
}
