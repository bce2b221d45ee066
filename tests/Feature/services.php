<?php

declare(strict_types=1);

use App\Models\Pot;
use App\Models\Service;
use Illuminate\Testing\TestResponse;

use function Pest\Laravel\post;

// What the tests of a service do over and over: wish for sauces, put their pots on.

/**
 * @param list<array<string, string>> $wishes
 * @param list<array<string, string>> $have
 */
function serviceOf(array $wishes, string $spare = '', array $have = []): Service
{
    return Service::query()->create([
        'fields' => [
            'name' => 'Supper',
            'at' => '19:30',
            'spare' => $spare,
            'wishes' => array_map(
                fn(array $wish): array => [
                    ...['liquid' => '', 'thickness' => '', 'covers' => '', 'each' => '', 'litres' => '', 'for' => ''],
                    ...$wish,
                ],
                $wishes,
            ),
            'have' => $have,
        ],
    ]);
}

function supperOf72(): Service
{
    return serviceOf([
        ['sauce' => 'bechamel', 'thickness' => 'gratin', 'covers' => '72', 'each' => '55', 'for' => 'fennel gratin'],
        ['sauce' => 'aurore', 'liquid' => 'fish-stock', 'covers' => '40', 'each' => '60'],
        ['sauce' => 'mushroom-shallot', 'covers' => '32', 'each' => '50'],
        ['sauce' => 'onion-gravy', 'covers' => '72', 'each' => '40'],
    ], '5');
}

/** @return TestResponse<Illuminate\Http\Response> */
function cooks(Service $service, string $branch): TestResponse
{
    app()->forgetScopedInstances();

    return post("/services/{$service->id}/cook", ['branch' => $branch]);
}

function branchPot(Service $service, string $branch): Pot
{
    return Pot::query()->where('service_id', $service->id)->where('branch', $branch)->latest('id')->firstOrFail();
}
