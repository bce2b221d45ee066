<?php

declare(strict_types=1);

use App\Pages\Pictures\StripPicture;
use Lento\Compose\Base;
use Lento\Compose\Composer;
use Lento\Compose\How;
use Lento\Compose\Question;
use Lento\Compose\RouxWish;
use Lento\Quantity\Volume;
use Lento\Roux\Colour;

/** @return array{float, float} from where to where words stand, a letter being 9.5 px wide at 21 px */
function standsAt(float $x, string $text, string $anchor): array
{
    $wide = 9.5 * mb_strlen($text);
    $from = match ($anchor) {
        'end' => $x - $wide,
        'middle' => $x - $wide / 2.0,
        default => $x,
    };

    return [$from, $from + $wide];
}

it('keeps “lift here” and “yours now” apart, wherever the mark has got to', function (Colour $colour, float $width): void {
    $roux = (new Composer())->answer(
        Question::of(Base::Veloute, Volume::ofLitres(2.0), how: new How(new RouxWish($colour))),
    )->plan()->cooking?->roux;
    assert($roux !== null);
    for ($shade = 0.0; $shade <= 3.4; $shade += 0.05) {
        $picture = StripPicture::of($roux, $width, $shade);
        $mark = $picture->now ?? ['textX' => 0.0, 'textY' => 0.0, 'text' => '', 'anchor' => ''];
        [$from, $to] = standsAt($mark['textX'], $mark['text'], $mark['anchor']);
        expect($from)->toBeGreaterThanOrEqual(0.0)->and($to)->toBeLessThanOrEqual($width);
        $others = [$picture->lift, ...($picture->thickens === null ? [] : [[...$picture->thickens, 'y' => 160.0]])];
        foreach ($others as $other) {
            [$left, $right] = standsAt($other['x'], $other['text'], $other['anchor']);
            $apart = abs($mark['textY'] - $other['y']) > 30.0 || $to <= $left || $from >= $right;
            expect($apart)->toBeTrue("at shade {$shade}: {$mark['text']} over {$other['text']}");
        }
    }
})->with(Colour::cases())->with([1232.0, 366.0]);
