<?php

declare(strict_types=1);

namespace App\Pages\Stove;

use App\Format\Station;
use App\Kitchen\Kitchen;
use Lento\Course\Course;

/** Where a pot stands and whose it is, and where and whose else it could be. */
final readonly class Whereabouts
{
    public function __construct(private Course $course, private Kitchen $kitchen) {}

    /** "Front left · Ines Vark"; empty while nobody has said */
    public function says(): string
    {
        return implode(
            ' · ',
            array_filter(
                [$this->places()[$this->course->place]->name ?? '', $this->course->cook],
                static fn(string $part): bool => $part !== '',
            ),
        );
    }

    /** @return array<string, Station> */
    public function places(): array
    {
        return Station::all($this->kitchen);
    }

    /** @return list<string> */
    public function cooks(): array
    {
        return $this->kitchen->cooks();
    }
}
