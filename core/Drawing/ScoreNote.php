<?php

declare(strict_types=1);

namespace Lento\Drawing;

/** One thing that is done, as it stands on its staff. */
final readonly class ScoreNote
{
    /**
     * @param string $id of its task
     * @param string $pot whose it is: notes of one pot on two staves are joined by an arrow
     * @param string $staff id
     * @param int $level 2 for the highest line, 0 for the lowest
     * @param ScorePlaying $playing when, by whom
     * @param ScoreLook $look what is written at it, in which colour
     */
    public function __construct(
        public string $id,
        public string $pot,
        public string $staff,
        public int $level,
        public ScorePlaying $playing,
        public ScoreLook $look,
    ) {}
}
