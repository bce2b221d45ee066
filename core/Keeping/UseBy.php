<?php

declare(strict_types=1);

namespace Lento\Keeping;

use DateInterval;
use DateTimeImmutable;
use Lento\Thickness\Sauce;

/**
 * House defaults for how long a cooled sauce keeps, for quality as much as for safety; the local code comes first.
 *
 * Source: docs/model.md, H: milk and cream three days at 4 °C, yolks one day, frozen a month with milk and three without (KeepingDays).
 */
final readonly class UseBy
{
    /** Once, whatever it is made of. */
    public const REHEATS = 1;

    /**
     * @param int<1, max> $chilledDays
     * @param int<0, max> $frozenDays 0: do not freeze
     */
    private function __construct(public int $chilledDays, public int $frozenDays) {}

    public static function of(Sauce $sauce): self
    {
        return KeepingDays::house()->of($sauce);
    }

    /**
     * @param int<1, max> $chilled
     * @param int<0, max> $frozen
     */
    public static function days(int $chilled, int $frozen): self
    {
        return new self($chilled, $frozen);
    }

    /** The last day on which it is used: so many days after the one on which it was made. */
    public function chilled(DateTimeImmutable $made): DateTimeImmutable
    {
        return $made->setTime(0, 0)->add(new DateInterval('P' . $this->chilledDays . 'D'));
    }

    /** @return DateTimeImmutable|null null for what is not frozen */
    public function frozen(DateTimeImmutable $made): ?DateTimeImmutable
    {
        return $this->frozenDays === 0 ? null : $made->setTime(0, 0)->add(new DateInterval('P' . $this->frozenDays . 'D'));
    }

    /** Of what was frozen: the day after it was thawed, and never past what the freezer gave it. */
    public function thawed(DateTimeImmutable $made, DateTimeImmutable $thawed): DateTimeImmutable
    {
        $soon = $thawed->setTime(0, 0)->add(new DateInterval('P' . KeepingDays::THAWED . 'D'));

        return min($soon, $this->frozen($made) ?? $soon);
    }
}
