<?php

declare(strict_types=1);

namespace App\Questions;

use App\Typed\Number;
use App\Typed\OneOf;
use App\Typed\TypedNumber;
use Closure;
use Illuminate\Contracts\Validation\ValidationRule;
use Lento\Compose\Question;
use Lento\Thickness\EquivalentFlour;
use Lento\Thickness\ThicknessClass;

/** How thick: a class by its name or the trade's, or grams of flour per litre. */
final readonly class ThicknessWord implements ValidationRule
{
    /** What the trade calls coating. */
    private const TRADE_WORDS = ['nappe' => 'coating', 'nappé' => 'coating'];

    public const UNIT = ' g flour per litre';

    /** @param list<ThicknessClass> $classes that can be asked for */
    private function __construct(private array $classes, private Number $grams) {}

    public static function askable(): self
    {
        return new self(ThicknessClass::askable(), Number::between(Question::LEAST_THICKNESS, Question::MOST_THICKNESS, self::UNIT));
    }

    /** Whatever a sauce may be that is there already. */
    public static function any(): self
    {
        return new self(ThicknessClass::cases(), Number::between(EquivalentFlour::LEAST, EquivalentFlour::MOST, self::UNIT));
    }

    public function validate(string $attribute, mixed $value, Closure $fail): void
    {
        if ($this->named($value) !== null) {
            return;
        }
        if (is_string($value) && preg_match('/\A[\d.,-]/', trim($value)) !== 1) {
            OneOf::cases($this->classes)->validate($attribute, $value, $fail);
        } else {
            $this->grams->validate($attribute, $value, $fail);
        }
    }

    /** Null for what is neither a class nor a number. */
    public function meant(mixed $value): ?EquivalentFlour
    {
        $grams = TypedNumber::read($value);

        return $this->named($value)?->target() ?? ($grams === null ? null : EquivalentFlour::ofGramsPerLitre($grams));
    }

    private function named(mixed $value): ?ThicknessClass
    {
        $word = OneOf::plain($value);
        $class = ThicknessClass::tryFrom(self::TRADE_WORDS[$word] ?? $word);

        return in_array($class, $this->classes, true) ? $class : null;
    }
}
