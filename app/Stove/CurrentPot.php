<?php

declare(strict_types=1);

namespace App\Stove;

use App\Kitchen\Kitchen;
use App\Kitchen\StoredLesson;
use App\Models\Pot;
use App\Questions\Answer;
use App\Questions\ComposeFields;
use DateTimeImmutable;
use Lento\Compose\Sheet;
use Lento\Learning\KitchenFactors;
use Lento\Stove\PotWatch;

/** A stored pot made whole: its sheet worked out again from its question, and watched at a moment. */
final readonly class CurrentPot
{
    public function __construct(private Kitchen $kitchen) {}

    /** Null where the pot was begun without a question, or its question has no answer in this kitchen any more. */
    public function sheet(Pot $pot): ?Sheet
    {
        return $pot->isFree() ? null : Answer::to(ComposeFields::from($pot->question), $this->kitchen, StoredLesson::factorsOfRow($pot->plan['factors'] ?? null) ?? KitchenFactors::house())->sheet;
    }

    public function watch(Pot $pot, DateTimeImmutable $now): ?PotWatch
    {
        $sheet = $this->sheet($pot);

        return $sheet === null ? null : PotWatch::of($sheet, $pot->course(), $now);
    }
}
