<?php

declare(strict_types=1);

namespace Lento\Drawing;

/**
 * A service as a musical score: one staff per source of heat, time from left to right, pitch is heat.
 *
 * Stems up for the first cook and the third, down for the second and the fourth; the beams of the third and the fourth are open.
 */
final readonly class ScoreDrawing
{
    /** px left of the first minute: names of the staves and of their lines. */
    public const LEFT = 150.0;

    /** px right of the last minute. */
    public const RIGHT = 26.0;

    /** px: times stand above the staves. */
    private const TOP = 34.0;

    public const LINE_GAP = 14.0;

    private const ROW = 20.0;

    /** px of stem and beam above or below a staff. */
    private const BEAM = 30.0;

    private const BETWEEN = 12.0;

    public const HANDS_ROW = 28.0;

    /** Rows of words beyond which the rest is left to the list, or to a wider score. */
    private const MOST_ROWS = 4;

    /** px below which a beam shows no initial. */
    private const LETTERED = 16.0;

    /** px below which a held line has no tie. */
    private const TIED = 30.0;

    private const TICK_GAP = 62.0;

    /** px from the now-line within which its flag and an hour would lie on one another. */
    private const NOW_FLAG = 66.0;

    /** px that a beam rises, as engravers have it. */
    private const SLANT = 3.0;

    private const THICK = 9.0;
    private const THIN = 4.0;

    /** @var list<ScoreBlock> */
    public array $blocks;

    /** @var list<ScoreHands> */
    public array $hands;

    /** @var list<string> paths from where a pot leaves to where it goes on */
    public array $moves;

    public float $bottom;

    public float $height;

    private float $perMinute;

    /**
     * @param list<ScoreStaff> $staves
     * @param list<ScoreNote> $notes
     * @param list<string> $cooks names
     */
    private function __construct(public ScoreSpan $span, array $staves, private array $notes, private array $cooks, public float $width)
    {
        $this->perMinute = ($width - self::LEFT - self::RIGHT) / max(1, $span->until - $span->from);
        $y = self::TOP;
        $blocks = [];
        foreach ($staves as $staff) {
            [$block, $y] = $this->block($staff, $y);
            $blocks[] = $block;
        }
        $this->blocks = $blocks;
        $this->bottom = $y;
        $hands = [];
        foreach ($cooks as $cook => $name) {
            $hands[] = $this->hand($cook, $name, $y + self::HANDS_ROW * ($cook + 0.7));
        }
        $this->hands = $hands;
        $this->moves = $this->moves();
        $this->height = $y + self::HANDS_ROW * count($cooks) + self::BETWEEN;
    }

    /**
     * @param list<ScoreStaff> $staves
     * @param list<ScoreNote> $notes in the order of their starts
     * @param list<string> $cooks names
     */
    public static function of(ScoreSpan $span, array $staves, array $notes, array $cooks, float $width): self
    {
        return new self($span, $staves, $notes, $cooks, $width);
    }

    public function perMinute(): float
    {
        return $this->perMinute;
    }

    /**
     * Where a finger takes hold of a note: as high as its staff, at least as wide as it can be seen.
     *
     * @return list<array{id: string, x: float, y: float, width: float, height: float}>
     */
    public function hits(): array
    {
        $hits = [];
        foreach ($this->blocks as $block) {
            foreach ($block->bars as $bar) {
                $spare = max(0.0, self::LETTERED - $bar['width']) / 2.0;
                $hits[] = [
                    'id' => $bar['id'],
                    'x' => $bar['x'] - $spare,
                    'y' => $block->lines[0] - self::BEAM + 4.0,
                    'width' => $bar['width'] + 2.0 * $spare,
                    'height' => 2.0 * (self::LINE_GAP + self::BEAM) - 8.0,
                ];
            }
        }

        return $hits;
    }

    public function x(int|float $minute): float
    {
        return self::LEFT + ($minute - $this->span->from) * $this->perMinute;
    }

    /** Whether an hour can be written here: not under the flag of now. */
    public function hasRoomForHour(float $x): bool
    {
        return $this->span->now === null || abs($x - $this->x($this->span->now)) > self::NOW_FLAG;
    }

    /** @return list<array{x: float, minute: int}> round times that have room */
    public function ticks(): array
    {
        $step = (int) TickStep::first(
            [5.0, 10.0, 15.0, 30.0, 60.0, 120.0, 240.0],
            fn(float $step): bool => $step * $this->perMinute >= self::TICK_GAP,
        );
        $ticks = [];
        for ($minute = (int) (ceil($this->span->from / $step) * $step); $minute <= $this->span->until; $minute += $step) {
            $ticks[] = ['x' => $this->x($minute), 'minute' => $minute];
        }

        return $ticks;
    }

    /** @return list<array{x: float, width: float, who: string}> */
    public function clashes(): array
    {
        return array_map(fn(array $one): array => [
            'x' => $this->x($one[0]),
            'width' => max(6.0, ($one[1] - $one[0]) * $this->perMinute),
            'who' => $one[2],
        ], $this->span->clashes);
    }

    /** @return array{ScoreBlock, float} and where the next begins */
    private function block(ScoreStaff $staff, float $y): array
    {
        $own = array_values(array_filter($this->notes, static fn(ScoreNote $one): bool => $one->staff === $staff->id));
        [$above, $below] = $this->words($own);
        $right = $this->width - 4.0;
        [$up, $down] = [ScoreRows::of($above, $right, self::MOST_ROWS), ScoreRows::of($below, $right, self::MOST_ROWS)];
        $top = $y + self::ROW * $up->rows + self::BEAM;
        $lines = [$top, $top + self::LINE_GAP, $top + 2.0 * self::LINE_GAP];
        $labels = [];
        foreach ($up->placed as [$label, $row]) {
            $labels[] = $label->at($label->x, $top - self::BEAM - 4.0 - $row * self::ROW);
        }
        foreach ($down->placed as [$label, $row]) {
            $labels[] = $label->at($label->x, $lines[2] + self::BEAM + 12.0 + $row * self::ROW);
        }

        return [
            new ScoreBlock($staff, $lines, $this->bars($own, $lines), $this->beams($own, $lines), $this->small($own, $lines), $labels),
            $lines[2] + self::BEAM + self::ROW * $down->rows + self::BETWEEN,
        ];
    }

    /**
     * @param list<ScoreNote> $notes
     *
     * @return array{list<ScoreLabel>, list<ScoreLabel>} above and below
     */
    private function words(array $notes): array
    {
        [$above, $below] = [[], []];
        foreach ($notes as $note) {
            $playing = $note->playing;
            $x = $this->x($playing->from);
            if ($note->look->title !== '') {
                $above[] = ScoreLabel::title($note->look, $x);
            }
            if ($note->look->words === '') {
                continue;
            }
            if ($playing->cook === null) {
                $middle = ($x + $this->x($playing->until)) / 2.0;
                $below[] = ScoreLabel::tie($note->look->words, $middle);
            } elseif (self::isUp($playing->cook)) {
                $above[] = ScoreLabel::words($note->look->words, $x);
            } else {
                $below[] = ScoreLabel::words($note->look->words, $x);
            }
        }

        return [$above, $below];
    }

    /**
     * @param list<ScoreNote> $notes
     * @param array{float, float, float} $lines
     *
     * @return list<array{x: float, y: float, width: float, colour: string, kept: bool, id: string}>
     */
    private function bars(array $notes, array $lines): array
    {
        return array_map(fn(ScoreNote $one): array => [
            'x' => $this->x($one->playing->from),
            'y' => $lines[2 - $one->level],
            'width' => max(2.0, ($one->playing->until - $one->playing->from) * $this->perMinute),
            'colour' => $one->look->colour,
            'kept' => $one->playing->kept,
            'id' => $one->id,
        ], $notes);
    }

    /**
     * @param list<ScoreNote> $notes
     * @param array{float, float, float} $lines
     *
     * @return list<array{points: string, x: float, y: float, initial: string, hands: bool, open: bool, stems: string}>
     */
    private function beams(array $notes, array $lines): array
    {
        $beams = [];
        foreach ($notes as $note) {
            $playing = $note->playing;
            if ($playing->cook === null) {
                continue;
            }
            $up = self::isUp($playing->cook);
            [$a, $b] = [$this->x($playing->from) + 1.0, max($this->x($playing->from) + 3.0, $this->x($playing->until) - 1.0)];
            $y = $up ? $lines[0] - self::BEAM + 8.0 : $lines[2] + self::BEAM - 8.0;
            $thick = $playing->hands ? self::THICK : self::THIN;
            $rise = $up ? self::SLANT : -self::SLANT;
            [$first, $last] = [$y + $rise / 2.0, $y - $rise / 2.0];
            $head = $lines[2 - $note->level];
            $beams[] = [
                'points' => implode(' ', array_map(
                    static fn(array $at): string => Svg::number($at[0]) . ',' . Svg::number($at[1]),
                    [[$a, $first - $thick / 2.0], [$b, $last - $thick / 2.0], [$b, $last + $thick / 2.0], [$a, $first + $thick / 2.0]],
                )),
                'x' => ($a + $b) / 2.0,
                'y' => $y,
                'initial' => $playing->hands && $b - $a >= self::LETTERED ? mb_substr($this->cooks[$playing->cook] ?? '', 0, 1) : '',
                'hands' => $playing->hands,
                'open' => $playing->cook >= 2,
                'stems' => Svg::path('M%s %sV%sM%s %sV%s', $a, $head, $first, $b, $head, $last),
            ];
        }

        return $beams;
    }

    /**
     * @param list<ScoreNote> $notes
     * @param array{float, float, float} $lines
     */
    private function small(array $notes, array $lines): ScoreSmall
    {
        $heads = $visits = $ties = $fermatas = [];
        foreach ($notes as $note) {
            $y = $lines[2 - $note->level];
            [$a, $b] = [$this->x($note->playing->from), $this->x($note->playing->until)];
            if ($note->playing->cook !== null) {
                $heads = [...$heads, ['x' => $a + 1.0, 'y' => $y], ['x' => $b - 1.0, 'y' => $y]];
            } elseif ($note->playing->kept) {
                $fermatas[] = ['x' => max($a + 12.0, $b - 24.0), 'y' => $y - 16.0];
            } elseif ($b - $a >= self::TIED) {
                $low = $lines[2] + 12.0;
                $ties[] = Svg::path('M%s %sQ%s %s %s %s', $a + 6.0, $low, ($a + $b) / 2.0, $low + 14.0, $b - 6.0, $low);
            }
            foreach ($note->playing->visits as [$minute, $cook]) {
                $x = $this->x($minute + 0.5);
                $visits[] = [
                    'x' => $x,
                    'y' => $y,
                    'stem' => Svg::path('M%s %sV%s', $x + (self::isUp($cook) ? 3.0 : -3.0), $y, self::isUp($cook) ? $y - 16.0 : $y + 16.0),
                ];
            }
        }

        return new ScoreSmall($heads, $visits, $ties, $fermatas);
    }

    /** @return list<string> dotted, from where a pot leaves one staff to where it goes on on another */
    private function moves(): array
    {
        $at = [];
        foreach ($this->blocks as $block) {
            foreach ($block->bars as $bar) {
                $at[$bar['id']] = [$bar['x'], $bar['x'] + $bar['width'], $bar['y']];
            }
        }
        $last = $moves = [];
        foreach ($this->notes as $note) {
            $before = $last[$note->pot] ?? null;
            $last[$note->pot] = $note;
            if ($before === null || $before->staff === $note->staff || !isset($at[$before->id], $at[$note->id])) {
                continue;
            }
            $moves[] = Svg::path('M%s %sL%s %s', $at[$before->id][1], $at[$before->id][2], $at[$note->id][0], $at[$note->id][2]);
        }

        return $moves;
    }

    private function hand(int $cook, string $name, float $y): ScoreHands
    {
        $blocks = $looks = [];
        foreach ($this->notes as $note) {
            if ($note->playing->cook === $cook) {
                $blocks[] = [
                    'x' => $this->x($note->playing->from),
                    'width' => max(2.0, ($note->playing->until - $note->playing->from) * $this->perMinute),
                    'hands' => $note->playing->hands,
                ];
            }
            foreach ($note->playing->visits as [$minute, $who]) {
                if ($who === $cook) {
                    $looks[] = $this->x($minute + 0.5);
                }
            }
        }

        return new ScoreHands($name, $y, $blocks, $looks);
    }

    private static function isUp(int $cook): bool
    {
        return $cook % 2 === 0;
    }
}
