<?php

declare(strict_types=1);

namespace App\Log;

use App\Records\Moment;
use Closure;
use DateTimeImmutable;
use DateTimeZone;
use Illuminate\Contracts\Validation\ValidationRule;

/** A moment as it is written here, or as spreadsheets and people write it, by the clock of this kitchen. */
final readonly class CsvMoment implements ValidationRule
{
    /** By format, the zone it is in; '' for the kitchen's own. */
    private const FORMATS = [
        '!' . Moment::FORMAT => 'UTC',
        '!Y-m-d\TH:i:s\Z' => 'UTC',
        '!Y-m-d H:i:s' => '',
        '!Y-m-d H:i' => '',
        '!Y-m-d' => '',
    ];

    public function validate(string $attribute, mixed $value, Closure $fail): void
    {
        if (self::meant(is_string($value) ? $value : '') === null) {
            $fail('faults.moment')->translate();
        }
    }

    public static function meant(string $text): ?DateTimeImmutable
    {
        $here = new DateTimeZone(date_default_timezone_get());
        foreach (self::FORMATS as $format => $zone) {
            $moment = DateTimeImmutable::createFromFormat($format, trim($text), $zone === '' ? $here : new DateTimeZone($zone));
            if ($moment !== false && $moment->format(substr($format, 1)) === trim($text) && $moment->getTimestamp() >= 0) {
                return $moment->setTimezone($here);
            }
        }

        return null;
    }
}
