<?php

declare(strict_types=1);

namespace App\Doors;

/** What a password must be: long, and not what a stranger tries first. No rule asks for signs of every kind. */
final readonly class Password
{
    public const LEAST = 12;

    /** Longer ones are hashed all the same; beyond this somebody wants the server to work. */
    public const MOST = 200;

    /** What passwords of twelve letters and more are made of before anything else; a password of these words alone is refused. */
    private const TRIED_FIRST = [
        'password', 'passwort', 'qwerty', 'qwertz', 'azerty', 'asdfgh', 'zxcvbn', 'letmein', 'welcome', 'admin', 'iloveyou', 'kitchen',
        'galley', 'chef', 'cook', 'owner', 'lento', 'secret', 'changeme', 'abc', 'test', 'sauce', 'login', 'hello', 'dragon', 'monkey',
        'sunshine', 'princess', 'football', 'master',
    ];

    /** @return string|null key of what is wrong, in lang/en/doors.php; null of one that will do */
    public static function fault(string $password, string ...$known): ?string
    {
        $long = mb_strlen($password);
        if ($long < self::LEAST || $long > self::MOST) {
            return 'password_length';
        }
        $plain = mb_strtolower($password);
        $names = array_filter(array_map(mb_strtolower(...), $known), static fn(string $name): bool => mb_strlen($name) >= 3);
        // What is left of it besides such words, digits and what stands between.
        $left = str_replace([...$names, ...self::TRIED_FIRST], '', $plain);
        $left = (string) preg_replace('/[\d\W_]+/u', '', $left);

        return count(array_unique(mb_str_split($left))) < 4 ? 'password_guessed' : null;
    }
}
