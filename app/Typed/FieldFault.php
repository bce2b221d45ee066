<?php

declare(strict_types=1);

namespace App\Typed;

use Illuminate\Support\Str;

/** One thing wrong with what was typed: at which field, and what to write instead. */
final readonly class FieldFault
{
    /** Stands for the field's name until it is known what to call it: the framework's own mark, which its validator leaves alone. */
    public const NAME = ':attribute';

    /** @param string $name key of what it is called on the screen, in lang/en/faults.php */
    private function __construct(public string $field, private string $text, private string $name) {}

    /**
     * @param string $kind key of its words in lang/en/faults.php
     * @param array<string, string> $with
     */
    public static function of(string $field, string $kind, array $with = []): self
    {
        $text = __('faults.' . $kind, $with);

        return self::said($field, is_string($text) ? $text : $kind);
    }

    /** In the words of the validator, or of one of its rules. */
    public static function said(string $field, string $text): self
    {
        return new self($field, $text, Str::afterLast($field, '.'));
    }

    /** The same at another field. */
    public function at(string $field): self
    {
        return new self($field, $this->text, $this->name);
    }

    /** The same, called by the name of another field. */
    public function named(string $name): self
    {
        return new self($this->field, $this->text, $name);
    }

    /** @param string|null $as what to call the field; its name on the screen if null */
    public function message(?string $as = null): string
    {
        $name = __('faults.fields.' . $this->name);
        $name = is_string($name) && !str_starts_with($name, 'faults.') ? $name : $this->field;

        return Str::replaceFirst(self::NAME, $as ?? $name, $this->text);
    }
}
