<?php

declare(strict_types=1);

namespace App\Questions;

use App\Format\SauceLine;
use App\Models\Pot;
use App\Models\Sauce;

/** Questions to ask again: the kitchen's favourites among what it has kept, and what it has cooked of late. */
final readonly class AskedBefore
{
    private const MOST = 6;

    /** Of so many of the last pots: a kitchen that cooks one thing over and over is not searched for another. */
    private const LOOKED_AT = 30;

    /** @return list<array{name: string, line: string, address: string}> favourites by name */
    public static function favourites(): array
    {
        $favourites = [];
        $starred = Sauce::query()->atHand()->where('favourite', true)->has('versions')->with('latest')->orderBy('name')->limit(self::MOST);
        foreach ($starred->get() as $one) {
            $question = $one->latest->question ?? [];
            $favourites[] = [
                'name' => $one->name,
                'line' => SauceLine::of($question),
                'address' => route('compose', [...$question, 'version' => $one->latest?->id]),
            ];
        }

        return $favourites;
    }

    /** @return list<array{line: string, address: string}> each once, the latest first */
    public static function recent(): array
    {
        $recent = [];
        foreach (Pot::query()->latest('id')->limit(self::LOOKED_AT)->get(['id', 'question']) as $pot) {
            $question = array_filter(ComposeFields::from($pot->question)->toAddress(), static fn(string $one): bool => $one !== '');
            if (isset($question['sauce'])) {
                $recent[http_build_query($question)] ??= ['line' => SauceLine::of($question), 'address' => route('compose', $question)];
            }
        }

        return array_slice(array_values($recent), 0, self::MOST);
    }
}
