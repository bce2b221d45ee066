<?php

declare(strict_types=1);

namespace App\Http\Requests;

use App\Format\Words;
use App\Formats\RecipeLd;
use App\Kitchen\Kitchen;
use App\Pages\Assay\AskedRecipe;
use App\Typed\TypedNumber;
use Illuminate\Http\Request;
use Illuminate\Http\UploadedFile;
use Lento\Assay\Fullness;
use Lento\Assay\Reader;
use Lento\Thickness\ThicknessClass;

/** A recipe that was typed, pasted or opened from a file; what cannot be read of it is said, and stays as it is. */
final readonly class AssayRequest
{
    /** Bytes of lines: the longest recipe of a cookbook has four thousand. */
    private const LONGEST_LINES = 20_000;

    /** Bytes of a file or of pasted data: a saved page with its scripts. */
    private const LONGEST_DATA = 2_000_000;

    private const MOST_COOKED = 240.0;

    /** @param string|null $fault in the cook's words; null where it can be read */
    private function __construct(public AskedRecipe $asked, public ?string $fault) {}

    public static function of(Request $request): self
    {
        $typed = $request->input('recipe');
        $file = $request->file('file');
        $text = mb_scrub(is_string($typed) ? $typed : '');
        $opened = $file instanceof UploadedFile && $file->isValid() ? self::opened($file) : null;
        $text = $opened ?? $text;
        [$found, $fault] = [self::source($request), null];
        if (strlen($text) > self::LONGEST_DATA || $opened === '') {
            $fault = Words::text('assay.too_long_file');
        } elseif (RecipeLd::isMeant($text)) {
            $found = RecipeLd::in($text);
            $fault = $found === [] ? Words::text('assay.no_recipe') : null;
            $text = ($found[0] ?? null)?->asLines() ?? $text;
        } elseif (strlen($text) > self::LONGEST_LINES) {
            $fault = Words::text('assay.too_long', lines: substr_count($text, "\n") + 1);
        }
        $nth = $request->input('nth');
        if ($opened === null && is_string($nth) && isset($found[(int) $nth - 1])) {
            $text = $found[(int) $nth - 1]->asLines();
        }
        $asked = $request->input('to');
        $to = ThicknessClass::tryFrom(is_string($asked) ? $asked : '');
        $spoons = $request->input('spoons');
        $cook = $request->input('cook');
        $minutes = TypedNumber::number(is_string($cook) ? $cook : '');

        return new self(
            new AskedRecipe(
                $text,
                self::putRight($request),
                Fullness::tryFrom(is_string($spoons) ? $spoons : ''),
                $minutes !== null && $minutes > 0.0 && $minutes <= self::MOST_COOKED ? TypedNumber::plain($minutes) : '',
                $to !== null && in_array($to, ThicknessClass::askable(), true) ? $to : ThicknessClass::Coating,
                count($found) > 1 ? $found : [],
            ),
            $fault ?? ($cook !== null && $cook !== '' && ($minutes === null || $minutes <= 0.0 || $minutes > self::MOST_COOKED)
                ? Words::text('assay.cook_range')
                : null),
        );
    }

    /** @return list<RecipeLd> the recipes of the file that was opened before, handed back by the page */
    private static function source(Request $request): array
    {
        $source = $request->input('source');

        return is_string($source) && $source !== '' && strlen($source) <= self::LONGEST_DATA ? RecipeLd::in($source) : [];
    }

    /** @return string '' where it is too long */
    private static function opened(UploadedFile $file): string
    {
        return $file->getSize() > self::LONGEST_DATA ? '' : mb_scrub($file->getContent());
    }

    /** @return array<int, string> lines the cook has put right, to what the larder knows */
    private static function putRight(Request $request): array
    {
        $typed = $request->input('as');
        $as = [];
        foreach (is_array($typed) ? $typed : [] as $line => $id) {
            if (is_int($line) && is_string($id) && in_array($id, [...Kitchen::known(), 'cornflour', Reader::LEFT_OUT], true)) {
                $as[$line] = $id;
            }
        }

        return $as;
    }
}
