<?php

declare(strict_types=1);

namespace App\Pages\Family;

use Lento\Family\FlowNode;

/** A base of a service: how much, how thick and why, and whether it is on. */
final readonly class BaseCard
{
    /**
     * @param array<string, string> $question that its sheet answers; nothing where none is to be made
     * @param list<string> $suits
     * @param bool $tooMuch for any of the kitchen's pans
     */
    public function __construct(
        public string $key,
        public string $name,
        public FlowNode $node,
        public array $question,
        public string $why,
        public array $suits,
        public bool $tooMuch,
        public NextAction $action,
    ) {}
}
