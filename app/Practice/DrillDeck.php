<?php

declare(strict_types=1);

namespace App\Practice;

use App\Eye\Trainee;
use App\Kitchen\Kitchen;
use App\Kitchen\OwnPan;
use App\Models\DrillCard;
use App\Models\EyeReading;
use App\Models\Pot;
use App\Records\Moment;
use Carbon\CarbonImmutable;
use Lento\Compose\Base;
use Lento\Drill\Drill;
use Lento\Drill\DrillKind;
use Lento\Drill\DrillMaker;
use Lento\Drill\DrillSource;
use Lento\Drill\LeitnerBox;
use Lento\Exception\LentoException;
use Lento\Pot\Pan;
use Lento\Practice\Draw;
use Lento\Thickness\SpoonWord;

/** The cards of one cook: which is due, what it asks, and when it comes back. */
final readonly class DrillDeck
{
    /** Seeds that are tried for a card that is to come back. */
    private const TRIES = 80;

    /** Of the last pots: their sauces are the kitchen's. */
    private const LOOKED_AT = 40;

    private const LITRES = 2.0;

    public function __construct(private Kitchen $kitchen) {}

    /** The one that is due longest; one never asked before those that are not due yet. */
    public function next(Trainee $who): Card
    {
        $now = Moment::ms(CarbonImmutable::now());
        $cards = DrillCard::query()->where('cook_key', $who->key)->orderBy('due_at_ms')->get();
        $due = $cards->filter(static fn(DrillCard $card): bool => $card->due_at_ms <= $now)->values();
        $seed = StartPractice::anySeed();
        $asked = array_map(static fn(DrillCard $card): string => explode(':', $card->card)[0], $cards->all());
        $new = array_values(array_filter(DrillKind::cases(), static fn(DrillKind $kind): bool => !in_array($kind->value, $asked, true)));
        $first = $due->first() ?? ($new === [] ? $cards->first() : null);
        $kind = $first === null
            ? $new[0] ?? DrillKind::Spoon
            : DrillKind::tryFrom(explode(':', $first->card)[0]) ?? DrillKind::Spoon;
        for ($i = 0; $first !== null && $i < self::TRIES; $i++) {
            $try = ($seed + $i * 7919) % Draw::MOST_SEED + 1;
            $sauce = $this->sauce($try);
            if ($this->drill($kind, $try, $sauce)->card() === $first->card) {
                return new Card($kind, $try, $sauce, $this->drill($kind, $try, $sauce), $due->count());
            }
        }
        $sauce = $this->sauce($seed);

        return new Card($kind, $seed, $sauce, $this->drill($kind, $seed, $sauce), $due->count());
    }

    /** The one that was asked, from what its page says of it. */
    public function asked(DrillKind $kind, int $seed, string $sauce): Card
    {
        return new Card($kind, $seed, $sauce, $this->drill($kind, $seed, $sauce), 0);
    }

    /** Written down once: whether it was right, and what the eye has read. */
    public function answered(Card $card, float $answer, Trainee $who): LeitnerBox
    {
        $right = $card->drill->isRight($answer);
        $row = DrillCard::query()->firstOrNew(['cook_key' => $who->key, 'card' => mb_substr($card->drill->card(), 0, 80)]);
        $box = LeitnerBox::of($row->box)->after($right);
        $row->fill([
            'box' => $box->number,
            'times' => $row->times + 1,
            'due_at_ms' => Moment::ms(CarbonImmutable::now()) + (int) (1000.0 * $box->waits()->seconds),
        ])->save();
        $call = $this->called($card->drill, $answer);
        $eye = $call === null ? null : $card->drill->eye($call);
        $actual = $card->drill->shown['actual'] ?? null;
        if ($eye !== null && is_float($actual)) {
            EyeReading::query()->create(['cook_key' => $who->key, 'kind' => $eye->kind, 'called' => $call, 'actual' => $actual]);
        }

        return $box;
    }

    /** What the eye took it for, in the unit of its kind. */
    private function called(Drill $drill, float $answer): ?float
    {
        $choice = $drill->choices[(int) $answer] ?? '';

        return match ($drill->kind) {
            DrillKind::Shade => (float) $choice,
            DrillKind::Depth => $answer,
            DrillKind::Spoon => CalledSpoon::grams(SpoonWord::tryFrom($choice), $drill->shown['actual'] ?? null),
            default => null,
        };
    }

    private function drill(DrillKind $kind, int $seed, string $sauce): Drill
    {
        return (new DrillMaker($this->source($sauce)))->drawn($kind, $seed);
    }

    private function source(string $sauce): DrillSource
    {
        $pans = array_values(array_map(static fn(OwnPan $own): Pan => $own->measured(), $this->kitchen->pans));
        $root = $this->kitchen->catalogue()->has($sauce) ? $this->kitchen->catalogue()->root($sauce) : Base::Bechamel;
        try {
            $plan = Wanted::of($this->kitchen->catalogue()->has($sauce) ? $sauce : $root->value, '', self::LITRES, $this->kitchen)->plan;
        } catch (LentoException) {
            $plan = Wanted::of(Base::Bechamel->value, '', self::LITRES, $this->kitchen)->plan;
        }

        return new DrillSource($pans === [] ? [Pan::wide(24.0)] : $pans, $plan, $root, $this->kitchen->larder());
    }

    /** One that this kitchen makes: what it has cooked of late, else any base. */
    private function sauce(int $seed): string
    {
        $cooked = Pot::query()->whereNotNull('sauce')->latest('id')->limit(self::LOOKED_AT)->pluck('sauce')->unique()->values()->all();
        $known = $this->kitchen->catalogue();
        $made = array_values(array_filter($cooked, static fn(mixed $sauce): bool => is_string($sauce) && $known->has($sauce)));
        $sauces = $made === [] ? array_column(Base::cases(), 'value') : $made;

        return $sauces[Draw::from($seed)->next()->below(count($sauces))];
    }
}
