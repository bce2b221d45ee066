<?php

declare(strict_types=1);

namespace Tests\Core\Golden;

use PHPUnit\Framework\Assert;

/**
 * Whole answers of the core as they were when they were last looked at, result by result, so that none changes unseen.
 *
 * That they are right is what the tables and the other tests check. Where a law is changed on purpose, read what moved and keep them anew:
 * php tests/Core/Golden/keep.php.
 */
final readonly class Kept
{
    /** Of the number, or of one: what another machine's exp() may make of it after a few hundred steps. */
    private const SAME = 1e-8;

    public function __construct(private string $file) {}

    /** @param array<string, mixed> $answers by what they answer */
    public function keep(array $answers): void
    {
        $rows = [];
        foreach ($answers as $name => $answer) {
            $rows[] = self::json($name) . ': ' . self::json(self::plain(Results::of($answer)));
        }
        file_put_contents($this->path(), "{\n" . implode(",\n", $rows) . "\n}\n");
    }

    public function meets(string $name, mixed $answer): void
    {
        /** @var array<string, mixed> $kept */
        $kept = json_decode((string) file_get_contents($this->path()), true, flags: JSON_THROW_ON_ERROR);
        Assert::assertArrayHasKey($name, $kept, 'keep it first: php tests/Core/Golden/keep.php');
        self::same($kept[$name], self::plain(Results::of($answer)), $name);
    }

    private static function same(mixed $kept, mixed $now, string $at): void
    {
        if (is_array($kept) && is_array($now)) {
            Assert::assertSame(array_keys($kept), array_keys($now), $at);
            foreach ($kept as $key => $value) {
                self::same($value, $now[$key], "$at, $key");
            }
        } elseif ((is_float($kept) || is_int($kept)) && (is_float($now) || is_int($now))) {
            Assert::assertEqualsWithDelta($kept, $now, self::SAME * max(1.0, abs($kept)), $at);
        } else {
            Assert::assertSame($kept, $now, $at);
        }
    }

    private static function plain(mixed $part): mixed
    {
        return match (true) {
            is_array($part) => array_map(self::plain(...), $part),
            is_float($part) => is_finite($part) ? (float) sprintf('%.12e', $part) : (string) $part,
            default => $part,
        };
    }

    private static function json(mixed $value): string
    {
        return json_encode($value, JSON_UNESCAPED_UNICODE | JSON_UNESCAPED_SLASHES | JSON_PRESERVE_ZERO_FRACTION | JSON_THROW_ON_ERROR);
    }

    private function path(): string
    {
        return __DIR__ . '/' . $this->file;
    }
}
