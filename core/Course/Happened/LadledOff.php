<?php

declare(strict_types=1);

namespace Lento\Course\Happened;

use Lento\Course\Event;
use Lento\Course\EventKind;
use Lento\Course\Stamp;
use Lento\Exception\OutOfRange;
use Lento\Quantity\Volume;

/** So much of it was taken for another sauce. */
final readonly class LadledOff extends Event
{
    public const MOST_LITRES = 200.0;

    public const LONGEST_NAME = 60;

    /**
     * @param string $branch id of the sauce in its service; '' where it is for none
     * @param string $for what it was called, where no service knows it
     *
     * @throws OutOfRange for nothing, or more than 200 l
     */
    public function __construct(Stamp $stamp, public Volume $volume, public string $branch = '', public string $for = '')
    {
        parent::__construct($stamp);
        if ($volume->cubicMetres <= 0.0 || $volume->inLitres() > self::MOST_LITRES) {
            throw OutOfRange::between('what-is-ladled-off', $volume->inLitres(), 0.001, self::MOST_LITRES, 'l');
        }
    }

    public function kind(): EventKind
    {
        return EventKind::LadledOff;
    }
}
