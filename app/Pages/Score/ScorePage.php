<?php

declare(strict_types=1);

namespace App\Pages\Score;

use App\Format\Minutes;
use App\Format\ScoreCost;
use App\Format\ScoreWords;
use App\Format\Station;
use App\Format\Words;
use App\Kitchen\Kitchen;
use App\Score\ChangeWords;
use App\Score\KeepScore;
use App\Score\Said;
use App\Score\ScoreReading;
use App\Score\ServiceScore;
use App\Score\ShownScore;
use Lento\Quantity\Duration;
use Lento\Score\After;
use Lento\Score\Answer;
use Lento\Score\Change;
use Lento\Score\Changed;
use Lento\Score\ChangeKind;
use Lento\Score\Evenings;
use Lento\Score\Interval;
use Lento\Score\Offers;
use Lento\Score\Placed;
use Lento\Score\Planner;

/** A whole service in time: drawn as a score, and as a list of who does what when. */
final readonly class ScorePage
{
    /** How wide the hours are drawn, of what fits a tablet. */
    public const ZOOMS = [1, 2, 4];

    public int $serviceId;

    public ?ScorePicture $picture;

    public ?ScoreList $list;

    /** @var list<string> why there is no plan; none where there is one */
    public array $why;

    private ?Answer $answer;

    public ?NotePanel $panel;

    private ?ScoreReading $reading;

    /** What happened beside what was told; null before it is over. */
    public ?After $after;

    /**
     * @param ShownScore|null $shown null where there is nothing to plan
     * @param list<Offers> $offers what can be done, where that was asked for
     */
    public function __construct(
        public ServiceScore $score,
        private ?ShownScore $shown,
        public Kitchen $kitchen,
        public ScoreAsked $asked,
        public int $left,
        private array $offers = [],
    ) {
        $this->after = KeepScore::after($score);
        $this->serviceId = $score->service->service;
        $answer = $shown?->answer;
        $this->answer = $answer instanceof Answer ? $answer : null;
        $drawn = $shown === null || $this->answer === null ? null : new ScoreReading($score, $shown->instance, $this->answer, $kitchen);
        $this->reading = $drawn;
        $this->panel = $this->panel($asked);
        $this->picture = $drawn === null ? null : new ScorePicture($drawn, $asked->zoom, $this->rooms());
        $this->list = $drawn === null ? null : new ScoreList($drawn);
        $why = [];
        foreach (is_array($answer) ? $answer : [] as $one) {
            $why[] = ScoreWords::impossible($one, $shown->instance ?? throw new \LogicException('nothing was planned'));
        }
        $this->why = $score->refusal === '' ? $why : [$score->refusal];
    }

    /** @return array<string, Interval> between which minutes each thing can move by itself */
    private function rooms(): array
    {
        return $this->shown === null || $this->answer === null
            ? []
            : Planner::rooms($this->shown->instance, $this->answer->solution);
    }

    private function panel(ScoreAsked $asked): ?NotePanel
    {
        $task = $this->reading?->task($asked->note);

        return $task === null
            ? null
            : new NotePanel($this->reading, $task, $this->rooms()[$task->id] ?? null, $asked->typed);
    }

    /** Whether the page asks for a better plan by itself: not while somebody has a note in hand. */
    public function looksFurther(): bool
    {
        return $this->left > 0 && $this->why === [] && $this->panel === null && $this->asked->fault === '';
    }

    /** Whether the page hears of what happens at the stoves: while pots are on, and nobody has a note in hand. */
    public function listens(): bool
    {
        return $this->score->isLive() && $this->panel === null && !$this->asked->isBusy();
    }

    /** Whether something is not as one would have it, for which there may be a way. */
    public function hasOffers(): bool
    {
        $worth = $this->answer?->objective;

        return $worth !== null && $this->left === 0 && $worth->clashes + $worth->late > 0;
    }

    /** @return list<array{what: list<string>, fields: array<string, string>, cost: list<string>, best: bool}> */
    public function offers(): array
    {
        $says = [];
        if ($this->shown === null) {
            return [];
        }
        foreach ($this->offers as $k => $offer) {
            $what = array_map($this->changeWords(...), $offer->changes);
            $says[] = [
                'what' => $what,
                'fields' => OfferFields::of($offer->changes, $this->score->day),
                'cost' => ScoreCost::words($offer->price, Changed::of($this->shown->instance, $offer->changes)),
                'best' => $k === 0,
            ];
        }

        return $says;
    }

    /** What had been said when this page was drawn, for the server to see what was said since. */
    public function saw(): string
    {
        return implode(' ', array_map(static fn(Said $one): string => $one->mark(), $this->score->said));
    }

    /** @return list<array{what: string, by: string, cost: string, place: int, mark: string}> what was said by hand, the last first */
    public function said(): array
    {
        $says = [];
        foreach ($this->score->said as $place => $said) {
            $says[] = [
                'what' => $this->changeWords($said->change),
                'by' => $said->by,
                'cost' => implode('; ', $said->cost),
                'place' => $place,
                'mark' => $said->mark(),
            ];
        }

        return array_reverse($says);
    }

    /** @return array{of: string, cost: string}|null what could be left as it is: a look that nobody has time for */
    public function canLeave(): ?array
    {
        $clash = $this->reading?->clashes()[0] ?? null;

        return $clash === null ? null : [
            'of' => $clash[0]->id,
            'cost' => trans_choice(
                'score.trouble.clashes',
                $this->answer->objective->clashes ?? 1,
                ['count' => $this->answer->objective->clashes ?? 1],
            ),
        ];
    }

    private function changeWords(Change $change): string
    {
        $instance = $this->score->instance;

        return $instance === null ? '' : ChangeWords::of($change, $instance, $this->score->day, $this->kitchen);
    }

    /** @return array<string, string> who may go and which ring may fail, by how a form says it */
    public function canFail(): array
    {
        $names = [];
        foreach ($this->reading->cooks ?? [] as $cook) {
            $names['away ' . $cook] = $cook;
        }
        foreach ($this->score->instance->galley->rings ?? [] as $ring) {
            $names['out ' . $ring->id] = Station::named($ring->id, $this->kitchen)->name ?? $ring->id;
        }

        return $names;
    }

    public function title(): string
    {
        return $this->score->service->fields->name === '' ? Words::text('family.untitled') : $this->score->service->fields->name;
    }

    /** "Begin at 13:05, served at 19:30. Cannot start later." */
    public function summary(): string
    {
        $instance = $this->score->instance;
        if ($this->answer === null || $instance === null) {
            return '';
        }

        return Words::text(
            $this->score->isLive() ? 'score.summary_live' : 'score.summary',
            first: $this->score->day->clock($this->first($this->answer)),
            served: $this->score->day->clock($instance->end()),
            sure: ScoreWords::sure($this->answer),
        );
    }

    private function first(Answer $answer): int
    {
        return min([PHP_INT_MAX, ...array_values(array_map(static fn(Placed $one): int => $one->start, $answer->solution->tasks))]);
    }

    /** @return list<string> what is not as one would have it, each in a sentence */
    public function troubles(): array
    {
        if ($this->answer === null) {
            return [];
        }
        $worth = $this->answer->objective;
        // One that was left as it is was seen.
        $isLeft = in_array(ChangeKind::Leave, array_map(static fn(Said $one): ChangeKind => $one->change->kind, $this->score->said), true);
        $clashes = $isLeft ? 0 : $worth->clashes;

        return [...$this->crowded(), ...array_values(array_filter([
            $clashes > 0 ? trans_choice('score.trouble.clashes', $clashes, ['count' => $clashes]) : '',
            $worth->late > 0 ? Words::text('score.trouble.late', minutes: (string) $worth->late) : '',
            $worth->held > 0 ? Words::text('score.trouble.held', minutes: (string) $worth->held) : '',
        ], static fn(string $one): bool => $one !== '')), ...$this->standing()];
    }

    /** @return list<string> pots that are on, for which no ring is left */
    private function crowded(): array
    {
        $placed = [];
        foreach ($this->shown->instance->work->stays ?? [] as $stay) {
            $placed[$stay->id] = true;
        }
        $says = [];
        foreach ($this->score->instance->work->stays ?? [] as $stay) {
            if (!isset($placed[$stay->id])) {
                $says[] = Words::text('score.trouble.no_ring', sauce: $this->list?->name(explode(':', $stay->id)[0]) ?? '');
            }
        }

        return array_values(array_unique($says));
    }

    /** @return list<string> */
    private function standing(): array
    {
        $says = [];
        $planned = $this->score->instance;
        foreach ($planned === null ? [] : $this->shown?->standTooLong($planned) ?? [] as $pot => [$stands, $may]) {
            $says[] = Words::text(
                'score.trouble.stands',
                sauce: $this->list?->name($pot) ?? '',
                stands: Minutes::text(Duration::ofMinutes((float) $stands)),
                may: Minutes::text(Duration::ofMinutes((float) $may)),
            );
        }

        return $says;
    }

    /** Whether pots are on that nobody has a plan for. */
    public function isUntold(): bool
    {
        return $this->score->isLive() && $this->answer !== null && $this->shown?->told === null;
    }

    /** @return list<string> "Béchamel, pour, whisk: 17:20, was 17:14", the soonest first */
    public function moves(): array
    {
        $moves = [];
        foreach ($this->shown?->moves() ?? [] as $task => [$was, $is]) {
            $moves[] = Words::text(
                'score.moved',
                what: $this->list?->what($task) ?? '',
                at: $this->score->day->clock($is),
                was: $this->score->day->clock($was),
            );
        }

        return $moves;
    }

    /** @return list<string> how often each sauce was late in a hundred evenings drawn by chance, and what would help most */
    public function evenings(): array
    {
        if ($this->shown === null || $this->answer === null || $this->list === null) {
            return [];
        }
        $evenings = Evenings::of($this->shown->instance, $this->answer->solution);
        $says = [];
        foreach ($this->shown->instance->work->sauces as $sauce) {
            if ($sauce->service !== null) {
                $late = $evenings->late[$sauce->id];
                $says[] = Words::text(
                    $late === 0 ? 'score.evenings.never' : 'score.evenings.late',
                    sauce: $sauce->name,
                    late: (string) $late,
                    of: (string) $evenings->count,
                    minutes: sprintf('%.0F', max(1.0, $evenings->minutes[$sauce->id])),
                );
            }
        }

        return $evenings->helps === null
            ? $says
            : [...$says, Words::text('score.evenings.helps', what: $this->list->what($evenings->helps))];
    }

    /** @return list<array{what: string, told: string, was: string, by: string}> each sauce that was served */
    public function sauces(): array
    {
        $rows = [];
        foreach ($this->after->ready ?? [] as $sauce => [$told, $was]) {
            $day = $this->score->day;
            $rows[] = [
                'what' => $this->list?->name($sauce) ?? '',
                'told' => $day->clock($told),
                'was' => $day->clock($was),
                'by' => self::more($was - $told),
            ];
        }

        return $rows;
    }

    /** @return list<array{what: string, told: string, was: string, by: string}> each cook, by minutes with hands full */
    public function handsHad(): array
    {
        return self::minutes($this->after->hands ?? [], static fn(string $cook): string => $cook);
    }

    /** @return list<array{what: string, told: string, was: string, by: string}> what took most longer than it was to */
    public function tookLonger(): array
    {
        return self::minutes($this->after->longest ?? [], fn(string $task): string => $this->list?->what($task) ?? '');
    }

    /**
     * @param array<string, array{int, int}> $rows minutes told, and had
     * @param callable(string): string $named
     *
     * @return list<array{what: string, told: string, was: string, by: string}>
     */
    private static function minutes(array $rows, callable $named): array
    {
        $says = [];
        foreach ($rows as $id => [$told, $was]) {
            $says[] = [
                'what' => $named($id),
                'told' => Words::text('score.after.min', minutes: (string) $told),
                'was' => Words::text('score.after.min', minutes: (string) $was),
                'by' => self::more($was - $told),
            ];
        }

        return $says;
    }

    private static function more(int $minutes): string
    {
        return match (true) {
            $minutes > 0 => Words::text('score.after.more', minutes: (string) $minutes),
            $minutes < 0 => Words::text('score.after.less', minutes: (string) -$minutes),
            default => Words::text('score.after.as_told'),
        };
    }

    /** Whether rings had to be assumed, because nobody has told of any. */
    public function assumesRings(): bool
    {
        return $this->kitchen->hobs === [];
    }
}
