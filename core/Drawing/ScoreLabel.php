<?php

declare(strict_types=1);

namespace Lento\Drawing;

/** A word of a score where it found room. */
final readonly class ScoreLabel
{
    public const TITLE = 'title';

    public const WORDS = 'words';

    public const TIE = 'tie';

    /** px that a letter is wide at the most, by what it is written in; measured in the browser with the longest names of the house. */
    private const LETTER = [self::TITLE => 8.6, self::WORDS => 6.9, self::TIE => 6.6];

    /** px of the circle with the letter of a pot, before its title. */
    private const CIRCLE = 22.0;

    /**
     * @param string $kind title, words or tie
     * @param float $x where it begins
     * @param float $y its baseline
     */
    private function __construct(
        public string $kind,
        public string $text,
        public string $letter,
        public string $colour,
        public float $x,
        public float $y,
    ) {}

    public static function title(ScoreLook $look, float $x): self
    {
        return new self(self::TITLE, $look->title, $look->letter, $look->colour, $x, 0.0);
    }

    public static function words(string $words, float $x): self
    {
        return new self(self::WORDS, $words, '', '', $x, 0.0);
    }

    /** In the middle of what it is of. */
    public static function tie(string $words, float $middle): self
    {
        $at = new self(self::TIE, $words, '', '', 0.0, 0.0);

        return new self(self::TIE, $words, '', '', $middle - $at->width() / 2.0, 0.0);
    }

    public function width(): float
    {
        return mb_strlen($this->text) * self::LETTER[$this->kind] + ($this->kind === self::TITLE ? self::CIRCLE : 0.0);
    }

    public function at(float $x, float $y): self
    {
        return new self($this->kind, $this->text, $this->letter, $this->colour, $x, $y);
    }
}
