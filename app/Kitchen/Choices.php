<?php

declare(strict_types=1);

namespace App\Kitchen;

use Lento\Compose\Choice\AromaticsWay;
use Lento\Compose\Choice\CookOut;
use Lento\Compose\Choice\FinishWay;
use Lento\Compose\Choice\FlourWay;
use Lento\Compose\Choice\MilkWay;
use Lento\Compose\Choice\Pepper;
use Lento\Compose\Choice\RouxPlace;
use Lento\Compose\Choice\SaltTime;
use Lento\Compose\Choice\Stirring;
use Lento\Compose\Choice\StrainWay;
use Lento\Keeping\SkinGuard;
use Lento\Pour\School;
use Lento\Rescue\LateThickening;

/** The schools by the field that asks for them, in the order of the work. The words are in lang/en/schools.php. */
final readonly class Choices
{
    public const RATIOS = ['0.7', '1', '1.5', '1.8'];

    public const YES_NO = ['no', 'yes'];

    /** @return array<string, list<string>> field => what it can be, the usual one first */
    public static function all(): array
    {
        return [
            'ratio' => ['1', '1.8', '1.5', '0.7'],
            'school' => array_column(School::cases(), 'value'),
            'flour' => array_column(FlourWay::cases(), 'value'),
            'place' => array_column(RouxPlace::cases(), 'value'),
            'cookout' => ['usual', CookOut::Brief->value, CookOut::Long->value],
            'stirring' => [Stirring::Visits->value, Stirring::Constantly->value],
            'browned' => self::YES_NO,
            'aromatics' => array_column(AromaticsWay::cases(), 'value'),
            'strain' => array_column(StrainWay::cases(), 'value'),
            'pepper' => array_column(Pepper::cases(), 'value'),
            'salting' => array_column(SaltTime::cases(), 'value'),
            'skin' => array_column(SkinGuard::cases(), 'value'),
            'milk' => array_column(MilkWay::cases(), 'value'),
            'late' => array_column(LateThickening::cases(), 'value'),
            'finish' => array_column(FinishWay::cases(), 'value'),
        ];
    }

    /** Left to the base unless a cook says so: what a kitchen always does would spoil some of its sauces. */
    public const BY_BASE = ['aromatics', 'strain'];
}
