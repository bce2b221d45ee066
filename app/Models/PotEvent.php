<?php

declare(strict_types=1);

namespace App\Models;

use Carbon\CarbonImmutable;
use Illuminate\Database\Eloquent\Model;
use Lento\Course\Event;
use Lento\Course\EventKind;
use Lento\Quantity\Duration;

/**
 * Something that happened to a pot; only ever added.
 *
 * @property int $id
 * @property int $pot_id
 * @property string $token
 * @property EventKind $kind
 * @property int<0, max> $step
 * @property int<0, max> $pour
 * @property int<0, max> $seconds
 * @property string|null $text
 * @property CarbonImmutable $at
 */
final class PotEvent extends Model
{
    public $timestamps = false;

    protected $dateFormat = 'Y-m-d H:i:s.v';

    protected $fillable = ['token', 'kind', 'step', 'pour', 'seconds', 'text', 'at'];

    public function toEvent(): Event
    {
        return match ($this->kind) {
            EventKind::Done => Event::done($this->step, $this->at),
            EventKind::Back => Event::back($this->step, $this->at),
            EventKind::Poured => Event::poured($this->step, $this->pour, $this->at),
            EventKind::Unpoured => Event::unpoured($this->step, $this->pour, $this->at),
            EventKind::MoreTime => Event::moreTime($this->step, Duration::ofSeconds((float) $this->seconds), $this->at),
            EventKind::Note => Event::note($this->step, (string) $this->text, $this->at),
            EventKind::TakenOff => Event::takenOff($this->step, $this->at),
            EventKind::Finished => Event::finished($this->step, $this->at),
        };
    }

    /** @return array<string, string> */
    protected function casts(): array
    {
        return ['kind' => EventKind::class, 'at' => 'immutable_datetime', 'step' => 'integer', 'pour' => 'integer', 'seconds' => 'integer'];
    }
}
