<?php

declare(strict_types=1);

namespace Tests\Security;

use Illuminate\Http\Request;
use Illuminate\Http\UploadedFile;
use Illuminate\Routing\Route;
use Random\Engine\Mt19937;
use Random\Randomizer;

/**
 * What nobody would ask: bytes that are no text, lists where a word is read, numbers past any use, keys nobody knows. The same for the same
 * seed, so that what was found is found again.
 */
final readonly class Hostile
{
    /** Words that the pages know, so that some of what is sent gets past the first gate. */
    private const NAMES = 'sauce liquid amount unit covers each thickness colour fat ratio pan hob parts given seen part kind token step '
        . 'at choice value text seconds pour to v undoes rescue volume spoon hold cool litres factor remove branch '
        . 'wishes have spare name tags notes question onto version amounts extra more more_what class story q set recipe '
        . 'as n find from until page short wish base events readings sent_at section key file large left_out copy sort '
        . 'cook order rung nudge by diameter height paper reading measures degrees preset currency learn altitude '
        . 'portion oven price_per_kg salt_percent fat_percent like power_w levels place';

    private const NUMBERS = [
        '9223372036854775807', '-1', '1e400', '99999999999999999999', '0x10', 'NaN', '١٢', '-0', '1.8e308', '1/0', '0', '1e-320',
    ];

    private const KNOWN = [
        'veloute', 'espagnole', '2', '58', 'butter', 'note', 'done', 'read', 'finished', 'heat', 'coats', 'depth', 'undone', 'own-sauce-1',
        '1', 'true', 'yes', 'simmer', 'pour', 'colour', 'fish-stock', 'coating', 'blond', 'c', 'metric', 'gas', 'thin', '19:30', '1 1/2',
    ];

    private const ATTACKS = [
        '<script>alert(1)</script>', "' or 1=1 --", '../../etc/passwd', '{{7*7}}',
        "\r\nSet-Cookie: a=b", '=cmd|x', "\u{202E}", '%ff', "a\0b",
        "\xff\xfe", "\xc3", "\u{0301}\u{0301}", "\u{2028}", ';=1+1', "\t=1",
    ];

    private const PLACES = ['1', '2', '5', '6', 'veloute', 'mornay', 'pans', 'hobs', 'settings', 'too-thin', 'csv', 'json', 'own-sauce-1'];

    private Randomizer $random;

    public function __construct(int $seed)
    {
        $this->random = new Randomizer(new Mt19937($seed));
    }

    public function text(): string
    {
        return match ($this->upTo(9)) {
            0 => $this->random->getBytes($this->random->getInt(1, 40)),
            1 => $this->one(self::NUMBERS),
            2, 3 => $this->one(self::ATTACKS),
            4 => str_repeat($this->one(['a', "\u{1F9C8}", "\u{0301}", '<b>', "'", '"', '%', "\0"]), $this->random->getInt(1, 5000)),
            5 => (string) $this->random->getInt(-10, 300),
            6 => '',
            default => $this->one(self::KNOWN),
        };
    }

    /** @return string|array<array-key, mixed> */
    public function value(int $deep = 0): string|array
    {
        if ($deep > 2 || $this->upTo(3) > 0) {
            return $this->text();
        }
        $parts = [];
        for ($i = $this->upTo(2); $i >= 0; $i--) {
            $parts[$this->upTo(1) === 0 ? $i : substr($this->text(), 0, 30)] = $this->value($deep + 1);
        }

        return $parts;
    }

    /** @return array<string, mixed> */
    public function fields(): array
    {
        $fields = [];
        for ($i = $this->upTo(10); $i > 0; $i--) {
            $fields[$this->one(explode(' ', self::NAMES))] = $this->value();
        }

        return $fields;
    }

    public function request(Route $route): Request
    {
        $method = $this->one(array_values(array_diff(array_filter($route->methods(), is_string(...)), ['HEAD'])));
        $uri = '/' . ltrim((string) preg_replace_callback('/\{\w+\??\}/', fn(): string => rawurlencode(
            $this->upTo(3) > 0 ? $this->one(self::PLACES) : substr($this->text(), 0, 60),
        ), $route->uri()), '/');
        $body = $this->body($uri);
        $isJson = $method !== 'GET' && ($this->upTo(2) === 0 || str_contains($uri, 'batch') || str_contains($uri, 'api/'));
        $query = $method === 'GET' || $this->upTo(2) === 0 ? '?' . http_build_query($this->fields()) : '';

        return Request::create(
            $uri . $query,
            $method,
            $isJson || $method === 'GET' ? [] : $body,
            ['lento_session' => substr($this->text(), 0, 40)],
            str_contains($uri, 'files') ? ['file' => $this->file()] : [],
            [
                'HTTP_ACCEPT' => $this->one(['text/html', 'application/json', '*/*', $this->text()]),
                'HTTP_HX_REQUEST' => $this->one(['true', '', $this->text()]),
                'HTTP_AUTHORIZATION' => $this->one(['', 'Bearer ' . $this->text()]),
                ...$isJson ? ['CONTENT_TYPE' => 'application/json'] : [],
            ],
            $isJson ? (string) json_encode($body, JSON_INVALID_UTF8_SUBSTITUTE | JSON_PARTIAL_OUTPUT_ON_ERROR) : null,
        );
    }

    /** @return array<string, mixed> */
    private function body(string $uri): array
    {
        $body = $this->fields();
        if (str_contains($uri, 'batch') && $this->upTo(3) > 0) {
            $body['events'] = array_map(fn(): array => [
                ...$this->fields(),
                'token' => substr($this->text(), 0, 64),
                'kind' => $this->one(['note', 'done', 'read', 'finished', 'undone', 'heat', 'ladled-off', 'x']),
            ], range(0, $this->upTo(4)));
        }

        return $body;
    }

    private function file(): UploadedFile
    {
        return UploadedFile::fake()->createWithContent('log', $this->one([
            $this->text(),
            '{"format":"lento-log","version":2,"pots":[' . $this->text() . ']}',
            "name,finished_at\n" . $this->text() . ",2026-11-28\n",
        ]));
    }

    /** @return int<0, max> */
    private function upTo(int $most): int
    {
        return max(0, $this->random->getInt(0, $most));
    }

    /** @param list<string> $of */
    private function one(array $of): string
    {
        return $of[$this->upTo(count($of) - 1)] ?? '';
    }
}
