<?php

declare(strict_types=1);

namespace App\Http;

/** How deep and how wide a JSON text is, without decoding it: each of its parts would take a hundred times its letters. */
final readonly class JsonShape
{
    public const DEEPEST = 16;

    public const MOST_PARTS = 20_000;

    private function __construct(public int $depth, public int $parts) {}

    /** Of a text that need not be JSON: what is none is told by whoever reads it. */
    public static function of(string $json): self
    {
        // Without its texts, which may hold brackets and commas.
        $bare = preg_replace('/"(?:[^"\\\\]++|\\\\.)*+"?/s', '', $json) ?? $json;
        $parts = substr_count($bare, ',') + substr_count($bare, '[') + substr_count($bare, '{');
        // Wide enough already: how deep it is does not matter any more.
        if ($parts > self::MOST_PARTS) {
            return new self(0, $parts);
        }
        [$depth, $deepest] = [0, 0];
        $brackets = (string) preg_replace('/[^][{}]++/', '', $bare);
        foreach ($brackets === '' ? [] : str_split($brackets) as $sign) {
            $depth += $sign === '[' || $sign === '{' ? 1 : -1;
            $deepest = max($deepest, $depth);
        }

        return new self($deepest, $parts);
    }

    public function isReasonable(): bool
    {
        return $this->depth <= self::DEEPEST && $this->parts <= self::MOST_PARTS;
    }
}
