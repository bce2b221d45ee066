<?php

declare(strict_types=1);

namespace App\Family;

use App\Kitchen\Kitchen;
use App\Models\Service;
use App\Pages\Family\ServicePage;
use Lento\Exception\LentoException;
use Lento\Family\ServiceFlow;

/** A kept service read and worked out in this kitchen. */
final readonly class WorkedOut
{
    public static function page(Service $service, Kitchen $kitchen): ServicePage
    {
        $catalogue = $kitchen->catalogue();
        $fields = $service->typed();
        $reading = ServiceReader::read($fields, $kitchen, $catalogue);
        [$flow, $refusal] = [null, ''];
        try {
            $flow = ServiceFlow::of($reading->service, $catalogue, (new KitchenWorkplace($kitchen))->workplace());
        } catch (LentoException $refused) {
            // A base that cannot be made as it would have to be: said in the core's words, for they name what and why.
            $refusal = $refused->getMessage();
        }

        return new ServicePage($service->id, $fields, $reading, $flow, $refusal, $kitchen, $catalogue, BranchPots::states($service));
    }
}
