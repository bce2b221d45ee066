<?php

declare(strict_types=1);

namespace Tests\Core\Family;

use Lento\Family\Catalogue;
use Lento\Family\Derived;
use Lento\Family\Service;
use Lento\Family\ServiceFlow;
use Lento\Family\Wish;
use Lento\Family\Workplace;
use Lento\Heat\HobHeat;
use Lento\Larder\Fat;
use Lento\Larder\Ingredient;
use Lento\Larder\Larder;
use Lento\Larder\Role;
use Lento\Pot\SimmerLevel;
use Lento\Procedure\ActKind;
use Lento\Procedure\Fate;
use Lento\Procedure\Worked;
use Lento\Quantity\Duration;
use Lento\Quantity\Mass;
use Lento\Quantity\Temperature;
use Lento\Quantity\Volume;
use Lento\Simulation\Action;
use Lento\Simulation\Hands;
use Lento\Simulation\HeatedPan;
use Lento\Simulation\Heating;
use Lento\Simulation\Ledger;
use Lento\Simulation\PotState;
use Lento\Simulation\SauceInPan;
use Lento\Simulation\Setting;
use Lento\Simulation\Watch;
use Lento\Thickness\Sauce;
use RuntimeException;

/** A derivative cooked second by second by the simulated kitchen, from its composed base, as its acts say. */
final class FamilyPots
{
    private const LONGEST_SECONDS = 4 * 3600;

    private PotState $state;

    private Setting $setting;

    private Hands $hands;

    private SauceInPan $simmer;

    private Watch $watch;

    private Larder $larder;

    /** @var list<string> what went wrong */
    private array $troubles = [];

    /** @var array<string, float> min that each reduction took */
    private array $minutes = [];

    private function __construct(private readonly Derived $derived)
    {
        $vessel = HeatedPan::of($derived->pan);
        [$this->hands, $this->simmer, $this->watch, $this->larder] = [
            new Hands($vessel),
            new SauceInPan($vessel),
            new Watch($vessel),
            Larder::house(),
        ];
        $this->setting = Setting::cold()->stirred(1.0);
        $this->state = PotState::emptyPan(95.0)->sauced($derived->taken->sauce->plus($this->before()), 95.0, Ledger::opened());
    }

    /** As the catalogue's sauce comes out of a service of its own. */
    public static function derived(string $sauce, float $litres): Derived
    {
        $catalogue = Catalogue::house();
        $liquid = $catalogue->liquids($sauce)[0];
        $flow = ServiceFlow::of(Service::of([new Wish($sauce, $liquid, Volume::ofLitres($litres))]), $catalogue, Workplace::house());

        return $flow->node("$sauce@$liquid")->derived ?? throw new RuntimeException("no $sauce");
    }

    /** @return array{sauce: Sauce, troubles: list<string>, minutes: array<string, float>} */
    public static function cook(Derived $derived): array
    {
        $pot = new self($derived);
        foreach ($derived->acts as $done) {
            $pot->do($done);
        }

        return ['sauce' => $pot->state->sauce, 'troubles' => array_values(array_unique($pot->troubles)), 'minutes' => $pot->minutes];
    }

    /** What is cooked in its pan before the base: butter and what joins from it, wine boiled down on its own. */
    private function before(): Sauce
    {
        $sauce = Sauce::nothing();
        foreach ($this->derived->acts as $done) {
            if (!$done->act->kind->isBefore()) {
                continue;
            }
            $joins = Sauce::nothing();
            foreach ($done->doses as [$dose, $mass]) {
                $kind = $dose->fate === Fate::Joins ? $dose->kind($this->larder) : null;
                $joins = $kind instanceof Fat
                    ? $joins->withFat($kind, $mass)
                    : ($kind instanceof Ingredient
                        ? $joins->with($kind, $mass)
                        : $joins);
            }
            if ($done->act->kind === ActKind::ReduceApart) {
                $this->state = PotState::emptyPan(95.0)->sauced($joins, 95.0, Ledger::opened());
                $this->reduce($done, SimmerLevel::Boil);
                $joins = $this->state->sauce;
            }
            $sauce = $sauce->plus($joins);
        }

        return $sauce;
    }

    private function do(Worked $done): void
    {
        match ($done->act->kind) {
            ActKind::StirIn => $this->at(Heating::simmer(SimmerLevel::Bare), 30)->put($done),
            ActKind::Reduce => $this->reduce($done, SimmerLevel::Brisk),
            ActKind::Simmer => $this->at(Heating::simmer(SimmerLevel::Bare), (int) $done->time->seconds),
            ActKind::OffTheBoil => $this->within($done)->put($done)->held($done),
            ActKind::AtTheEnd => $this->at(Heating::off(), 10)->put($done),
            default => null,
        };
    }

    private function at(Heating $heating, int $seconds): self
    {
        $this->setting = $this->setting->heated($heating);
        for ($i = 0; $i < $seconds; $i++) {
            $this->second();
        }

        return $this;
    }

    private function second(): void
    {
        $this->state = $this->simmer->after($this->state, $this->setting, 1);
        foreach ($this->watch->troubles($this->state, $this->setting) as $trouble) {
            $this->troubles[] = $trouble->value;
        }
    }

    private function reduce(Worked $done, SimmerLevel $level): void
    {
        $goal = (1.0 - $done->act->share) * $this->state->sauce->millilitres();
        $this->setting = $this->setting->heated(Heating::simmer($level));
        for ($seconds = 0; $this->state->sauce->millilitres() > $goal; $seconds++) {
            if ($seconds > self::LONGEST_SECONDS) {
                throw new RuntimeException('never boiled down');
            }
            $this->second();
        }
        $this->minutes[$done->act->kind->value] = $seconds / 60.0;
    }

    /** Off the heat until it is cool enough for what comes. */
    private function within(Worked $done): self
    {
        $most = $done->atMost()?->inCelsius() ?? 100.0;
        for ($seconds = 0; $this->state->celsius > $most - 1.0 && $seconds < self::LONGEST_SECONDS; $seconds++) {
            $this->at(Heating::off(), 1);
        }

        return $this;
    }

    /** What is stirred in cold is brought to where it does its work, and no further. */
    private function held(Worked $done): self
    {
        $least = $done->atLeast()?->inCelsius() ?? 0.0;
        for ($seconds = 0; $this->state->celsius < $least + 2.0 && $seconds < self::LONGEST_SECONDS; $seconds++) {
            $this->at(Heating::hob(HobHeat::Low), 1);
        }
        $this->at(Heating::off(), 1);
        if ($this->state->celsius > ($done->atMost()?->inCelsius() ?? 100.0)) {
            $this->troubles[] = 'over its limit';
        }

        return $this;
    }

    private function put(Worked $done): self
    {
        foreach ($done->doses as [$dose, $mass]) {
            $kind = $dose->fate === Fate::Joins ? $dose->kind($this->larder) : null;
            if ($kind === null || $kind instanceof Ingredient && $kind->role === Role::Vegetable) {
                continue;
            }
            [$this->state, $this->setting, $told] = $this->hands->do(
                Action::add(Duration::ofSeconds(0.0), $kind, Mass::ofGrams($mass->inGrams()), Temperature::ofCelsius(18.0)),
                $this->state,
                $this->setting,
            );
            $this->troubles = [...$this->troubles, ...array_map(static fn(array $one): string => $one[0]->value . ' ' . $one[1], $told)];
        }

        return $this;
    }
}
