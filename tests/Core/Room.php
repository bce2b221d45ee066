<?php

declare(strict_types=1);

namespace Tests\Core;

use RuntimeException;

/**
 * The classes of a room of the core, for covers(): a test counts for its own room only, so that what it happens to pass through does not.
 */
final readonly class Room
{
    /** @return list<string> */
    public static function of(string ...$rooms): array
    {
        $classes = [];
        foreach ($rooms as $room) {
            foreach (glob(dirname(__DIR__, 2) . '/core/' . $room . '/*.php') ?: throw new RuntimeException('no room ' . $room) as $file) {
                $class = 'Lento\\' . strtr($room, '/', '\\') . '\\' . basename($file, '.php');
                $classes = class_exists($class) ? [...$classes, $class] : $classes;
            }
        }

        return $classes;
    }
}
