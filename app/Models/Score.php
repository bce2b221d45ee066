<?php

declare(strict_types=1);

namespace App\Models;

use Illuminate\Database\Eloquent\Model;

/**
 * The plan of a service in time, as far as it has been looked for.
 *
 * @property int $id
 * @property int $service_id
 * @property string $asked what it was worked out from, as a hash
 * @property array<string, mixed>|null $solution docs/formats/score-answer.schema.json
 * @property array<string, mixed>|null $first the solution as it stood when the first pot was put on
 * @property list<array<string, mixed>>|null $changes what somebody said of it, the last one last: App\Score\Said
 * @property list<array<string, mixed>>|null $hands who has what when, as App\Score\ToldHand reads it
 * @property int $rounds how often a better one was looked for
 * @property bool $stopped whether somebody has seen enough
 */
final class Score extends Model
{
    use OfAKitchen;

    protected $fillable = ['service_id', 'asked', 'solution', 'first', 'changes', 'hands', 'rounds', 'stopped'];

    /** @return array<string, string> */
    protected function casts(): array
    {
        return [
            'solution' => 'array',
            'first' => 'array',
            'changes' => 'array',
            'hands' => 'array',
            'rounds' => 'integer',
            'stopped' => 'boolean',
        ];
    }
}
