<?php

declare(strict_types=1);

namespace App\Log;

use App\Typed\FieldFault;
use App\Typed\Fields;
use App\Typed\Number;
use App\Typed\OneOf;
use App\Typed\TypedNumber;
use DateTimeImmutable;
use Lento\Compose\Base;
use Lento\Course\Happened\Done;
use Lento\Course\Happened\Finished;
use Lento\Course\Outcome;
use Lento\Course\Stamp;
use Lento\Exception\OutOfRange;
use Lento\Family\Catalogue;
use Lento\Plan\Pace;
use Lento\Plan\Plan;
use Lento\Plan\Promise;
use Lento\Plan\Step;
use Lento\Plan\StepKind;
use Lento\Quantity\Duration;
use Lento\Quantity\Volume;
use Lento\Roux\Colour;
use Lento\Thickness\SpoonWord;

/** One row of a log as a table: a pot with its outcome and no course. */
final readonly class CsvRow
{
    private const MOST_LITRES = 300.0;

    private const MOST_MINUTES = 10_000.0;

    private const LONGEST_ID = 40;

    private const LONGEST_NAME = 200;

    private const LONGEST_COOK = 60;

    private const LONGEST_TEXT = 2000;

    private function __construct(private Fields $cells, private int $line) {}

    /**
     * @param array<string, string> $cells by their columns
     *
     * @throws Refused naming the line and the column
     */
    public static function of(array $cells, int $line): self
    {
        foreach ($cells as $column => $text) {
            if (!mb_check_encoding($text, 'UTF-8')) {
                throw Refused::fault($line, $column, FieldFault::of('', 'not_utf8'));
            }
        }
        $read = Fields::read($cells, self::rules());
        foreach ($read->faults as $column => $fault) {
            throw Refused::fault($line, $column, $fault);
        }

        return new self($read, $line);
    }

    /** @return array<string, list<mixed>> */
    private static function rules(): array
    {
        $litres = [Number::between(0.0, self::MOST_LITRES, ' l')];
        $spoon = OneOf::cases(SpoonWord::cases());

        return [
            'finished_at' => ['required', new CsvMoment()],
            'started_at' => [new CsvMoment()],
            'planned_litres' => $litres,
            'litres' => ['required_with:spoon', ...$litres],
            'planned_spoon' => [$spoon],
            'planned_minutes' => [Number::between(0.0, self::MOST_MINUTES, ' min')],
            'spoon' => ['required_with:litres', $spoon],
            'taste' => ['max:' . self::LONGEST_TEXT],
            'change' => ['max:' . self::LONGEST_TEXT],
            'colour' => [OneOf::cases(Colour::cases())],
            'held_litres' => $litres,
            'cooled_litres' => $litres,
            'sauce' => [OneOf::of([...array_column(Base::cases(), 'value'), ...array_keys(Catalogue::house()->derivatives())])],
            'cook' => ['max:' . self::LONGEST_COOK],
            'id' => ['max:' . self::LONGEST_ID],
            'name' => ['required', 'max:' . self::LONGEST_NAME],
        ];
    }

    /** @throws Refused where what is well by itself does not go together */
    public function pot(): ReadPot
    {
        $finished = $this->moment('finished_at') ?? throw Refused::fault($this->line, 'finished_at', FieldFault::of('', 'missing'));
        $started = $this->moment('started_at') ?? $finished;
        if ($started > $finished) {
            throw Refused::fault($this->line, 'started_at', FieldFault::of('', 'after_its_end'));
        }
        $outcome = $this->outcome();
        [$name, $cook] = [$this->cells->text('name'), $this->cells->text('cook')];
        // The same row makes the same id, so that a table without ids can be taken in twice and counts once.
        $uid = $this->cells->text('id') === ''
            ? substr(hash('sha256', implode("\0", [$name, $started->format('Uv'), $finished->format('Uv'), $cook])), 0, self::LONGEST_ID)
            : $this->cells->text('id');
        $minutes = Duration::ofMinutes($this->cells->number('planned_minutes') ?? 0.0);
        $log = Step::of(StepKind::Free, Pace::of($minutes, handsOn: false, timed: false));
        $stamp = static fn(string $what, StepKind $step): Stamp => Stamp::of(
            substr('row-' . $uid, 0, 58) . '-' . $what,
            $step->value,
            $finished,
        );

        return new ReadPot($this->line, $uid, [
            'uid' => $uid,
            'sauce' => $this->cells->word('sauce'),
            'name' => $name,
            'cook' => $cook === '' ? null : $cook,
            'place' => '',
            'started_at' => $started,
            'left_out' => false,
            'question' => [],
            'plan' => Plan::of([$log, Step::of(StepKind::Finish, Pace::moment())], promise: $this->promise()),
        ], [new Done($stamp('done', StepKind::Free)), new Finished($stamp('over', StepKind::Finish), $outcome)]);
    }

    private function promise(): ?Promise
    {
        $planned = $this->volume('planned_litres');

        return $planned === null || $planned->cubicMetres <= 0.0
            ? null
            : Promise::noted($planned, $this->cells->enum('planned_spoon', SpoonWord::class));
    }

    /** @throws Refused */
    private function outcome(): ?Outcome
    {
        [$came, $spoon, $nothing] = [$this->volume('litres'), $this->cells->enum('spoon', SpoonWord::class), Volume::ofLitres(0.0)];
        if ($came === null || $spoon === null) {
            return null;
        }
        try {
            return Outcome::of($came, $spoon, $this->cells->enum('colour', Colour::class))
                ->saying($this->cells->text('taste'), $this->cells->text('change'))
                ->keeping($this->volume('held_litres') ?? $nothing, $this->volume('cooled_litres') ?? $nothing);
        } catch (OutOfRange $refusal) {
            throw $refusal->quantity === 'what-was-kept'
                ? Refused::fault(
                    $this->line,
                    'held_litres',
                    FieldFault::of('', 'more_than_all', ['litres' => TypedNumber::plain($came->inLitres())]),
                )
                : Refused::fault($this->line, 'litres', Number::between(0.001, self::MOST_LITRES, ' l')->outside(''));
        }
    }

    private function volume(string $column): ?Volume
    {
        $litres = $this->cells->number($column);

        return $litres === null ? null : Volume::ofMillilitres(round(1000.0 * $litres, 1));
    }

    private function moment(string $column): ?DateTimeImmutable
    {
        return CsvMoment::meant($this->cells->text($column));
    }
}
