<?php

declare(strict_types=1);

namespace App\Models;

use App\Casts\PlanCast;
use Carbon\CarbonImmutable;
use Illuminate\Database\Eloquent\Model;
use Illuminate\Database\Eloquent\Relations\BelongsTo;
use Lento\Plan\Plan;
use Lento\Practice\Difficulty;

/**
 * A pot that is cooked for practice: its sheet as it was, the kitchen that its seed has drawn, and all that was done, in order.
 *
 * @property int $id
 * @property int|null $exercise_id
 * @property string $cook_key whose it is: App\Eye\Trainee
 * @property string $cook
 * @property string $name
 * @property string $sauce
 * @property string $liquid
 * @property float $litres
 * @property Plan $plan
 * @property Difficulty $difficulty
 * @property int $seed
 * @property array<string, float> $quirks sizes by name
 * @property list<array<string, mixed>> $deeds App\Records\DeedCodec
 * @property int $version as many as deeds were ever taken or taken back
 * @property int $second of the last deed, as far as it lasted
 * @property int $taken_back how often ten seconds were
 * @property bool $helped whether the next step is shown
 * @property int $moved_at_ms when the last deed came
 * @property array<string, mixed>|null $outcome faults and causes by name, once it is over
 * @property CarbonImmutable|null $finished_at
 * @property CarbonImmutable $created_at
 * @property-read Exercise|null $exercise
 */
final class Practice extends Model
{
    use OfAKitchen;

    protected $fillable = [
        'exercise_id',
        'cook_key',
        'cook',
        'name',
        'sauce',
        'liquid',
        'litres',
        'plan',
        'difficulty',
        'seed',
        'quirks',
        'deeds',
        'version',
        'second',
        'taken_back',
        'helped',
        'moved_at_ms',
        'outcome',
        'finished_at',
    ];

    protected $attributes = ['version' => 0, 'second' => 0, 'taken_back' => 0, 'moved_at_ms' => 0, 'quirks' => '{}', 'deeds' => '[]'];

    /** @return BelongsTo<Exercise, $this> */
    public function exercise(): BelongsTo
    {
        return $this->belongsTo(Exercise::class);
    }

    /** @return array<string, string> */
    protected function casts(): array
    {
        return [
            'plan' => PlanCast::class,
            'difficulty' => Difficulty::class,
            'quirks' => 'array',
            'deeds' => 'array',
            'outcome' => 'array',
            'litres' => 'float',
            'seed' => 'integer',
            'version' => 'integer',
            'second' => 'integer',
            'taken_back' => 'integer',
            'helped' => 'boolean',
            'moved_at_ms' => 'integer',
            'finished_at' => 'immutable_datetime',
        ];
    }
}
