<?php

declare(strict_types=1);

namespace App\Practice;

use App\Models\Practice;
use Carbon\CarbonImmutable;
use Lento\Practice\Difficulty;

/** A practice pot as a page or a table needs it. */
final readonly class Row
{
    /**
     * @param array<string, float> $quirks
     * @param list<string> $causes by name, the first one first
     */
    private function __construct(
        public int $id,
        public string $name,
        public float $litres,
        public Difficulty $difficulty,
        public int $seed,
        public array $quirks,
        public int $version,
        public int $second,
        public bool $helped,
        public int $takenBack,
        public string $cook,
        public string $exercise,
        public CarbonImmutable $begunAt,
        public ?CarbonImmutable $finishedAt,
        public bool $isIt,
        public ?float $faults,
        public array $causes,
    ) {}

    /** What it is made of: neither the sheet nor the deeds, which are long. */
    public const COLUMNS = [
        'id',
        'exercise_id',
        'name',
        'litres',
        'difficulty',
        'seed',
        'quirks',
        'version',
        'second',
        'helped',
        'taken_back',
        'cook',
        'created_at',
        'finished_at',
        'outcome',
    ];

    public static function of(Practice $one, string $exercise = ''): self
    {
        $outcome = $one->outcome ?? [];
        $causes = $outcome['causes'] ?? [];
        $faults = $outcome['faults'] ?? null;

        return new self(
            $one->id,
            $one->name,
            $one->litres,
            $one->difficulty,
            $one->seed,
            $one->quirks,
            $one->version,
            $one->second,
            $one->helped,
            $one->taken_back,
            $one->cook,
            $exercise,
            $one->created_at,
            $one->finished_at,
            ($outcome['is_it'] ?? false) === true,
            is_numeric($faults) ? (float) $faults : null,
            array_values(array_filter(is_array($causes) ? $causes : [], is_string(...))),
        );
    }
}
