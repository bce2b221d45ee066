<?php

declare(strict_types=1);

namespace Lento\Compose;

/** Something the cook should know before starting. The words are the interface's; the numbers are here. */
final readonly class Warning
{
    /**
     * @param array<string, float> $numbers what the message needs, unit in the key
     * @param array<string, string> $words the same for texts and larder ids
     */
    public function __construct(public WarningCode $code, public array $numbers = [], public array $words = []) {}
}
