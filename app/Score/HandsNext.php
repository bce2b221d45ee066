<?php

declare(strict_types=1);

namespace App\Score;

use App\Formats\Json;
use App\Models\Pot;
use App\Models\Score;
use App\People\Here;
use App\Stove\PotsOn;
use App\Stove\Ticket;
use Carbon\CarbonImmutable;
use Lento\Course\CallKind;

/** Who does what next, across all pots, by the plan that was last told. Asked for once a page, and planned by none. */
final class HandsNext
{
    /** Hours before the first thing of a service from which on a page says so, and after its last for which it still does. */
    private const AHEAD = 2;
    private const AFTER = 4;

    /** Minutes after which a look that nobody marked is taken for made. */
    private const LOOKED = 3;

    /** @var array{int, list<ToldHand>}|null */
    private ?array $told = null;

    public function __construct(private readonly PotsOn $potsOn, private readonly Here $here) {}

    /** The service that it is all about; null where there is none now. */
    public function service(): ?int
    {
        return $this->told()[1] === [] ? null : $this->told()[0];
    }

    /** @return array<string, ToldHand> what each cook has, or has next, by name */
    public function each(): array
    {
        $next = [];
        foreach ($this->open() as $hand) {
            if (!$hand->isALook || $hand->at->diffInMinutes(CarbonImmutable::now()) < self::LOOKED) {
                $next[$hand->cook] ??= $hand;
            }
        }
        ksort($next);

        return $next;
    }

    /** What the cook at this tablet has, or has next. */
    public function mine(): ?ToldHand
    {
        return $this->here->isEntered() ? $this->each()[$this->here->presence()->name] ?? null : null;
    }

    /**
     * What each cook has next at a pot that is none of these.
     *
     * @param list<Ticket> $seen
     *
     * @return array<string, ToldHand>
     */
    public function unseen(array $seen): array
    {
        $pots = array_map(
            fn(Ticket $one): string => $one->of !== null && $one->of->service === $this->service() ? $one->of->branch : '',
            $seen,
        );

        return array_filter($this->each(), static fn(ToldHand $one): bool => !in_array($one->pot, $pots, true));
    }

    /** Whose the next call of a pot is: by the score, else who stands at it. */
    public function cookOf(Ticket $ticket): string
    {
        if ($ticket->of === null || $ticket->of->service !== $this->service()) {
            return $ticket->cook;
        }
        $wantsHands = in_array($ticket->kind, [CallKind::Hands, CallKind::Timer], true);
        $calls = $ticket->calls ?? CarbonImmutable::now();
        $best = null;
        foreach ($this->open() as $hand) {
            if ($hand->pot === $ticket->of->branch && $hand->isALook !== $wantsHands) {
                $far = $wantsHands ? 0 : abs($hand->at->getTimestamp() - $calls->getTimestamp());
                $best = $best === null || $far < $best[1] ? [$hand->cook, $far] : $best;
            }
        }

        return $best[0] ?? $ticket->cook;
    }

    /** @return list<ToldHand> what is not done yet */
    private function open(): array
    {
        $steps = [];
        foreach ($this->potsOn->tickets() as $ticket) {
            if ($ticket->of !== null && $ticket->of->service === $this->told()[0]) {
                $steps[$ticket->of->branch] = $ticket->of->step;
            }
        }

        return array_values(array_filter(
            $this->told()[1],
            // What the stove knows nothing of, washing and heating, is done when it is time for it.
            static fn(ToldHand $one): bool => $one->last === null
                ? $one->at->addMinutes($one->minutes)->isFuture()
                : !isset($steps[$one->pot]) || $one->last >= $steps[$one->pot],
        ));
    }

    /** @return array{int, list<ToldHand>} of the service that is on now, or is next */
    private function told(): array
    {
        if ($this->told !== null) {
            return $this->told;
        }
        $now = CarbonImmutable::now();
        foreach (Score::query()->whereNotNull('hands')->latest('updated_at')->limit(3)->get(['service_id', 'hands']) as $row) {
            $hands = array_map(static fn(array $one): ToldHand => ToldHand::read(Json::of($one)), $row->hands ?? []);
            $isNow = $hands !== [] && $hands[0]->at->subHours(self::AHEAD) < $now
                && $hands[count($hands) - 1]->at->addHours(self::AFTER) > $now;
            if ($isNow) {
                $done = Pot::query()->where('service_id', $row->service_id)->whereNotNull('finished_at')->where('given_up', false)
                    ->pluck('branch')->all();

                return $this->told = [$row->service_id, array_values(array_filter(
                    $hands,
                    static fn(ToldHand $one): bool => !in_array($one->pot, $done, true),
                ))];
            }
        }

        return $this->told = [0, []];
    }
}
