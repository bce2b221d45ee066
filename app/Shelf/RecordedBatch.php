<?php

declare(strict_types=1);

namespace App\Shelf;

use App\Models\Batch;
use Lento\Keeping\FoodSafety;
use Lento\Shelf\Batch as KeptBatch;

/** What the record holds of one batch on one day. */
final readonly class RecordedBatch
{
    /**
     * @param list<RecordLine> $lines in the order they happened
     * @param string $rulesAsOf since when the rules read so, where the kitchen has said
     */
    public function __construct(public Batch $row, public KeptBatch $batch, public array $lines, public string $rulesAsOf) {}

    public function rules(): FoodSafety
    {
        return $this->batch->lot->rules;
    }
}
