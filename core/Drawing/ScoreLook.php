<?php

declare(strict_types=1);

namespace Lento\Drawing;

/** What is written at a note. */
final readonly class ScoreLook
{
    /**
     * @param string $colour #rrggbb of the sauce
     * @param string $words "roux"
     * @param string $letter of its pot
     * @param string $title of its pot, where it enters; '' elsewhere
     */
    public function __construct(public string $colour, public string $words, public string $letter, public string $title = '') {}
}
