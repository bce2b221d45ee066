<?php

declare(strict_types=1);

namespace App\Family;

use App\Typed\FieldFault;
use Lento\Family\Service;

/** A service as it could be read: what is wrong with a row leaves only that row out. */
final readonly class ServiceReading
{
    /**
     * @param list<int> $rows of which typed row each wish is
     * @param array<string, FieldFault> $faults by field: "wishes.0.covers"
     */
    public function __construct(public Service $service, public array $rows, public array $faults) {}
}
