<?php

declare(strict_types=1);

namespace App\Pages\Compose;

use App\Format\Words;
use App\Kitchen\Kitchen;
use App\Questions\Answer;
use App\Questions\ComposeFields;
use App\Questions\OwnRatio;

/** A rule of thumb that cooks mean two things by, and how thick each of them comes out. */
final readonly class Meanings
{
    /**
     * @param array<string, string> $fields of the question it stands in
     *
     * @return list<array{name: string, comes: string, taken: bool, address: string}> none where it means but one thing
     */
    public static function of(array $fields, Kitchen $kitchen): array
    {
        $own = OwnRatio::read($fields['own_ratio'] ?? '');
        $all = [];
        foreach ($own?->meanings() ?? [] as $means => $text) {
            $asked = ComposeFields::from([...$fields, 'own_ratio' => $text]);
            $sheet = Answer::to($asked, $kitchen)->sheet;
            $all[] = [
                'name' => Words::text('compose.means.' . $means, rule: $text),
                'comes' => $sheet === null ? Words::text('compose.means.nothing') : Words::text(
                    'compose.means.comes',
                    class: Words::text('thickness.class.' . $sheet->thickness->thicknessClass()->value),
                    grams: sprintf('%.0F', $sheet->thickness->gramsPerLitre),
                ),
                'taken' => $own?->takenFor() === $means,
                'address' => route('compose', $asked->toAddress()),
            ];
        }

        return $all;
    }
}
