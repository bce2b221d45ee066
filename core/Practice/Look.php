<?php

declare(strict_types=1);

namespace Lento\Practice;

use Lento\Roux\Shade;
use Lento\Roux\Stage;

/** What one perceives of a practice pot at one second: all that is drawn, and nothing that only an instrument would tell. */
final readonly class Look
{
    /**
     * @param list<float> $shown shares from 0 to 1 in the order of NAMES
     */
    private function __construct(
        public int $at,
        public int $step,
        public Phase $phase,
        public float $shade,
        public Impression $impression,
        private array $shown,
    ) {}

    /** In the order in which they are written down. */
    public const NAMES = [
        'foam',
        'wet',
        'lumps',
        'pace',
        'size',
        'steam',
        'level',
        'head',
        'skin',
        'middle',
        'edge',
        'caught',
        'split',
        'film',
        'trail',
        'fat',
    ];

    /** @param array<string, float> $shown shares by their names */
    public static function of(Standing $standing, Phase $phase, float $shade, array $shown, Impression $impression): self
    {
        $shares = array_map(static fn(string $name): float => max(0.0, min(1.5, $shown[$name] ?? 0.0)), self::NAMES);

        return new self($standing->second(), $standing->step, $phase, $shade, $impression, $shares);
    }

    /** @param value-of<self::NAMES> $name */
    public function share(string $name): float
    {
        return $this->shown[(int) array_search($name, self::NAMES, true)];
    }

    /** @return list<float> */
    public function shares(): array
    {
        return $this->shown;
    }

    /** Whether one who looked away would want to be called: a colour about to turn, a pot about to rise, something wrong. */
    public function turnsFrom(self $before): bool
    {
        $was = $before->impression->sights;
        $news = array_filter(
            $this->impression->sights,
            static fn(Sight $sight): bool => $sight->isTrouble() && !in_array($sight, $was, true),
        );

        return $news !== []
            || floor($this->shade * 2.0) > floor($before->shade * 2.0) && $this->phase === Phase::Paste
            || $this->phase === Phase::Fat && $before->share('foam') > 0.3 && $this->share('foam') <= 0.3
            || $this->phase === Phase::Sauce && $before->share('pace') <= 0.0 && $this->share('pace') > 0.0;
    }

    /** Whether eye, nose and ear have nothing new to say of it. */
    public function saysTheSameAs(self $other): bool
    {
        return $this->phase === $other->phase
            && $this->impression === $other->impression
            && ($this->phase !== Phase::Paste || self::stage($this->shade) === self::stage($other->shade));
    }

    private static function stage(float $shade): Stage
    {
        return Shade::of(min(Shade::DARKEST, $shade))->stage();
    }
}
