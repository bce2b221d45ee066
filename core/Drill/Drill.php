<?php

declare(strict_types=1);

namespace Lento\Drill;

use Lento\Exception\OutOfRange;
use Lento\Eye\EyeCall;
use Lento\Eye\EyeKind;

/**
 * One question with what is shown, what can be answered, and what is right. Numbers are in the units of its kind: a spoon's number 1 to 6,
 * a shade, litres, minutes, grams; a place among the choices where words are chosen.
 */
final readonly class Drill
{
    /**
     * @param array<string, float|string> $shown what the question is drawn and said from
     * @param list<string> $choices keys of what can be chosen; none where a number is typed
     * @param float $right the answer; a place in the choices where there are any
     * @param float $within how far off still counts: a share of the right one, where a number is typed
     */
    private function __construct(
        public DrillKind $kind,
        public string $variant,
        public array $shown,
        public array $choices,
        public float $right,
        public float $within,
    ) {}

    /**
     * @param array<string, float|string> $shown
     * @param non-empty-list<string> $choices
     *
     * @throws OutOfRange if the right one is none of them
     */
    public static function choosing(DrillKind $kind, string $variant, array $shown, array $choices, int $right): self
    {
        OutOfRange::refuse('place-of-an-answer', (float) $right, 0.0, (float) count($choices) - 1.0, '');

        return new self($kind, $variant, $shown, $choices, (float) $right, 0.0);
    }

    /**
     * @param array<string, float|string> $shown
     *
     * @throws OutOfRange for what cannot be
     */
    public static function typing(DrillKind $kind, string $variant, array $shown, float $right, float $within): self
    {
        OutOfRange::refuse('answer-of-a-drill', $right, 0.0, 1e6, '');
        OutOfRange::refuse('answer-within', $within, 0.0, 1.0, '');

        return new self($kind, $variant, $shown, [], $right, $within);
    }

    public function isRight(float $answer): bool
    {
        return $this->choices === []
            ? abs($answer - $this->right) <= $this->within * $this->right + 1e-9
            : abs($answer - $this->right) < 0.5;
    }

    /**
     * What the answer says of an eye; null where no eye was asked.
     *
     * @param float $called g flour per litre of the word that was chosen, the shade, or the litres
     */
    public function eye(float $called): ?EyeCall
    {
        $actual = $this->shown['actual'] ?? null;
        $kind = match ($this->kind) {
            DrillKind::Spoon => EyeKind::Spoon,
            DrillKind::Shade => EyeKind::Shade,
            DrillKind::Depth => EyeKind::Depth,
            default => null,
        };

        return $kind === null || !is_float($actual) ? null : new EyeCall($kind, $called, $actual);
    }

    /** What it goes by among the cards of a cook. */
    public function card(): string
    {
        return $this->kind->value . ':' . $this->variant;
    }
}
