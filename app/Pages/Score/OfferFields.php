<?php

declare(strict_types=1);

namespace App\Pages\Score;

use App\Score\ServiceDay;
use Lento\Score\Change;

/** An offer as the fields of a form: a change, or several of them, each as one line that only the server reads again. */
final readonly class OfferFields
{
    /**
     * @param list<Change> $changes
     *
     * @return array<string, string> by the names of their fields
     */
    public static function of(array $changes, ServiceDay $day): array
    {
        $clock = static fn(?int $minute): string => $minute === null ? '' : $day->clock($minute);
        $fields = [];
        foreach ($changes as $k => $change) {
            foreach (['kind' => $change->kind->value, 'of' => $change->of, 'at' => $clock($change->at),
                'until' => $clock($change->until), 'to' => $change->to] as $name => $value) {
                $fields["changes[{$k}][{$name}]"] = $value;
            }
        }

        return $fields;
    }
}
