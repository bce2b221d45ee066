<?php

declare(strict_types=1);

namespace App\Questions;

use App\Format\RefusalWords;
use App\Kitchen\Additions;
use App\Typed\FieldFault;
use App\Typed\MoreField;
use Closure;
use Illuminate\Contracts\Validation\ValidationRule;
use Lento\Exception\LentoException;

/** What a cook adds of their own: the first that cannot be, named, with the reason. */
final readonly class MoreRule implements ValidationRule
{
    public function __construct(private Additions $additions) {}

    public function validate(string $attribute, mixed $value, Closure $fail): void
    {
        foreach (MoreField::typed(is_string($value) ? $value : '') as $row) {
            try {
                $this->additions->one($row);
            } catch (LentoException $refusal) {
                $with = ['what' => str_replace('-', ' ', $row['what']), 'reason' => RefusalWords::of($refusal)];
                $fail(FieldFault::of('more', 'more_refused', $with)->message());

                return;
            }
        }
    }
}
