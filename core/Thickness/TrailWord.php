<?php

declare(strict_types=1);

namespace Lento\Thickness;

/** How fast the trail of a spatula on the bottom of the pan closes: the spoon's scale again, in three words. */
enum TrailWord: string
{
    case ClosesAtOnce = 'closes-at-once';
    case ClosesSlowly = 'closes-slowly';
    case StaysOpen = 'stays-open';

    /**
     * A trail that stays is the gratin's, one that closes at once is thinner than what coats. Source: the spoon scale, docs/model.md.
     *
     * @return array{SpoonWord, SpoonWord} the words of the spoon that it goes with, thinnest and thickest
     */
    public function spoons(): array
    {
        return match ($this) {
            self::ClosesAtOnce => [SpoonWord::RunsOff, SpoonWord::Glazes],
            self::ClosesSlowly => [SpoonWord::Coats, SpoonWord::Coats],
            self::StaysOpen => [SpoonWord::Masks, SpoonWord::Mounds],
        };
    }

    /** @return int by which a reading of it is kept */
    public function number(): int
    {
        return (int) array_search($this, self::cases(), true);
    }
}
