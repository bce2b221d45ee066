<?php

declare(strict_types=1);

namespace App\Practice;

use App\Models\Practice;
use Lento\Practice\Deed;

/** What became of a deed: it is in, or why it is not. */
final readonly class Taken
{
    private function __construct(
        public Practice $practice,
        public ?RunningPractice $running,
        public ?Deed $deed,
        public string $why,
        public int $status,
        public bool $again = false,
    ) {}

    /** @param bool $again whether it was in before, and only its answer was lost */
    public static function in(Practice $practice, RunningPractice $running, Deed $deed, bool $again = false): self
    {
        return new self($practice, $running, $deed, '', 200, $again);
    }

    /** Something else was done meanwhile, at another page. */
    public static function conflict(Practice $practice, string $why): self
    {
        return new self($practice, null, null, $why, 409);
    }

    public static function refused(Practice $practice, string $why): self
    {
        return new self($practice, null, null, $why, 422);
    }
}
