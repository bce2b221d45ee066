<?php

declare(strict_types=1);

namespace App\Http\Middleware;

use Closure;
use Illuminate\Http\Request;
use Normalizer;
use Symfony\Component\HttpFoundation\Response;

/**
 * One gate for all that is typed or sent: texts are text, in one spelling and of a length that anybody could have typed, and a list stands
 * only where a page has one. Bytes that are no text would break every file they come out in again.
 */
final readonly class CleanText
{
    /** Fields that a whole page may be pasted into. */
    private const PAGES = ['recipe', 'source'];

    /** A saved web page, a little more than is read of one, so that it is said and not cut in silence. */
    private const LONGEST_PAGE = 2_200_000;

    /** Fields that have parts; in any other a list is nothing. */
    private const LISTS = [
        'add',
        'allergens',
        'amounts',
        'as',
        'changes',
        'dose',
        'events',
        'extra',
        'hands',
        'have',
        'part',
        'q',
        'readings',
        'rows',
        'seen',
        'set',
        'short',
        'wish',
        'wishes',
    ];

    /** Letters: a recipe of ten pages. */
    private const LONGEST = 20_000;

    /** What no keyboard types and no page shows: all controls but tab and the ends of lines, and signs that turn the writing round. */
    private const UNTYPED = '/[\x{00}-\x{08}\x{0B}\x{0C}\x{0E}-\x{1F}\x{7F}-\x{9F}\x{202A}-\x{202E}\x{2066}-\x{2069}\x{FEFF}]+/u';

    /** @param Closure(Request): Response $next */
    public function handle(Request $request, Closure $next): Response
    {
        $request->query->replace(self::fields($request->query->all()));
        if ($request->isJson()) {
            $request->json()->replace(self::fields($request->json()->all()));
        } else {
            $request->request->replace(self::fields($request->request->all()));
        }

        return $next($request);
    }

    /**
     * @param array<mixed> $fields
     *
     * @return array<string, mixed>
     */
    private static function fields(array $fields): array
    {
        $clean = [];
        foreach ($fields as $name => $value) {
            $clean[self::text((string) $name)] = match (true) {
                is_string($value) && in_array($name, self::PAGES, true) => self::text($value, self::LONGEST_PAGE),
                !is_array($value) => self::one($value),
                in_array($name, self::LISTS, true) => self::parts($value),
                default => '',
            };
        }

        return $clean;
    }

    /**
     * @param array<mixed> $parts
     *
     * @return array<array-key, mixed>
     */
    private static function parts(array $parts): array
    {
        $clean = [];
        foreach ($parts as $name => $value) {
            $clean[is_string($name) ? self::text($name) : $name] = is_array($value) ? self::parts($value) : self::one($value);
        }

        return $clean;
    }

    private static function one(mixed $value): mixed
    {
        return is_string($value) ? self::text($value) : $value;
    }

    /** Of valid UTF-8, composed, without what cannot be typed, and not too long; what is well is left as it is. */
    public static function text(string $text, int $longest = self::LONGEST): string
    {
        // A byte is a letter at least: what is longer than four of each is cut before it is looked at.
        $text = mb_scrub(strlen($text) > 4 * $longest ? substr($text, 0, 4 * $longest) : $text, 'UTF-8');
        $text = Normalizer::normalize($text, Normalizer::FORM_C);
        $text = preg_replace(self::UNTYPED, '', is_string($text) ? $text : '') ?? '';

        return mb_strlen($text) > $longest ? mb_substr($text, 0, $longest) : $text;
    }
}
