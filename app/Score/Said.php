<?php

declare(strict_types=1);

namespace App\Score;

use App\Formats\Json;
use App\Formats\ScoreJson;
use App\Models\Score;
use App\Models\Service;
use Lento\Exception\LentoException;
use Lento\Score\Change;
use Lento\Score\ChangeKind;
use Lento\Score\Solution;

/** One thing that somebody said of a plan, with what it cost and the plan before it, so that it can be taken back. */
final readonly class Said
{
    private const MARK = 10;

    /** @param list<string> $cost in words, as they were told */
    public function __construct(public Change $change, public string $by, public array $cost, public ?Solution $before) {}

    /** @return list<self> of the plan of a service, in order */
    public static function of(Service $service): array
    {
        $kept = Score::query()->where('service_id', $service->id)->first();

        return $kept === null ? [] : self::in($kept);
    }

    /** @return list<self> in order */
    public static function in(Score $kept): array
    {
        $rows = $kept->changes ?? [];

        return array_values(array_filter(array_map(static fn(array $row): ?self => self::read(Json::of($row)), $rows)));
    }

    /**
     * Whether the same was said, by whomever and whatever it cost.
     *
     * @param list<self> $some
     * @param list<self> $others
     */
    public static function areTheSame(array $some, array $others): bool
    {
        $marks = static fn(self $one): array => [
            $one->change->kind,
            $one->change->of,
            $one->change->at,
            $one->change->until,
            $one->change->to,
        ];

        return array_map($marks, $some) === array_map($marks, $others);
    }

    /** What tells it from everything else that was said of the plan: short enough to go along with each form of a page. */
    public function mark(): string
    {
        return substr(hash('sha256', json_encode([
            $this->change->kind->value,
            $this->change->of,
            $this->change->at,
            $this->change->until,
            $this->change->to,
            $this->by,
        ], JSON_THROW_ON_ERROR)), 0, self::MARK);
    }

    /** @return array<string, mixed> */
    public function written(): array
    {
        return [
            'kind' => $this->change->kind->value,
            'of' => $this->change->of,
            'at' => $this->change->at,
            'until' => $this->change->until,
            'to' => $this->change->to,
            'by' => $this->by,
            'cost' => $this->cost,
            'before' => $this->before === null ? null : ScoreJson::solution($this->before),
        ];
    }

    private static function read(Json $of): ?self
    {
        $kind = ChangeKind::tryFrom($of->text('kind'));
        $before = $of->part('before');
        try {
            return $kind === null ? null : new self(
                new Change($kind, $of->text('of'), $of->number('at'), $of->number('until'), $of->text('to')),
                $of->text('by'),
                $of->texts('cost'),
                $before === null ? null : ScoreJson::read($before),
            );
        } catch (LentoException) {
            // A version to come may write what this one does not know.
            return null;
        }
    }
}
