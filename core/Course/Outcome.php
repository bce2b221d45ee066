<?php

declare(strict_types=1);

namespace Lento\Course;

use Lento\Exception\OutOfRange;
use Lento\Quantity\Volume;
use Lento\Roux\Colour;
use Lento\Thickness\SpoonWord;

/** What came out of a pot, measured, tested on the spoon and tasted; what of it was held hot, what was cooled. */
final readonly class Outcome
{
    public const MOST_LITRES = 300.0;

    /** Of what came out that can have been kept: a jug is read to the nearest few per cent. */
    private const MOST_KEPT = 1.02;

    public const LONGEST_TEXT = 2000;

    private function __construct(
        public Volume $volume,
        public SpoonWord $spoon,
        public ?Colour $colour,
        public string $taste,
        public string $change,
        public Volume $held,
        public Volume $cooled,
    ) {}

    /**
     * @throws OutOfRange for nothing, or more than 300 l
     */
    public static function of(Volume $volume, SpoonWord $spoon, ?Colour $colour = null): self
    {
        if ($volume->cubicMetres <= 0.0 || $volume->inLitres() > self::MOST_LITRES) {
            throw OutOfRange::between('what-came-out', $volume->inLitres(), 0.001, self::MOST_LITRES, 'l');
        }
        $nothing = Volume::ofLitres(0.0);

        return new self($volume, $spoon, $colour, '', '', $nothing, $nothing);
    }

    /** In the cook's words: how it tasted, what to change the next time. */
    public function saying(string $taste, string $change): self
    {
        return new self($this->volume, $this->spoon, $this->colour, $taste, $change, $this->held, $this->cooled);
    }

    /** @throws OutOfRange if more was kept than came out */
    public function keeping(Volume $held, Volume $cooled): self
    {
        $most = self::MOST_KEPT * $this->volume->cubicMetres + 1e-12;
        if ($held->cubicMetres < 0.0 || $cooled->cubicMetres < 0.0 || $held->cubicMetres + $cooled->cubicMetres > $most) {
            throw OutOfRange::between('what-was-kept', $held->inLitres() + $cooled->inLitres(), 0.0, $this->volume->inLitres(), 'l');
        }

        return new self($this->volume, $this->spoon, $this->colour, $this->taste, $this->change, $held, $cooled);
    }
}
