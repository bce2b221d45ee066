<?php

declare(strict_types=1);

namespace Lento\Keeping;

use Lento\Exception\OutOfRange;
use Lento\Thickness\Sauce;

/** How many days a kitchen keeps what: by what is in it. The house's are UseBy's; a kitchen sets its own. */
final readonly class KeepingDays
{
    public const MOST_CHILLED = 14;

    public const MOST_FROZEN = 365;

    /** After a thaw, whatever it was before. */
    public const THAWED = 1;

    /**
     * @param array<string, int> $chilled days by Keeps
     * @param array<string, int> $frozen days by Keeps; 0: it is not frozen
     */
    private function __construct(private array $chilled, private array $frozen) {}

    public static function house(): self
    {
        return new self(
            [Keeps::Yolk->value => 1, Keeps::Milk->value => 3, Keeps::Stock->value => 3],
            [Keeps::Yolk->value => 0, Keeps::Milk->value => 30, Keeps::Stock->value => 90],
        );
    }

    /** @throws OutOfRange beyond what anybody keeps */
    public function with(Keeps $keeps, int $chilled, int $frozen): self
    {
        OutOfRange::refuse('days-chilled', (float) $chilled, 1.0, (float) self::MOST_CHILLED, 'd');
        OutOfRange::refuse('days-frozen', (float) $frozen, 0.0, (float) self::MOST_FROZEN, 'd');

        return new self([...$this->chilled, $keeps->value => $chilled], [...$this->frozen, $keeps->value => $frozen]);
    }

    public function chilled(Keeps $keeps): int
    {
        return $this->chilled[$keeps->value] ?? 1;
    }

    public function frozen(Keeps $keeps): int
    {
        return $this->frozen[$keeps->value] ?? 0;
    }

    public function of(Sauce $sauce): UseBy
    {
        $keeps = Keeps::of($sauce);

        return UseBy::days(max(1, $this->chilled($keeps)), max(0, $this->frozen($keeps)));
    }
}
