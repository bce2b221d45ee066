<?php

declare(strict_types=1);

namespace App\Typed;

/** One thing wrong with what was typed: at which field, and what to write instead. */
final readonly class FieldFault
{
    /** @param array<string, string> $with */
    public function __construct(public string $field, private string $kind, private array $with = []) {}

    /** @param string|null $as what to call the field; its name on the screen if null */
    public function message(?string $as = null): string
    {
        $name = $as ?? __('faults.fields.' . $this->field);
        $text = __('faults.' . $this->kind, ['field' => is_string($name) ? $name : $this->field, ...$this->with]);

        return is_string($text) ? $text : $this->kind;
    }
}
