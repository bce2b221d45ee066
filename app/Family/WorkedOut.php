<?php

declare(strict_types=1);

namespace App\Family;

use App\Kitchen\Kitchen;
use App\Models\Service;
use Lento\Exception\LentoException;
use Lento\Family\Catalogue;
use Lento\Family\ServiceFlow;

/** A kept service read and worked out in this kitchen, with the pots of it that are on. */
final readonly class WorkedOut
{
    /**
     * @param ServiceFlow|null $flow null where a base cannot be made as it would have to be
     * @param LentoException|null $refusal why
     * @param array<string, BranchState> $pots by key
     */
    private function __construct(
        public int $service,
        public ServiceFields $fields,
        public ServiceReading $reading,
        public ?ServiceFlow $flow,
        public ?LentoException $refusal,
        public Catalogue $catalogue,
        public array $pots,
    ) {}

    public static function of(Service $service, Kitchen $kitchen): self
    {
        $catalogue = $kitchen->catalogue();
        $fields = ServiceFields::from($service->fields);
        $reading = ServiceReader::read($fields, $kitchen, $catalogue);
        [$flow, $refusal] = [null, null];
        try {
            $flow = ServiceFlow::of($reading->service, $catalogue, (new KitchenWorkplace($kitchen))->workplace());
        } catch (LentoException $refused) {
            $refusal = $refused;
        }

        return new self($service->id, $fields, $reading, $flow, $refusal, $catalogue, BranchPots::states($service));
    }
}
