<?php

declare(strict_types=1);

namespace App\Pages\Stove;

/** What is wrong with a reading that was typed. */
final readonly class ReadingFault
{
    /**
     * @param array<string, list<string>> $messages what is wrong with what was typed, by field
     * @param list<string> $instruments that could have read it
     *
     * @return string the first that is about one of them; '' if there is none
     */
    public static function first(array $messages, array $instruments): string
    {
        return array_values(array_intersect_key($messages, array_flip($instruments)))[0][0] ?? '';
    }
}
