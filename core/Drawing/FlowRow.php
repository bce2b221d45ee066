<?php

declare(strict_types=1);

namespace Lento\Drawing;

/** One row of a flow: its pans, falls, additions, gates and grips, in the drawing's own pixels. */
final readonly class FlowRow
{
    /** px that a thing is drawn wide at least, so that it is seen at all. */
    public const THINNEST = 2.5;

    private const PAN = 46.0;

    private const NARROWEST = 26.0;

    /** px from a pan's edge to what flows in. */
    private const INSIDE = 4.0;

    private const NOTE = 18.0;

    /** px of an addition's words above it, and that the gate wants above the rim. */
    private const WORDS = 20.0;

    private const GATE = 40.0;

    /** px to the left of a fall that is no end, where what joins it begins. */
    private const BESIDE = 190.0;

    /**
     * @param list<FlowPan> $pans
     * @param list<FlowFall> $falls
     * @param list<FlowJoin> $joins
     * @param list<FlowGrip> $grips
     */
    private function __construct(
        public float $width,
        public float $height,
        public array $pans,
        public array $falls,
        public array $joins,
        public array $grips,
    ) {}

    /** @return list<array{float, float, float}> x, y and width of the two bars of the gate that a fall goes through into its pan */
    public function gateBars(FlowFall $fall): array
    {
        foreach ($this->pans as $pan) {
            if ($pan->sauce->key === $fall->sauce->key) {
                return $fall->gateBars($pan->x + self::INSIDE);
            }
        }

        return [];
    }

    /** @param non-empty-list<FlowSauce> $sauces of one or several families, each base before what is made of it */
    public static function of(array $sauces, float $scale): self
    {
        $layout = FlowLayout::of($sauces);
        [$pans, $falls, $joins, $grips, $leaves, $left] = [[], [], [], [], [], []];
        foreach ($sauces as $sauce) {
            $pan = $pans[$sauce->key] = self::pan($sauce, $layout, $scale);
            $parent = $sauce->from === null ? null : $pans[$sauce->from] ?? null;
            if ($parent === null) {
                continue;
            }
            $from = $leaves[$parent->sauce->key] ?? self::firstAt($parent, $sauces, $scale);
            $fall = FlowFall::of($sauce, $from, self::wide($sauce->taken, $scale), $parent->bottom(), $layout->x($sauce), $pan->y);
            $leaves[$parent->sauce->key] = $from + $fall->width;
            $falls[] = $fall;
            $joins = [...$joins, ...self::joins($fall, $scale, $layout->left($sauce) ?? $fall->left() - self::BESIDE)];
            $neighbour = $left[$parent->sauce->key] ?? null;
            $moves = $layout->isEnd($sauce) && !$sauce->kept ? $sauce : null;
            $grips
                = $neighbour === null || $moves === null ? $grips : [...$grips, new FlowGrip($from, $parent->y + 10.0, $neighbour, $moves)];
            $left[$parent->sauce->key] = $moves;
        }

        return new self(
            FlowDrawing::WIDTH,
            $layout->bottom() + self::PAN + 12.0 + self::NOTE * $layout->notes(),
            array_values($pans),
            $falls,
            $joins,
            $grips,
        );
    }

    private static function wide(float $litres, float $scale): float
    {
        return max(self::THINNEST, $litres * $scale);
    }

    /** @return list<float> px of each thing that joins it */
    private static function widths(FlowSauce $sauce, float $scale): array
    {
        return array_map(static fn(FlowAddition $one): float => self::wide($one->millilitres / 1000.0, $scale), $sauce->additions);
    }

    /** As wide as what falls into it, or as what comes out of it. */
    private static function pan(FlowSauce $sauce, FlowLayout $layout, float $scale): FlowPan
    {
        $joined = array_sum(self::widths($sauce, $scale));
        $inflow = $sauce->from === null ? 0.0 : self::wide($sauce->taken, $scale) + $joined;
        $wide = max(self::NARROWEST, $inflow + 8.0, $sauce->litres * $scale);
        $middle = $sauce->from === null ? $layout->x($sauce) : $layout->x($sauce) - $joined / 2.0;

        return new FlowPan($sauce, $middle - $wide / 2.0, $layout->rim($sauce), $wide, self::PAN, $layout->isEnd($sauce));
    }

    /**
     * Where the first fall leaves a pan: all of them together stand in its middle.
     *
     * @param non-empty-list<FlowSauce> $sauces
     */
    private static function firstAt(FlowPan $pan, array $sauces, float $scale): float
    {
        $all = 0.0;
        foreach ($sauces as $sauce) {
            $all += $sauce->from === $pan->sauce->key ? self::wide($sauce->taken, $scale) : 0.0;
        }

        return $pan->x + ($pan->width - $all) / 2.0;
    }

    /**
     * As many as have room for their words above the gate; the others are counted in the last one's.
     *
     * @return list<FlowJoin>
     */
    private static function joins(FlowFall $fall, float $scale, float $left): array
    {
        $joins = [];
        [$edge, $y] = [$fall->left(), $fall->straightFrom + self::WORDS - 6.0];
        $widths = self::widths($fall->sauce, $scale);
        foreach ($fall->sauce->additions as $i => $addition) {
            if ($y + $widths[$i] <= $fall->rim - self::GATE) {
                $joins[] = new FlowJoin(
                    $addition,
                    new JoinPlace($left + 6.0, $y, $edge, $widths[$i], $fall->rim + 12.0),
                    $widths[$i] > self::THINNEST,
                );
                $y += $widths[$i] + self::WORDS;
            }
            $edge -= $widths[$i];
        }
        $hidden = max(0, count($fall->sauce->additions) - count($joins));

        return $hidden === 0 || $joins === [] ? $joins : [...array_slice($joins, 0, -1), $joins[count($joins) - 1]->andMore($hidden)];
    }
}
