<?php

declare(strict_types=1);

namespace App\Stove;

use App\Records\EventCodec;
use App\Records\Moment;
use App\Records\Node;
use App\Records\Unreadable;
use Lento\Course\Event;
use Lento\Course\Stamp;

/** Something that a tablet, a device or the server itself says has happened, before its moment is settled. */
final readonly class Tap
{
    /**
     * @param int $atMs by the tablet's idea of the time; 0 for now
     * @param array<string, mixed> $fields as EventCodec has them
     */
    private function __construct(public string $id, public string $kind, public string $step, public int $atMs, private array $fields) {}

    /**
     * @param array<string, mixed> $fields as EventCodec has them
     *
     * @throws Unreadable if they make no event
     */
    public static function of(string $id, string $kind, string $step, int $atMs, array $fields): self
    {
        $tap = new self($id, $kind, $step, $atMs, $fields);
        $tap->happenedAt(max(0, $atMs));

        return $tap;
    }

    /** An event of the server's own making; its moment is its own, or now. */
    public static function made(Event $event, bool $now = false): self
    {
        return new self($event->id, EventCodec::kind($event), $event->step, $now ? 0 : Moment::ms($event->at), EventCodec::fields($event));
    }

    public function happenedAt(int $ms): Event
    {
        return EventCodec::event($this->kind, Stamp::of($this->id, $this->step, Moment::of($ms)), Node::root($this->fields));
    }

    /** The id of what it takes back; '' for all but an undoing. */
    public function undoes(): string
    {
        return is_string($this->fields['undoes'] ?? null) ? $this->fields['undoes'] : '';
    }
}
