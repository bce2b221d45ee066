<?php

declare(strict_types=1);

namespace App\Pages\Family;

/** The one thing to do next with a sauce of a service. */
final readonly class NextAction
{
    /**
     * @param 'cook'|'ladle'|'link'|'none' $kind
     * @param string $words on the button
     * @param string $branch the key of the sauce that it is done to
     * @param int|null $pot to go to, for a link
     */
    public function __construct(public string $kind, public string $words, public string $branch = '', public ?int $pot = null) {}
}
