<?php

declare(strict_types=1);

namespace App\Eye;

use App\People\Here;

/** Who practises: a member of the kitchen; the demo's visitors, and whoever stands at a tablet unnamed, are one. */
final readonly class Trainee
{
    private const VISITOR = 'visitor';

    private function __construct(public string $key, public string $name) {}

    public static function here(): self
    {
        $presence = app(Here::class)->presence();

        return $presence->isDemo || $presence->memberId === null
            ? new self(self::VISITOR, '')
            : new self('m' . $presence->memberId, mb_substr($presence->name, 0, 60));
    }

    public static function keyOf(int $member): string
    {
        return 'm' . $member;
    }
}
