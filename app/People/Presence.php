<?php

declare(strict_types=1);

namespace App\People;

/** Who is in which kitchen, as what. */
final readonly class Presence
{
    /**
     * @param int|null $memberId null for a device, the machine itself, and the demo's visitor
     * @param string $name as the audit and the events say it
     * @param string $through the tablet they stand at; empty where they signed in
     */
    public function __construct(
        public int $galleyId,
        public Role $role,
        public ?int $memberId = null,
        public string $name = '',
        public string $through = '',
        public bool $isDemo = false,
    ) {}

    /** Whose a pot is that they put on; the demo's visitor is nobody yet. */
    public function cook(): ?string
    {
        return $this->isDemo || $this->memberId === null ? null : $this->name;
    }
}
