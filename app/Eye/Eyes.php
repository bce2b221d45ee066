<?php

declare(strict_types=1);

namespace App\Eye;

use App\Models\EyeWish;
use App\People\Here;
use App\People\Place;
use Lento\Eye\CooksEye;
use Lento\Eye\EyeKind;

/** One's own eye, what one has allowed with it, and the eyes that one was lent. */
final readonly class Eyes
{
    /**
     * @param list<CooksEye> $mine
     * @param list<array{name: string, eye: list<CooksEye>}> $lent to a chef, by those who said so
     */
    private function __construct(public array $mine, public bool $atTheStove, public bool $shownToChef, public array $lent) {}

    public static function here(): self
    {
        $who = Trainee::here();
        $wish = EyeWish::query()->where('cook_key', $who->key)->first();
        $lent = [];
        foreach (app(Here::class)->may(Place::People) ? EyeWish::query()->where('shown_to_chef', true)->get() : [] as $one) {
            if ($one->cook_key !== $who->key) {
                $lent[] = ['name' => $one->cook, 'eye' => self::of($one->cook_key)];
            }
        }

        return new self(self::of($who->key), $wish->at_the_stove ?? false, $wish->shown_to_chef ?? false, $lent);
    }

    /** @return list<CooksEye> */
    private static function of(string $key): array
    {
        return array_map(static fn(EyeKind $kind): CooksEye => EyeAtTheStove::of($key, $kind), EyeKind::cases());
    }
}
