<?php

declare(strict_types=1);

namespace App\Log;

use App\Format\Words;
use JsonException;

/**
 * The elements of one list in a JSON object, each with the line it begins at, without decoding the whole at once: a log may be large, and
 * a refusal names its line.
 */
final class JsonElements
{
    /** A string, a bracket, a comma, white space, or whatever else stands between them. */
    private const TOKEN = '/\G(?:"(?:[^"\\\\]++|\\\\.)*+"|[{}\[\]]|,|\s++|[^"{}\[\],\s]++)/s';

    private const DEEPEST = 32;

    /** Signs, texts and numbers of one element: a pot of 20,000 events has some 600,000. Decoded each takes a hundred times its letter. */
    private const MOST_PARTS = 800_000;

    private int $depth = 0;

    private int $line = 1;

    /** Where the list's own text begins and ends. */
    private ?int $opens = null;

    private ?int $closes = null;

    private ?int $elementFrom = null;

    private int $elementLine = 1;

    private int $parts = 0;

    private int $commas = 0;

    /** The last text at the object's own depth, which may be a key. */
    private string $key = '';

    /** @var list<array{line: int, from: int, length: int}> */
    private array $places = [];

    private function __construct(private readonly string $text, private readonly string $list) {}

    /** @throws Refused where the text is not JSON as far as it goes, or has no such list */
    public static function of(string $text, string $list): self
    {
        $elements = new self($text, $list);
        for ($at = str_starts_with($text, "\u{FEFF}") ? 3 : 0, $length = strlen($text); $at < $length; $at += strlen($found[0])) {
            if (preg_match(self::TOKEN, $text, $found, 0, $at) !== 1) {
                throw Refused::at($elements->line, Words::text('log.file.string'));
            }
            $elements->take($found[0], $at);
        }
        if ($elements->depth !== 0) {
            throw Refused::at($elements->elementFrom === null ? $elements->line : $elements->elementLine, Words::text('log.file.ends'));
        }
        if ($elements->closes === null) {
            throw Refused::at(1, Words::text('log.file.foreign'));
        }

        return $elements;
    }

    /**
     * @return array<mixed> the object without what stands in the list
     *
     * @throws Refused
     */
    public function rest(): array
    {
        try {
            $rest = json_decode(
                ltrim(substr($this->text, 0, $this->opens ?? 0), "\u{FEFF}") . substr($this->text, $this->closes ?? 0),
                true,
                8,
                JSON_THROW_ON_ERROR,
            );
        } catch (JsonException $e) {
            throw Refused::at(1, Words::text('log.file.not_json', reason: lcfirst($e->getMessage())));
        }

        return is_array($rest) ? $rest : [];
    }

    /** @return iterable<int, string> the text of each, by the line it begins at */
    public function each(): iterable
    {
        foreach ($this->places as $place) {
            yield $place['line'] => substr($this->text, $place['from'], $place['length']);
        }
    }

    /**
     * @param bool $asArrays objects as arrays, or as a schema wants them
     *
     * @throws Refused
     */
    public static function decoded(string $text, int $line, bool $asArrays = true): mixed
    {
        try {
            return json_decode($text, $asArrays, self::DEEPEST, JSON_THROW_ON_ERROR);
        } catch (JsonException $e) {
            throw Refused::at($line, Words::text('log.file.not_json', reason: lcfirst($e->getMessage())));
        }
    }

    private function take(string $token, int $at): void
    {
        $blank = ctype_space($token);
        $inList = $this->opens !== null && $this->closes === null;
        if ($inList && $this->depth === 2 && !$blank && $token !== ',' && $token !== ']') {
            $this->begin($at);
        }
        $this->depth += match ($token) {
            '{', '[' => 1,
            '}', ']' => -1,
            default => 0,
        };
        if ($this->depth < 0) {
            throw Refused::at($this->line, Words::text('log.file.bracket'));
        }
        // What nobody would decode is not read to its end.
        if ($this->depth > self::DEEPEST || ++$this->parts > self::MOST_PARTS) {
            throw Refused::at($this->elementLine, Words::text('log.file.too_wide', most: self::MOST_PARTS));
        }
        if ($inList) {
            $this->inList($token, $at, $blank);
        } elseif ($this->opens === null && $token === '[' && $this->depth === 2 && $this->key === '"' . $this->list . '"') {
            $this->opens = $at + 1;
        }
        // A colon and white space may stand between a key and its list.
        $this->key = $this->depth === 1 && $token[0] === '"' ? $token : ($blank || $token === ':' ? $this->key : '');
        $this->line += substr_count($token, "\n");
    }

    /** An element begins: just one comma stands between two of them. */
    private function begin(int $at): void
    {
        if (count($this->places) !== $this->commas) {
            throw Refused::at($this->line, Words::text('log.file.comma'));
        }
        [$this->elementFrom, $this->elementLine, $this->parts] = [$at, $this->line, 0];
    }

    private function inList(string $token, int $at, bool $blank): void
    {
        if ($this->depth === 1) {
            $this->closes = $at;
            if ($this->commas !== max(0, count($this->places) - 1)) {
                throw Refused::at($this->line, Words::text('log.file.comma'));
            }
        } elseif ($this->depth === 2 && $token === ',') {
            if (++$this->commas > ReadPots::MOST) {
                throw Refused::at($this->line, Words::text('log.file.too_many', most: ReadPots::MOST));
            }
        } elseif ($this->depth === 2 && $this->elementFrom !== null && !$blank) {
            $this->places[] = [
                'line' => $this->elementLine,
                'from' => $this->elementFrom,
                'length' => $at + strlen($token) - $this->elementFrom,
            ];
            $this->elementFrom = null;
        }
    }
}
