<?php

declare(strict_types=1);

namespace App\Pages\Compose;

use App\Format\Words;
use App\Kitchen\Kitchen;
use App\Questions\ComposeFields;
use App\Questions\QuestionReader;
use App\Stove\InTrouble;
use Carbon\CarbonImmutable;
use Lento\Exception\LentoException;
use Lento\Quantity\Duration;
use Lento\Stove\FreshStart;

/** Instead of a pot that is lost: the question for the same sauce in the time that is left, and what to expect of it. */
final readonly class FreshSheet
{
    /** @param array<string, string> $address of the question in Compose */
    private function __construct(public array $address, public string $says) {}

    /** Null where the lost pot had no sheet. */
    public static function for(InTrouble $trouble, Kitchen $kitchen, CarbonImmutable $now): ?self
    {
        $fields = $trouble->pot === null
            ? ['sauce' => $trouble->query['sauce'] ?? '', 'amount' => $trouble->query['amount'] ?? '']
            : $trouble->pot->question;
        $question = $fields === [] ? null : QuestionReader::read(ComposeFields::from($fields)->toRead(), $kitchen)->question;
        if ($question === null) {
            return null;
        }
        // Wanted when the lost pot would have been ready.
        $lost = $trouble->pot;
        $wanted = $lost === null ? null : $lost->started_at->addMinutes((int) round($lost->plan->time()->inMinutes()));
        $left = $wanted === null ? 1e6 : max(0.0, ($wanted->getTimestamp() - $now->getTimestamp()) / 60.0);
        try {
            $fresh = FreshStart::within($question, Duration::ofMinutes($left));
        } catch (LentoException) {
            return null;
        }
        $simmer = $fresh->sheet->question->simmerTime->inMinutes();
        $shorter = $simmer < $question->simmerTime->inMinutes() - 0.5 && $question->reduceBy === null;
        $key = match (true) {
            $wanted === null => 'untimed',
            $left <= 0.0 => 'past',
            $fresh->late->inMinutes() > 1.0 => 'late',
            default => $shorter ? 'shorter' : 'in_time',
        };
        $minutes = static fn(float $minutes): string => sprintf('%.0F', $minutes);

        return new self(
            [
                ...array_filter($fields, static fn(string $value): bool => $value !== ''),
                ...$shorter ? ['minutes' => $minutes($simmer)] : [],
            ],
            Words::text(
                'rescue.fresh.' . $key,
                takes: $minutes($fresh->takes->inMinutes()),
                wanted: $wanted?->format('H:i') ?? '',
                left: $minutes($left),
                simmer: $minutes($simmer),
                usual: $minutes($question->simmerTime->inMinutes()),
                late: $minutes($fresh->late->inMinutes()),
            ),
        );
    }
}
