<?php

declare(strict_types=1);

namespace Lento\Drawing;

/**
 * A score turned upright for a phone: time runs down, one column per source of heat, pitch to the right, the cooks' hands as rails at the
 * left. Words are the list's; here each note has the letter of its pot, and what is left alone its minutes.
 */
final readonly class ScoreUpright
{
    /** px */
    public const WIDTH = 366.0;

    /** px above the first minute: names of the columns, each in up to two lines. */
    public const TOP = 46.0;

    /** px for the times, and for a cook's rail. */
    private const TIMES = 46.0;
    private const RAIL = 15.0;

    /** px between two of the three lines of a column, and between the column's edge and its lowest line. */
    private const LINE_GAP = 10.0;
    private const INSET = 22.0;

    /** px of a minute: as much as a long service can have, and a short one needs. */
    private const LEAST = 1.2;
    private const MOST = 4.0;
    private const LENGTH = 2200.0;

    /** px that a letter or minutes take down the column. */
    public const LETTER = 19.0;

    /** px below which nothing is written at what is left alone. */
    private const TIED = 30.0;

    /** px from now within which a time would lie under its flag. */
    private const NOW_FLAG = 20.0;

    /** px below which times would lie on one another. */
    private const TICK_GAP = 52.0;

    public float $height;

    public float $bottom;

    /** @var list<array{name: string, x: float, width: float, lines: list<float>}> */
    public array $columns;

    /** @var list<array{x: float, y: float, height: float, colour: string, id: string, kept: bool}> */
    public array $bars;

    /** @var list<array{x: float, y: float, height: float, hands: bool, open: bool}> hands at a column: left of it for the first cook */
    public array $beams;

    /** @var list<array{x: float, y: float, letter: string, colour: string}> */
    public array $letters;

    /** @var list<array{x: float, y: float, text: string}> minutes of what is left alone */
    public array $ties;

    /** @var list<array{x: float, y: float}> */
    public array $visits;

    /** @var list<array{name: string, x: float, blocks: list<array{y: float, height: float, hands: bool}>}> */
    public array $rails;

    private float $perMinute;

    /**
     * @param list<ScoreStaff> $staves
     * @param list<ScoreNote> $notes in the order of their starts
     * @param list<string> $cooks names
     */
    private function __construct(public ScoreSpan $span, array $staves, array $notes, array $cooks)
    {
        $this->perMinute = max(self::LEAST, min(self::MOST, self::LENGTH / max(1, $span->until - $span->from)));
        $this->bottom = self::TOP + ($span->until - $span->from) * $this->perMinute;
        $this->height = $this->bottom + self::LETTER;
        $left = self::TIMES + self::RAIL * count($cooks) + 6.0;
        $width = (self::WIDTH - $left) / max(1, count($staves));
        $columns = $places = [];
        foreach ($staves as $k => $staff) {
            $x = $left + $k * $width;
            $low = $x + min(self::INSET, $width / 3.0);
            $gap = min(self::LINE_GAP, $width / 6.0);
            $columns[] = ['name' => $staff->name, 'x' => $x, 'width' => $width, 'lines' => [$low, $low + $gap, $low + 2.0 * $gap]];
            $places[$staff->id] = $k;
        }
        $this->columns = $columns;
        $notes = array_values(array_filter($notes, static fn(ScoreNote $one): bool => isset($places[$one->staff])));
        [$this->bars, $this->beams, $this->visits] = $this->played($notes, $places);
        [$this->letters, $this->ties] = $this->written($notes, $places);
        $this->rails = array_map(fn(int $cook): array => $this->rail($cook, $cooks[$cook], $notes), array_keys($cooks));
    }

    /**
     * @param list<ScoreStaff> $staves
     * @param list<ScoreNote> $notes in the order of their starts
     * @param list<string> $cooks names
     */
    public static function of(ScoreSpan $span, array $staves, array $notes, array $cooks): self
    {
        return new self($span, $staves, $notes, $cooks);
    }

    public function y(int|float $minute): float
    {
        return self::TOP + ($minute - $this->span->from) * $this->perMinute;
    }

    /** @return list<array{y: float, minute: int}> round times that have room, but for where the flag of now is */
    public function ticks(): array
    {
        $step = (int) TickStep::first(
            [10.0, 15.0, 30.0, 60.0, 120.0, 240.0],
            fn(float $step): bool => $step * $this->perMinute >= self::TICK_GAP,
        );
        $ticks = [];
        for ($minute = (int) (ceil($this->span->from / $step) * $step); $minute <= $this->span->until; $minute += $step) {
            $ticks[] = ['y' => $this->y($minute), 'minute' => $minute];
        }

        return $ticks;
    }

    public function hasRoomForHour(float $y): bool
    {
        return $this->span->now === null || abs($y - $this->y($this->span->now)) > self::NOW_FLAG;
    }

    /** @return list<array{y: float, height: float}> */
    public function clashes(): array
    {
        return array_map(
            fn(array $one): array => ['y' => $this->y($one[0]), 'height' => max(6.0, ($one[1] - $one[0]) * $this->perMinute)],
            $this->span->clashes,
        );
    }

    /**
     * @param list<ScoreNote> $notes
     * @param array<string, int> $places
     *
     * @return array{list<array{x: float, y: float, height: float, colour: string, id: string, kept: bool}>,
     *     list<array{x: float, y: float, height: float, hands: bool, open: bool}>, list<array{x: float, y: float}>}
     */
    private function played(array $notes, array $places): array
    {
        $bars = $beams = $visits = [];
        foreach ($notes as $note) {
            $column = $this->columns[$places[$note->staff]];
            $playing = $note->playing;
            $x = $column['lines'][$note->level];
            $y = $this->y($playing->from);
            $height = max(2.0, ($playing->until - $playing->from) * $this->perMinute);
            $bars[] = ['x' => $x - 4.0, 'y' => $y, 'height' => $height, 'colour' => $note->look->colour, 'id' => $note->id,
                'kept' => $playing->kept];
            if ($playing->cook !== null) {
                $isLeft = $playing->cook % 2 === 0;
                $beams[] = [
                    'x' => $isLeft ? $column['lines'][0] - 12.0 : $column['lines'][2] + 8.0,
                    'y' => $y,
                    'height' => $height,
                    'hands' => $playing->hands,
                    'open' => $playing->cook >= 2,
                ];
            }
            foreach ($playing->visits as [$minute]) {
                $visits[] = ['x' => $x, 'y' => $this->y($minute + 0.5)];
            }
        }

        return [$bars, $beams, $visits];
    }

    /**
     * A letter where a pot enters a column, or comes back to it after another; minutes beside what is left alone. What has no room is left
     * to the list.
     *
     * @param list<ScoreNote> $notes
     * @param array<string, int> $places
     *
     * @return array{list<array{x: float, y: float, letter: string, colour: string}>, list<array{x: float, y: float, text: string}>}
     */
    private function written(array $notes, array $places): array
    {
        $letters = $ties = $last = $until = [];
        foreach ($notes as $note) {
            $place = $places[$note->staff];
            $column = $this->columns[$place];
            $x = min($column['lines'][2] + 24.0, $column['x'] + $column['width'] - self::LETTER / 2.0);
            $y = $this->y($note->playing->from) + self::LETTER / 2.0;
            $free = $until[$place] ?? 0.0;
            if (($last[$place] ?? '') !== $note->look->letter && $y - self::LETTER / 2.0 >= $free - 0.01) {
                $letters[] = ['x' => $x, 'y' => $y, 'letter' => $note->look->letter, 'colour' => $note->look->colour];
                $last[$place] = $note->look->letter;
                $until[$place] = $free = $y + self::LETTER / 2.0;
            }
            $minutes = $note->playing->until - $note->playing->from;
            $middle = max($this->y($note->playing->from) + $minutes * $this->perMinute / 2.0, $free + self::LETTER / 2.0);
            if ($note->playing->cook === null && !$note->playing->kept && $minutes * $this->perMinute >= self::TIED
                && $middle + self::LETTER / 2.0 <= $this->y($note->playing->until)) {
                $ties[] = ['x' => $x, 'y' => $middle, 'text' => (string) $minutes];
                $until[$place] = $middle + self::LETTER / 2.0;
            }
        }

        return [$letters, $ties];
    }

    /**
     * @param list<ScoreNote> $notes
     *
     * @return array{name: string, x: float, blocks: list<array{y: float, height: float, hands: bool}>}
     */
    private function rail(int $cook, string $name, array $notes): array
    {
        $blocks = [];
        foreach ($notes as $note) {
            if ($note->playing->cook === $cook) {
                $blocks[] = [
                    'y' => $this->y($note->playing->from),
                    'height' => max(2.0, ($note->playing->until - $note->playing->from) * $this->perMinute),
                    'hands' => $note->playing->hands,
                ];
            }
            foreach ($note->playing->visits as [$minute, $who]) {
                if ($who === $cook) {
                    $blocks[] = ['y' => $this->y($minute), 'height' => max(2.0, $this->perMinute), 'hands' => false];
                }
            }
        }

        return ['name' => $name, 'x' => self::TIMES + self::RAIL * ($cook + 0.5), 'blocks' => $blocks];
    }
}
