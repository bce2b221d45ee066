<?php

declare(strict_types=1);

namespace App\Log;

use App\Family\ServiceKey;
use App\Kitchen\Kitchen;
use App\Questions\Answer;
use App\Questions\ComposeFields;
use App\Records\EventCodec;
use App\Records\Moment;
use App\Records\Node;
use App\Records\PlanCodec;
use App\Records\Unreadable;
use Lento\Course\Event;
use Lento\Course\EventKind;
use Lento\Course\Stamp;
use Lento\Exception\LentoException;
use Lento\Forecast\Band;
use Lento\Learning\KitchenFactors;
use Lento\Plan\Addition;
use Lento\Plan\Amount;
use Lento\Plan\Ladle;
use Lento\Plan\Making;
use Lento\Plan\Measured;
use Lento\Plan\Pace;
use Lento\Plan\Plan;
use Lento\Plan\Promise;
use Lento\Plan\Said;
use Lento\Plan\Shown;
use Lento\Plan\Step;
use Lento\Plan\StepKind;
use Lento\Plan\Tending;
use Lento\Plan\TendingKind;
use Lento\Plan\When;
use Lento\Quantity\Duration;
use Lento\Quantity\Length;
use Lento\Quantity\Mass;
use Lento\Quantity\Volume;
use Lento\Thickness\EquivalentFlour;
use Lento\Thickness\SpoonWord;
use Lento\Thickness\ThicknessClass;

/**
 * Pots as they were kept before plans: the fields of a form, a handful of promised numbers, steps by their order, events in one bag of
 * columns.
 *
 * Rows of that time and log files of version 1 become plans and events here, and nowhere else. What was promised stays: the steps with
 * their
 * minutes and the numbers are taken as they were written; only what was never written, the amounts of each step and the sauce, is worked
 * out from the question, in the kitchen as its pot knew it.
 */
final readonly class FirstFormat
{
    public function __construct(private Kitchen $kitchen) {}

    /**
     * @param array<string, mixed> $question fields of the form; nothing for a pot without a sheet
     * @param array<string, mixed> $plan
     * @param mixed $steps
     *
     * @throws Unreadable
     */
    public function plan(array $question, array $plan, mixed $steps, string $branch = ''): Plan
    {
        $node = Node::root($plan, 'plan');
        $old = array_map(self::step(...), Node::root($steps, 'steps')->all());
        if ($old === []) {
            throw Unreadable::at('steps', 'list');
        }
        $sheet = $question === [] ? null : $this->worked($question, $node);
        $kept = $this->steps($old, $sheet, $node);
        $promise = self::promise($node) ?? $sheet?->promise;
        $root = $node->maybe('root')?->text();
        [$sauce, $liquid] = ServiceKey::parts($branch);
        $making = $sheet->making ?? ($root === null ? null : Making::of($sauce === '' ? 'of-' . $root : $sauce, $root, $liquid, $root));

        return $node->into(static fn(): Plan => Plan::of($kept, $making, $promise, $sheet?->cooking));
    }

    /**
     * What was to be ladled off, told by the name of its sauce then.
     *
     * @param array<string, mixed> $plan
     * @param array<string, string> $branches of its service, by the names of their sauces in small letters
     *
     * @return list<Ladle>
     */
    public function ladles(array $plan, array $branches = []): array
    {
        return array_map(static function (Node $one) use ($branches): Ladle {
            $for = $one->get('for')->text();
            $branch = $branches[mb_strtolower($for)] ?? '';
            [$sauce, $liquid] = $branch === '' ? [$for, ''] : ServiceKey::parts($branch);

            return $one->into(
                static fn(Node $one): Ladle => new Ladle($branch, $sauce, $liquid, Volume::ofLitres($one->get('litres')->float())),
            );
        }, Node::root($plan, 'plan')->maybe('ladles')?->all() ?? []);
    }

    /**
     * An event as a row of that time.
     *
     * @param array<string, mixed> $row
     * @param array<string, mixed>|null $outcome of its pot
     */
    public function eventOfRow(array $row, Plan $plan, ?array $outcome): Event
    {
        $whole = static fn(string $column): int => is_numeric($row[$column] ?? null) ? max(0, (int) $row[$column]) : 0;
        $text = static fn(string $column): string => is_string($row[$column] ?? null) ? $row[$column] : '';

        return $this->event([
            'id' => $text('token'),
            'at' => $whole('at_ms'),
            'kind' => $text('kind'),
            'step' => $whole('step'),
            'pour' => $whole('pour'),
            'seconds' => $whole('seconds'),
            'goes_to' => isset($row['goes_to']) ? $whole('goes_to') : null,
            'value' => is_numeric($row['value'] ?? null) ? (float) $row['value'] : null,
            'choice' => $text('choice'),
            'text' => $text('text'),
            'undoes' => $text('undoes'),
        ], $plan, $outcome);
    }

    /**
     * @param array{id: string, at: int, kind: string, step: int, pour: int, seconds: int, goes_to: int|null, value: float|null,
     * choice: string, text: string, undoes: string} $old
     * @param array<string, mixed>|null $outcome of its pot, which a finished event had none of
     *
     * @throws Unreadable
     */
    public function event(array $old, Plan $plan, ?array $outcome): Event
    {
        $step = $plan->steps[$old['step']] ?? null;
        $id = static fn(?int $at): string => $at === null ? '' : $plan->steps[$at]->id ?? '';
        [$value, $choice, $text] = [$old['value'] ?? 0.0, $old['choice'], $old['text']];
        $fields = match (EventKind::tryFrom($old['kind'])) {
            EventKind::Done => $id($old['goes_to']) === '' ? [] : ['to' => $id($old['goes_to'])],
            EventKind::Poured, EventKind::Unpoured => ['addition' => $step->additions[$old['pour']]->id ?? 'pour-' . ($old['pour'] + 1)],
            EventKind::MoreTime => ['s' => (float) $old['seconds']],
            EventKind::Tended => ['visit' => $choice],
            EventKind::Heat => ['heat' => $choice],
            EventKind::Read => ['reading' => $choice, 'si' => $value],
            EventKind::Tasted => ['taste' => $choice],
            EventKind::ToppedUp => ['m3' => $value],
            EventKind::Thickened => ['means' => $choice, 'kg' => $value],
            EventKind::Rescued => self::rescued($choice, $text),
            EventKind::FollowedUp => ['how' => $choice, 'rescue' => $text],
            EventKind::Moved => ['place' => $choice],
            EventKind::TakenOver => ['cook' => $text],
            EventKind::Kept => ['kept' => $choice],
            EventKind::LadledOff => ['m3' => $value, ...self::branch($old['id']), 'for' => $text],
            EventKind::Note => ['text' => $text],
            EventKind::Undone => ['undoes' => $old['undoes']],
            EventKind::Finished => $outcome === null ? [] : ['outcome' => self::outcome($outcome)],
            default => [],
        };

        return EventCodec::event(
            $old['kind'],
            Stamp::of($old['id'], $step->id ?? (string) $old['step'], Moment::of($old['at'])),
            Node::root($fields, 'event'),
        );
    }

    /**
     * Its sheet worked out as its pot was worked out at every look: from the question, in the kitchen as it was known when it was put on.
     *
     * @param array<string, mixed> $question
     */
    private function worked(array $question, Node $plan): ?Plan
    {
        $factors = $plan->maybe('factors');
        try {
            return Answer::to(
                ComposeFields::from($question),
                $this->kitchen,
                $factors === null ? KitchenFactors::house() : PlanCodec::toFactors($factors),
            )->sheet?->plan();
        } catch (LentoException) {
            return null;
        }
    }

    /**
     * The steps as they were promised, with what is known of them now.
     *
     * @param non-empty-list<array{StepKind, Pace, int}> $old kind, pace, how many ticks
     *
     * @return non-empty-list<Step>
     */
    private function steps(array $old, ?Plan $sheet, Node $plan): array
    {
        $lines = $plan->maybe('lines')?->all() ?? [];
        [$steps, $used] = [[], []];
        foreach ($old as $i => [$kind, $pace, $ticks]) {
            $nth = $used[$kind->value] = ($used[$kind->value] ?? 0) + 1;
            $same = array_values(array_filter($sheet->steps ?? [], static fn(Step $step): bool => $step->kind === $kind))[$nth - 1] ?? null;
            $step = $same === null
                ? Step::of($kind, $pace)
                : $same->at(
                    Pace::of(
                        $pace->time,
                        $pace->handsOn,
                        $pace->timed,
                        $pace->tendings,
                        $same->pace->band?->scaledTo($pace->time->inMinutes()),
                    ),
                );
            $said = isset($lines[$i]) ? self::said($lines[$i]) : null;
            $step = $said === null ? $step : $step->saying($said);
            $steps[] = count($step->additions) === $ticks ? $step : $step->ticking(self::ticks($ticks, $said, $step->amounts));
        }

        return Step::numbered($steps);
    }

    /**
     * What was ticked one by one then, and is one act today; or of which only is known how many there were, and perhaps what they were
     * called.
     *
     * @param list<Amount> $amounts that are used at it today
     *
     * @return list<Addition>
     */
    private static function ticks(int $count, ?Said $said, array $amounts): array
    {
        if ($said === null && $count === count($amounts)) {
            return array_map(static fn(Amount $amount): Addition => Addition::of($amount->ingredient, $amount), $amounts);
        }

        return array_map(
            static fn(int $i): Addition => Addition::of(
                'pour-' . ($i + 1),
                new Amount($said->ticks[$i] ?? '', Mass::ofGrams(0.0), new Measured(null), When::Pour),
            ),
            $count < 1 ? [] : range(0, $count - 1),
        );
    }

    private static function said(Node $line): Said
    {
        return new Said(
            $line->maybe('title')?->text() ?? '',
            $line->maybe('cue')?->text() ?? '',
            $line->maybe('caution')?->text() ?? '',
            array_map(static fn(Node $tick): string => $tick->text(), $line->maybe('ticks')?->all() ?? []),
        );
    }

    /** @return array{StepKind, Pace, int} */
    private static function step(Node $node): array
    {
        $visits = [];
        foreach ($node->maybe('tendings')?->named() ?? [] as $kind => $every) {
            $visits[] = new Tending(
                Node::root($kind, 'tendings')->one(TendingKind::class),
                $every->into(static fn(Node $every): Duration => Duration::ofSeconds($every->float())),
            );
        }

        return [
            $node->get('kind')->one(StepKind::class),
            $node->into(
                static fn(Node $node): Pace => Pace::of(
                    Duration::ofSeconds($node->get('seconds')->float()),
                    $node->get('hands_on')->yes(),
                    $node->get('timed')->yes(),
                    $visits,
                ),
            ),
            $node->maybe('pours')?->whole() ?? 0,
        ];
    }

    private static function promise(Node $plan): ?Promise
    {
        $volume = $plan->maybe('yield_ml');
        $spoon = $plan->maybe('spoon')?->one(SpoonWord::class);
        $grams = $plan->maybe('flour_equivalent_g_per_l')?->float();
        if ($volume === null) {
            return null;
        }
        $foreseen = $plan->maybe('foreseen');
        $band = $foreseen?->maybe('flour')?->floats();

        return $volume->into(
            static fn(Node $volume): Promise => $spoon === null || $grams === null
                ? Promise::noted(Volume::ofMillilitres($volume->float()), $spoon)
                : Promise::of(
                    Volume::ofMillilitres($volume->float()),
                    new Shown($spoon, Length::ofMillimetres($plan->maybe('film_mm')?->float() ?? 0.0)),
                    EquivalentFlour::ofGramsPerLitre($grams),
                    Band::between(min($band[0] ?? $grams, $grams), $grams, max($band[2] ?? $grams, $grams)),
                    array_map(
                        static fn(Node $class): ThicknessClass => $class->one(ThicknessClass::class),
                        $foreseen?->maybe('could_be')?->all() ?? [],
                    ),
                    0.0,
                ),
        );
    }

    /** @return array<string, mixed> */
    private static function rescued(string $choice, string $text): array
    {
        [$fault, $remedy] = [...explode(':', $choice), ''];
        $amounts = (array) json_decode($text, true);

        return [
            'fault' => $fault,
            'remedy' => $remedy,
            ...array_filter(
                ['m3' => $amounts['liquid_m3'] ?? null, 'kg' => $amounts['solid_kg'] ?? null, 'means' => $amounts['means'] ?? null],
                static fn(mixed $amount): bool => $amount !== null,
            ),
        ];
    }

    /**
     * The branch was in the id of the ladle.
     *
     * @return array{branch?: string}
     */
    private static function branch(string $id): array
    {
        $at = strpos($id, '|');

        return $at === false ? [] : ['branch' => substr($id, $at + 1)];
    }

    /**
     * @param array<string, mixed> $outcome
     *
     * @return array<string, mixed>
     */
    private static function outcome(array $outcome): array
    {
        $cubic = static fn(string $name): ?float => isset($outcome[$name]) && is_numeric($outcome[$name]) && $outcome[$name] > 0.0
            ? $outcome[$name] / 1e6
            : null;
        $text = static fn(string $name): ?string => is_string($outcome[$name] ?? null) && $outcome[$name] !== '' ? $outcome[$name] : null;

        return array_filter(
            [
                'm3' => $cubic('volume_ml'),
                'spoon' => $text('spoon'),
                'colour' => $text('colour'),
                'taste' => $text('taste'),
                'change' => $text('change'),
                'held_m3' => $cubic('hold_ml'),
                'cooled_m3' => $cubic('cool_ml'),
            ],
            static fn(float|string|null $value): bool => $value !== null,
        );
    }
}
