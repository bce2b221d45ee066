<?php

declare(strict_types=1);

namespace App\Pages\Practice;

use App\Format\DeedWords;
use App\Format\Grams;
use App\Format\Litres;
use App\Format\LookWords;
use App\Format\MeasureWords;
use App\Format\StepWords;
use App\Format\Words;
use App\Practice\Row;
use Lento\Heat\HobHeat;
use Lento\Larder\Ingredient;
use Lento\Larder\Role;
use Lento\Plan\Step;
use Lento\Plan\StepKind;
use Lento\Pot\Lid;
use Lento\Pot\SimmerLevel;
use Lento\Practice\Deed;
use Lento\Practice\DeedKind;
use Lento\Practice\Exercise;
use Lento\Practice\Look;
use Lento\Practice\Phase;
use Lento\Practice\Played;
use Lento\Practice\PracticePot;
use Lento\Quantity\Mass;
use Lento\Quantity\Volume;
use Lento\Thickness\SpoonWord;

/** The panel beside the practice pot: the step, what one perceives, what can be done, what was read last. */
final readonly class PracticePage
{
    /** s in which all of a step's liquid runs out of a jug that is held over the pan. */
    private const POURS_IN = 30.0;

    private const SLOWEST = 20.0;

    /** g of salt that a pinch of it is offered as, where no step wants any. */
    private const PINCH = 2.0;

    private const SPLASH = 50.0;

    private StepWords $words;

    public ?Step $step;

    public Look $look;

    /**
     * @param string $fault why the last thing could not be done
     * @param array<string, string> $typed the fields of it, which stay typed then
     */
    public function __construct(
        public Row $facts,
        private PracticePot $pot,
        public Played $played,
        public ?Deed $advice,
        public string $fault = '',
        private array $typed = [],
    ) {
        $this->words = StepWords::of($pot->exercise->plan);
        $this->step = $pot->exercise->step($played->standing->step);
        $this->look = $pot->look($played->standing);
    }

    /** @return array<string, string> the keys of what can be measured; in a sauce the depth stands beside the litres that one calls */
    public function measures(): array
    {
        $keys = ['dip' => 'i', 'probe' => 'b', 'taste' => 'y', 'depth' => 'e', 'weigh' => 'w'];

        return $this->isSauce() ? array_diff_key($keys, ['depth' => '']) : $keys;
    }

    /** Litres by eye that were refused. */
    public function typedLitres(): string
    {
        return $this->typed['litres'] ?? '';
    }

    public function line(): string
    {
        return Words::text(
            'practice.line',
            sauce: $this->facts->name,
            litres: Litres::of(Volume::ofLitres($this->facts->litres))->text(),
            kitchen: Words::text('practice.kitchen.' . $this->facts->difficulty->value),
        );
    }

    public function isOver(): bool
    {
        return $this->step === null;
    }

    public function isStood(): bool
    {
        return $this->step !== null && $this->pot->exercise->isStood($this->step);
    }

    public function title(): string
    {
        return $this->step === null ? Words::text('practice.over') : $this->words->title($this->step);
    }

    /** @return list<array{name: string, state: string}> the steps of its sheet: done, now, or to come */
    public function sheet(): array
    {
        $now = $this->played->standing->step;
        $sheet = [];
        foreach ($this->pot->exercise->plan->steps as $at => $step) {
            $sheet[] = ['name' => StepWords::name($step), 'state' => $at < $now ? 'done' : ($at === $now ? 'now' : 'next')];
        }

        return $sheet;
    }

    /** @return array<string, string> what one can call a spoon before it is dipped, thin to thick */
    public function calls(): array
    {
        $calls = [];
        foreach (SpoonWord::cases() as $word) {
            $calls[$word->value] = Words::text('thickness.spoon.' . $word->value);
        }

        return $calls;
    }

    /** What is said to whoever wants help: without it the eye alone goes on. */
    public function cue(): string
    {
        return $this->step === null || !$this->facts->helped ? '' : $this->words->cue($this->step);
    }

    public function caution(): string
    {
        return $this->step === null ? '' : $this->words->caution($this->step);
    }

    /** What the last instrument told; '' where none was asked. */
    public function read(): string
    {
        $last = $this->played->deeds === [] ? null : $this->played->deeds[count($this->played->deeds) - 1];

        return $last === null || !$last->kind->measures() || $last->kind === DeedKind::Look
            ? ''
            : MeasureWords::of($this->pot->measured($last->kind, $this->played->standing));
    }

    /** What the button says that ends the step. */
    public function doneWords(): string
    {
        $colour = $this->step?->ends->colour;

        return match (true) {
            !$this->isStood() => Words::text('practice.done_written'),
            $colour !== null => Words::text('practice.done_colour', colour: Words::text('practice.stages.' . $colour->value)),
            default => Words::text('practice.done'),
        };
    }

    /**
     * What goes in here, the step's own first.
     *
     * @return list<array{what: string, name: string, grams: string, left: float, pours: bool, rate: float, words: string}>
     */
    public function adds(): array
    {
        if ($this->step === null || !$this->isStood()) {
            return [];
        }
        $adds = [];
        $liquid = $this->pot->exercise->cooking->liquid;
        $step = $this->step;
        if ($step->kind === StepKind::Pour) {
            $next = $step->additions[$this->played->standing->pours] ?? null;
            $all = array_sum(array_map(static fn($addition): float => $addition->amount->mass->inGrams(), $step->additions));
            $grams = $next?->amount->mass->inGrams() ?? self::SPLASH;

            return [$this->row($liquid->id, $grams, max(self::SLOWEST, $all / self::POURS_IN))];
        }
        foreach ($step->amounts as $amount) {
            if (!isset($this->played->standing->added[$amount->ingredient])) {
                $adds[] = $this->row($amount->ingredient, $amount->mass->inGrams(), 0.0);
            }
        }
        if ($this->look->phase === Phase::Sauce) {
            $salted = array_filter($adds, static fn(array $add): bool => $add['what'] === Exercise::SALT) !== [];
            $adds = [
                ...$adds,
                ...$salted ? [] : [$this->row(Exercise::SALT, self::PINCH, 0.0)],
                $this->row($liquid->id, self::SPLASH, self::SLOWEST),
            ];
        }

        return $adds;
    }

    /** @return array{what: string, name: string, grams: string, left: float, pours: bool, rate: float, words: string} */
    private function row(string $what, float $grams, float $rate): array
    {
        $kind = $this->pot->exercise->what($what);
        $pours = $rate > 0.0 || $kind instanceof Ingredient && $kind->role === Role::Liquid;

        return [
            'what' => $what,
            'name' => Words::ingredient($what),
            'grams' => ($this->typed['deed'] ?? '') === DeedKind::Add->value . ':' . $what
                ? $this->typed['grams'] ?? self::plain($grams)
                : self::plain($grams),
            'left' => $grams,
            'pours' => $pours,
            'rate' => max($rate, self::SLOWEST),
            'words' => Words::text('practice.add', what: Grams::of(Mass::ofGrams($grams))->text() . ' ' . Words::ingredient($what)),
        ];
    }

    private static function plain(float $grams): string
    {
        return $grams >= 20.0 ? (string) round($grams) : rtrim(rtrim(number_format($grams, 1, '.', ''), '0'), '.');
    }

    public function heat(): ?HobHeat
    {
        return $this->played->standing->pot->setting->heating->hob;
    }

    public function simmer(): ?SimmerLevel
    {
        return $this->played->standing->pot->setting->heating->simmer;
    }

    public function isOff(): bool
    {
        return $this->played->standing->pot->setting->heating->flux() <= 0.0;
    }

    public function isStirred(): bool
    {
        return $this->played->standing->pot->setting->stirring > 0.0;
    }

    public function lid(): Lid
    {
        return $this->played->standing->pot->setting->lid;
    }

    public function isSauce(): bool
    {
        return $this->look->phase === Phase::Sauce;
    }

    public function mayBeWritten(): bool
    {
        return $this->isStood() && ($this->played->standing->added === [] || $this->step?->amounts === []);
    }

    /** What careful hands would do next, in words; '' without help, or where all is done. */
    public function adviceWords(): string
    {
        return $this->advice === null || !$this->facts->helped
            ? ''
            : DeedWords::advice($this->advice, $this->played->standing->second());
    }

    /** @return array{deed: string, at: int, grams: string}|null the same as the page sends it */
    public function adviceDeed(): ?array
    {
        $deed = $this->advice;

        return $deed === null ? null : [
            'deed' => match ($deed->kind) {
                DeedKind::Add => 'add:' . $deed->what,
                DeedKind::Stir => 'stir:' . $deed->amount,
                DeedKind::Heat => 'heat:' . ($deed->way->value ?? 'off'),
                DeedKind::Look => 'wait:' . ($deed->at - $this->played->standing->second()),
                DeedKind::Hold, DeedKind::Lid => $deed->kind->value . ':' . ($deed->way->value ?? ''),
                default => $deed->kind->value,
            },
            'at' => $deed->kind === DeedKind::Look ? $this->played->standing->second() : $deed->at,
            'grams' => $deed->kind === DeedKind::Add ? (string) round($deed->amount, 3) : '',
        ];
    }

    /** @return array{smell: string, sound: string, sights: string} */
    public function senses(): array
    {
        return LookWords::of($this->look);
    }

    public function clock(): string
    {
        return self::minutes($this->played->standing->second());
    }

    public static function minutes(int $second): string
    {
        return intdiv($second, 60) . ':' . str_pad((string) ($second % 60), 2, '0', STR_PAD_LEFT);
    }
}
