<?php

declare(strict_types=1);

namespace App\Practice;

use App\Kitchen\Kitchen;
use App\Models\Practice;
use App\Records\DeedCodec;
use Lento\Exception\LentoException;
use Lento\Practice\CarefulCook;
use Lento\Practice\Deed;
use Lento\Practice\Exercise;
use Lento\Practice\Look;
use Lento\Practice\Played;
use Lento\Practice\PracticePot;
use Lento\Practice\Quirk;
use Lento\Practice\Quirks;

/** A practice pot reckoned through from its row. */
final readonly class RunningPractice
{
    /** s of the trace that a page gets at once. */
    public const TRACE = 600;

    private function __construct(public Exercise $exercise, public PracticePot $pot, public Played $played) {}

    /** @throws LentoException if its row cannot be read */
    public static function of(Practice $practice, Kitchen $kitchen): self
    {
        $kept = Snapshots::of($practice);
        if ($kept !== null) {
            return new self($kept[0], new PracticePot($kept[0]), $kept[1]);
        }
        $exercise = Exercise::of($practice->plan, $kitchen->larder(), self::quirks($practice->quirks));
        $pot = new PracticePot($exercise);

        return new self($exercise, $pot, $pot->after(DeedCodec::all($practice->deeds)));
    }

    /** @param array<string, mixed> $sizes */
    private static function quirks(array $sizes): Quirks
    {
        $quirks = Quirks::none();
        foreach ($sizes as $name => $size) {
            $quirk = Quirk::tryFrom($name);
            $quirks = $quirk !== null && is_numeric($size) ? $quirks->and($quirk, (float) $size) : $quirks;
        }

        return $quirks;
    }

    /** @throws LentoException if it cannot be done there */
    public function with(Deed $deed): self
    {
        return new self($this->exercise, $this->pot, $this->pot->with($deed, $this->played));
    }

    /** @return list<Look> what one perceives from a second on, if nothing more is done */
    public function ahead(int $from): array
    {
        return $this->pot->ahead($from, $from + self::TRACE, $this->played);
    }

    public function isOver(): bool
    {
        return $this->exercise->step($this->played->standing->step) === null;
    }

    /** What careful hands would do next, and when. */
    public function advice(): ?Deed
    {
        return (new CarefulCook($this->pot, self::TRACE))->next($this->played);
    }
}
