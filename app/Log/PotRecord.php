<?php

declare(strict_types=1);

namespace App\Log;

use App\Models\Pot;
use App\Models\StoredEvents;
use App\Records\EventCodec;
use App\Records\Moment;
use Carbon\CarbonImmutable;
use stdClass;

/** Pots as they stand in a log file, docs/formats/log.schema.json: what was promised, what happened. The rest follows from these. */
final readonly class PotRecord
{
    public function __construct(private Portable $portable) {}

    /**
     * Straight from the tables, for a whole log may be written at once.
     *
     * @param list<int> $ids
     *
     * @return list<array<string, mixed>> in the order of the ids
     */
    public function ofAll(array $ids): array
    {
        $events = StoredEvents::ofAll($ids);
        $records = [];
        foreach (Pot::query()->whereIn('id', $ids)->toBase()->get()->all() as $pot) {
            $id = is_numeric($pot->id) ? (int) $pot->id : 0;
            $plan = self::json($pot->plan);
            $records[$id] = [
                'id' => $pot->uid,
                'name' => $pot->name,
                'cook' => $pot->cook,
                'place' => $this->portable->out($pot->place),
                'started_at' => CarbonImmutable::parse(self::text($pot, 'started_at'))->utc()->format(Moment::FORMAT),
                'left_out' => (bool) $pot->left_out,
                'question' => (object) $this->question(self::json($pot->question), $plan),
                'plan' => $this->portable->out($plan),
                'events' => array_map(fn($event): mixed => $this->portable->out(EventCodec::toFile($event)), $events[$id] ?? []),
            ];
        }

        return array_values(array_filter(array_map(static fn(int $id): ?array => $records[$id] ?? null, $ids)));
    }

    /**
     * As it can be asked again in any kitchen: by the pan's measures and without this stove's ring.
     *
     * @param array<string, mixed> $question
     * @param array<string, mixed> $plan
     *
     * @return array<string, mixed>
     */
    private function question(array $question, array $plan): array
    {
        unset($question['hob']);
        $cooking = $plan['cooking'] ?? null;
        $pan = is_array($cooking) ? $cooking['pan'] ?? null : null;
        if (isset($question['pan']) && is_array($pan) && is_numeric($pan['diameter_m'] ?? null) && is_numeric($pan['height_m'] ?? null)) {
            unset($question['pan']);
            $question['diameter'] = sprintf('%.0F', 1000.0 * (float) $pan['diameter_m']);
            $question['height'] = sprintf('%.0F', 1000.0 * (float) $pan['height_m']);
        }
        $mapped = $this->portable->out($question);

        /** @var array<string, mixed> */
        return is_array($mapped) ? $mapped : [];
    }

    private static function text(stdClass $row, string $column): string
    {
        return is_string($row->{$column}) ? $row->{$column} : '';
    }

    /** @return array<string, mixed> */
    private static function json(mixed $stored): array
    {
        $value = is_string($stored) ? json_decode($stored, true, 64) : null;

        /** @var array<string, mixed> */
        return is_array($value) ? $value : [];
    }
}
