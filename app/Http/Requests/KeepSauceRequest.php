<?php

declare(strict_types=1);

namespace App\Http\Requests;

use App\Models\Sauce;

/** A sauce to keep, or the name, tags and notes of one that is kept. */
final class KeepSauceRequest extends QuestionRequest
{
    private const LONGEST_NAME = 60;

    private const LONGEST_TAGS = 200;

    private const LONGEST_NOTES = 2000;

    private const MOST_TAGS = 12;

    /** @return array<string, list<string>> */
    public function rules(): array
    {
        return [
            'question' => [$this->routeIs('sauces.store') ? 'required' : 'nullable', 'string', 'max:4000'],
            'onto' => ['nullable', 'integer', 'exists:sauces,id'],
            'name' => ['required_without:onto', 'nullable', 'string', 'max:' . self::LONGEST_NAME],
            'tags' => ['nullable', 'string', 'max:' . self::LONGEST_TAGS],
            'notes' => ['nullable', 'string', 'max:' . self::LONGEST_NOTES],
        ];
    }

    public function onto(): ?Sauce
    {
        return $this->filled('onto') ? Sauce::query()->find($this->integer('onto')) : null;
    }

    /** @return array{name: string, tags: list<string>, notes: string|null} */
    public function details(): array
    {
        $tags = array_filter(
            array_map(trim(...), explode(',', $this->string('tags')->toString())),
            static fn(string $tag): bool => $tag !== '',
        );
        $notes = $this->string('notes')->trim()->toString();

        return [
            'name' => $this->string('name')->trim()->toString(),
            'tags' => array_slice(array_values(array_unique($tags)), 0, self::MOST_TAGS),
            'notes' => $notes === '' ? null : $notes,
        ];
    }
}
