<?php

declare(strict_types=1);

namespace Lento\Course\Happened;

use Lento\Course\Event;
use Lento\Course\EventKind;
use Lento\Course\Stamp;
use Lento\Exception\Missing;
use Lento\Exception\OutOfRange;
use Lento\Quantity\Mass;
use Lento\Thickness\Sauce;

/** Something went in that no step of the plan asked for. */
final readonly class Added extends Event
{
    public const MOST_KILOGRAMS = 200.0;

    /**
     * @param string $ingredient larder id
     * @param Sauce $joins what it brings into the sauce, as the larder had it then
     *
     * @throws Missing if it names nothing
     * @throws OutOfRange for nothing, or more than 200 kg
     */
    public function __construct(Stamp $stamp, public string $ingredient, public Mass $mass, public Sauce $joins)
    {
        parent::__construct($stamp);
        if ($ingredient === '') {
            throw Missing::from('addition', 'id');
        }
        if ($mass->kilograms <= 0.0 || $mass->kilograms > self::MOST_KILOGRAMS) {
            throw OutOfRange::between('what-is-stirred-in', $mass->kilograms, 0.0001, self::MOST_KILOGRAMS, 'kg');
        }
    }

    public function kind(): EventKind
    {
        return EventKind::Added;
    }
}
