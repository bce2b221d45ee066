<?php

declare(strict_types=1);

namespace App\Pages\Practice;

use App\Eye\Eyes;
use App\Format\EyeWords;
use App\Format\Words;
use Lento\Eye\CooksEye;

/** How one's eye reads, and what it may be used for; and the eyes of those who let one see. */
final readonly class EyePage
{
    public function __construct(public Eyes $eyes) {}

    /** @return array<string, string> by kind */
    public function mine(): array
    {
        return self::said($this->eyes->mine);
    }

    /** @return array<string, bool> */
    public function wishes(): array
    {
        return ['at_the_stove' => $this->eyes->atTheStove, 'shown_to_chef' => $this->eyes->shownToChef];
    }

    /** @return list<array{name: string, eye: array<string, string>}> */
    public function others(): array
    {
        return array_map(static fn(array $one): array => [
            'name' => $one['name'] === '' ? Words::text('practice.exercise.somebody') : $one['name'],
            'eye' => self::said($one['eye']),
        ], $this->eyes->lent);
    }

    /**
     * @param list<CooksEye> $eyes
     *
     * @return array<string, string>
     */
    private static function said(array $eyes): array
    {
        $said = [];
        foreach ($eyes as $eye) {
            $said[$eye->kind->value] = EyeWords::of($eye);
        }

        return $said;
    }
}
