<?php

declare(strict_types=1);

namespace App\Pages\Rescue;

use App\Format\Degrees;
use App\Format\RemedyWords;
use App\Format\WatchWords;
use App\Format\Words;
use App\Stove\InTrouble;
use Lento\Rescue\Condition;
use Lento\Rescue\Fault;
use Lento\Rescue\Patient;
use Lento\Rescue\Remedies;
use Lento\Rescue\Remedy;
use Lento\Rescue\RemedyKind;
use Lento\Rescue\Severity;

/** One trouble of one pot: the remedy that is tried now, and those that are left. */
final readonly class RescuePage
{
    /**
     * @param array<string, string> $query that leads to this pot
     * @param non-empty-list<Remedy> $remedies
     * @param int<0, max> $at which of them
     */
    private function __construct(
        public Fault $fault,
        public ?int $potId,
        public string $about,
        public array $query,
        public array $remedies,
        public int $at,
        private string $liquid,
        private Condition $condition,
    ) {}

    /** @param int $at which of the remedies */
    public static function of(Fault $fault, Patient $patient, InTrouble $trouble, int $at): self
    {
        $remedies = Remedies::for($fault, $patient->showing($fault));

        return new self(
            $fault,
            $trouble->pot?->id,
            $trouble->name,
            $trouble->query,
            $remedies,
            max(0, min($at, count($remedies) - 1)),
            $trouble->liquid,
            $patient->condition,
        );
    }

    public function remedy(): Remedy
    {
        return $this->remedies[$this->at] ?? $this->remedies[0];
    }

    public function title(): string
    {
        return RemedyWords::order($this->fault, $this->remedy(), $this->liquid);
    }

    public function leads(): string
    {
        return RemedyWords::leads($this->remedy());
    }

    public function caution(): string
    {
        return RemedyWords::caution($this->remedy());
    }

    public function halves(): string
    {
        return RemedyWords::halves($this->remedy());
    }

    /** @return string '' where it may boil */
    public function limit(): string
    {
        $limit = $this->condition->limit;

        return $limit === null ? '' : Words::text('rescue.limit', most: Degrees::text($limit));
    }

    /** @return list<array{severity: Severity, query: array<string, string>, on: bool}> how bad it is, one tap each */
    public function severities(): array
    {
        return array_map(fn(Severity $one): array => [
            'severity' => $one,
            'query' => [...$this->query, 'severity' => $one->value],
            'on' => $one === $this->condition->severity,
        ], Severity::cases());
    }

    public function why(): string
    {
        return Words::text('rescue.because.' . $this->fault->value);
    }

    /** Whether there is anything that a tap could do to the pot. */
    public function isDoable(): bool
    {
        return !in_array($this->remedy()->kind, [RemedyKind::NextTime, RemedyKind::StartOver, RemedyKind::Wait], true);
    }

    public function isLost(): bool
    {
        return $this->remedy()->kind === RemedyKind::StartOver;
    }

    public function does(): string
    {
        return match ($this->remedy()->kind) {
            RemedyKind::Reduce, RemedyKind::CookOut, RemedyKind::Boil => Words::text(
                'rescue.do_time',
                minutes: WatchWords::minutes($this->remedy()->time),
            ),
            RemedyKind::Thin,
            RemedyKind::Thicken,
            RemedyKind::Desalt,
            RemedyKind::Bind,
            RemedyKind::Sweeten,
            RemedyKind::Sharpen,
            RemedyKind::Salt,
            RemedyKind::Round,
            RemedyKind::Stretch,
            RemedyKind::WhiskWater,
            RemedyKind::AddFat,
            RemedyKind::AddFlour
                => Words::text('rescue.do'),
            default => Words::text('rescue.do_plain'),
        };
    }

    public function hasAnother(): bool
    {
        return $this->at < count($this->remedies) - 1;
    }

    /** @return list<Fault> those with a picture and a number, by what the cook sees */
    public static function first(): array
    {
        return array_slice(Fault::cases(), 0, 7);
    }

    /** @return list<Fault> */
    public static function others(): array
    {
        return array_slice(Fault::cases(), 7);
    }
}
