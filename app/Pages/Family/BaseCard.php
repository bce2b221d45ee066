<?php

declare(strict_types=1);

namespace App\Pages\Family;

use Lento\Family\FlowNode;

/** A base of a service: how much, how thick and why, and whether it is on. */
final readonly class BaseCard
{
    public string $why;

    /** @var list<string> */
    public array $suits;

    public bool $tooMuch;

    /**
     * @param array<string, string> $question that its sheet answers; nothing where none is to be made
     */
    public function __construct(
        public string $key,
        public string $name,
        public FlowNode $node,
        public array $question,
        BaseFit $fit,
        public NextAction $action,
    ) {
        $this->why = $fit->why;
        $this->suits = $fit->suits;
        $this->tooMuch = $fit->tooMuch;
    }
}
