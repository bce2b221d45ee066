<?php

declare(strict_types=1);

namespace App\Kitchen;

use Lento\Larder\Fat;
use Lento\Larder\Larder;
use Lento\Larder\Thickener;

/** What this kitchen knows better of an ingredient: its price, its salt; or one of its own, told by one it resembles. */
final readonly class LarderLine
{
    /**
     * @param non-empty-string $like the larder id that it is or, for one of the kitchen's own, resembles
     * @param string|null $name of one of the kitchen's own
     */
    public function __construct(
        public int $id,
        public string $like,
        public ?string $name,
        public ?float $pricePerKilogram,
        public ?float $saltPercent,
        public ?float $fatPercent,
    ) {}

    /** @return non-empty-string the larder id it goes by */
    public function larderId(): string
    {
        return $this->name === null ? $this->like : 'own-' . $this->id;
    }

    /** The larder with what is known of it; as it was where nothing but a price is. */
    public function into(Larder $larder): Larder
    {
        $kind = $larder->any($this->like);
        $fat = $this->fatPercent === null ? null : $this->fatPercent / 100.0;
        if ($kind instanceof Thickener || $this->name === null && $this->saltPercent === null && $fat === null) {
            return $larder;
        }

        return $larder->with($kind instanceof Fat
            ? $kind->similar($this->larderId(), fat: $fat)
            : $kind->similar($this->larderId(), fat: $fat, salt: $this->saltPercent === null ? null : $this->saltPercent / 100.0));
    }
}
