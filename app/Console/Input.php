<?php

declare(strict_types=1);

namespace App\Console;

/** What a command reads: a file, or "-" for standard input; never more than a megabyte. */
final readonly class Input
{
    private const MOST_BYTES = 1_000_000;

    private function __construct(public string $text, public ?string $fault) {}

    public static function from(string $path): self
    {
        $source = $path === '-' ? 'php://stdin' : $path;
        if ($path !== '-' && (!is_file($path) || !is_readable($path))) {
            return new self('', 'no_file');
        }
        $text = (string) file_get_contents($source, length: self::MOST_BYTES + 1);

        return strlen($text) > self::MOST_BYTES ? new self('', 'too_big') : new self($text, null);
    }
}
