<?php

declare(strict_types=1);

namespace Database\Seeders;

use App\Kitchen\Kitchen;
use App\Kitchen\LoadKitchen;
use App\Models\Hob;
use App\Models\KitchenFormula;
use App\Models\KitchenSettings;
use App\Models\LarderEntry;
use App\Models\Pan;
use App\Models\Pot;
use App\Models\Sauce;
use App\Questions\Answer;
use App\Questions\ComposeFields;
use App\Stove\RecordEvent;
use App\Stove\StartPot;
use Carbon\CarbonImmutable;
use Illuminate\Database\Seeder;
use Lento\Compose\Base;
use Lento\Compose\StepKind;
use Lento\Course\EventKind;
use Lento\Pot\HobKind;
use Lento\Pot\PanBase;
use RuntimeException;

/** The galley of the night ferry Marigold: Ines Vark and Petra Lund cook for 72 covers. All made up. */
final class DatabaseSeeder extends Seeder
{
    /** Name, mm wide, mm high, base, g. */
    private const PANS = [['16 cm saucepan', 160, 90, PanBase::Medium, 900], ['20 cm saucepan', 200, 110, PanBase::Medium, 1300], ['24 cm saucepan', 240, 140, PanBase::Thick, 2100], ['28 cm sauté pan', 280, 90, PanBase::Thick, 2600], ['28 cm stew pan', 280, 160, PanBase::Thick, 2900], ['36 cm stock pot', 360, 240, PanBase::Medium, 4200]];

    private const HOBS = [['Front left', HobKind::Induction, 3500, 9], ['Front right', HobKind::Induction, 3500, 9], ['Back gas', HobKind::Gas, 6000, 6]];

    /** Larder id, own name, price a kg, % of salt. Made-up prices. */
    private const LARDER = [['butter', null, 8.90, null], ['clarified-butter', null, 12.40, null], ['plain-flour', null, 0.95, null], ['whole-milk', null, 1.05, null], ['chicken-stock', null, 1.60, 0.2], ['fish-stock', null, 2.10, 0.2], ['brown-stock', null, 2.80, 0.1], ['vegetable-stock', null, 0.90, 0.2], ['double-cream', null, 5.20, null], ['white-wine', null, 4.80, null], ['tomato-puree', null, 1.70, null], ['onion', null, 0.90, null], ['carrot', null, 0.80, null], ['celery', null, 1.90, null], ['salt', null, 0.40, null], ['chicken-stock', 'Stock from paste', 1.20, 1.1]];

    public function run(StartPot $start, RecordEvent $record): void
    {
        $now = CarbonImmutable::now()->startOfMinute();
        $yesterday = $now->subDay()->setTime(15, 20);
        $before = $now->subDays(2)->setTime(16, 5);

        $pans = $this->kitchen();
        $bechamel = ['sauce' => 'bechamel', 'given' => 'covers', 'covers' => '72', 'each' => '55', 'thickness' => 'gratin', 'pan' => $pans['28 cm stew pan']];
        $fish = ['sauce' => 'veloute', 'liquid' => 'fish-stock', 'amount' => '3', 'pan' => $pans['28 cm stew pan']];
        $chicken = ['sauce' => 'veloute', 'liquid' => 'chicken-stock', 'amount' => '2', 'pan' => $pans['24 cm saucepan']];
        $brown = ['sauce' => 'espagnole', 'amount' => '3', 'pan' => $pans['28 cm stew pan']];
        $gravy = ['sauce' => 'onion-gravy', 'given' => 'covers', 'covers' => '72', 'each' => '40', 'pan' => $pans['28 cm stew pan']];

        $this->keep('Gratin béchamel', ['gratin', 'supper'], 'For the fennel. Nutmeg halved since spring.', [['amount' => '4', 'given' => 'litres', ...array_diff_key($bechamel, ['covers' => 0, 'each' => 0, 'given' => 0])], $bechamel]);
        $this->keep('Fish velouté', ['fish', 'base'], 'Base of the tomato butter. Never longer than 20 minutes.', [$fish]);
        $this->keep('Brown sauce, weekend', ['brown', 'base'], 'Half of it becomes demi-glace on Sunday.', [$brown]);
        $this->keep('Onion gravy', ['brown', 'supper'], 'Onions stay in.', [$gravy]);

        $this->cook($start, $record, $chicken, $before, 'Petra Lund', pace: 1.05, outcome: ['volume_ml' => 1980.0, 'spoon' => 'coats', 'taste' => 'clean, a little short of salt'], notes: []);
        $this->cook($start, $record, $brown, $before->addMinutes(25), 'Ines Vark', pace: 1.1, outcome: ['volume_ml' => 2700.0, 'spoon' => 'coats', 'taste' => 'deep, good colour; flame too high'], notes: ['skimmed, 30 g of fat', 'flame to 2, it ran ahead']);
        $this->cook($start, $record, $bechamel, $yesterday, 'Ines Vark', pace: 0.95, outcome: ['volume_ml' => 3950.0, 'spoon' => 'masks', 'taste' => 'right for the fennel'], notes: ['nutmeg halved']);
        $this->cook($start, $record, $fish, $yesterday->addMinutes(40), 'Petra Lund', pace: 1.2, outcome: ['volume_ml' => 3120.0, 'spoon' => 'veils', 'taste' => 'thin; taken off the boil too soon'], notes: ['stock was still frozen in the middle']);

        $this->putOn($start, $record, $brown, $now->subMinutes(62), 'Ines Vark', StepKind::Simmer);
        $this->putOn($start, $record, $fish, $now->subMinutes(14), 'Petra Lund', StepKind::Colour);
    }

    /**
     * @param array<string, string> $question
     * @param array{volume_ml: float, spoon: string, taste: string} $outcome
     * @param list<string> $notes written during the simmer
     */
    private function cook(StartPot $start, RecordEvent $record, array $question, CarbonImmutable $at, string $cook, float $pace, array $outcome, array $notes): void
    {
        $pot = $this->start($start, $question, $at, $cook);
        $clock = $this->advance($record, $pot, $at, $pace, StepKind::Finish, $notes);
        $this->event($record, $pot, EventKind::Finished, count($pot->steps) - 1, $clock->addMinutes(2), outcome: $outcome);
    }

    /** @param array<string, string> $question */
    private function putOn(StartPot $start, RecordEvent $record, array $question, CarbonImmutable $at, string $cook, StepKind $until): void
    {
        $this->advance($record, $this->start($start, $question, $at, $cook), $at, 1.0, $until, []);
    }

    /** @return array<string, string> ids of the pans by their names */
    private function kitchen(): array
    {
        foreach (self::PANS as [$name, $wide, $high, $base, $grams]) {
            Pan::query()->create(['name' => $name, 'diameter_mm' => $wide, 'height_mm' => $high, 'base' => $base, 'mass_g' => $grams]);
        }
        foreach (self::HOBS as [$name, $kind, $watts, $levels]) {
            Hob::query()->create(['name' => $name, 'kind' => $kind, 'power_w' => $watts, 'levels' => $levels]);
        }
        foreach (self::LARDER as [$like, $name, $price, $salt]) {
            LarderEntry::query()->create(['like' => $like, 'name' => $name, 'price_per_kg' => $price, 'salt_percent' => $salt]);
        }
        KitchenFormula::query()->create(['base' => Base::Bechamel, 'changes' => ['parts' => 'nutmeg:0.1']]);
        $pans = Pan::query()->get()->mapWithKeys(static fn(Pan $pan): array => [$pan->name => (string) $pan->id])->all();
        KitchenSettings::query()->create(['settings' => ['name' => config()->string('lento.kitchen'), 'measures' => 'metric', 'degrees' => 'c', 'altitude' => '0', 'preset' => 'uk-guidance', 'currency' => '€', 'portion' => '55', 'pan' => $pans['24 cm saucepan']]]);

        return $pans;
    }

    /**
     * @param list<string> $tags
     * @param list<array<string, string>> $versions oldest first
     */
    private function keep(string $name, array $tags, string $notes, array $versions): void
    {
        $sauce = Sauce::query()->create(['name' => $name, 'tags' => $tags, 'notes' => $notes]);
        foreach ($versions as $question) {
            $sauce->keep(ComposeFields::from($question)->filled($this->loaded())->toAddress());
        }
    }

    private function loaded(): Kitchen
    {
        return (new LoadKitchen())();
    }

    /** @param array<string, string> $question */
    private function start(StartPot $start, array $question, CarbonImmutable $at, string $cook): Pot
    {
        $fields = ComposeFields::from($question);
        $kitchen = $this->loaded();
        $sheet = Answer::to($fields, $kitchen)->sheet ?? throw new RuntimeException('A demo question has no answer.');

        return $start($sheet, $fields->filled($kitchen), $at, $cook);
    }

    /**
     * @param list<string> $notes
     *
     * @return CarbonImmutable when it got there
     */
    private function advance(RecordEvent $record, Pot $pot, CarbonImmutable $clock, float $pace, StepKind $until, array $notes): CarbonImmutable
    {
        foreach ($pot->steps as $index => $step) {
            if ($step->kind === $until) {
                break;
            }
            $took = (int) round(max(30.0, $step->time->seconds * $pace));
            foreach ($step->kind === StepKind::Simmer ? $notes : [] as $i => $note) {
                $this->event($record, $pot, EventKind::Note, $index, $clock->addSeconds(intdiv($took * ($i + 1), count($notes) + 1)), text: $note);
            }
            for ($pour = 0; $pour < $step->pours; $pour++) {
                $this->event($record, $pot, EventKind::Poured, $index, $clock->addSeconds(intdiv($took * $pour, $step->pours)), pour: $pour);
            }
            $clock = $clock->addSeconds($took);
            $this->event($record, $pot, EventKind::Done, $index, $clock);
        }

        return $clock;
    }

    /** @param array{volume_ml: float, spoon: string, taste: string}|null $outcome */
    private function event(RecordEvent $record, Pot $pot, EventKind $kind, int $step, CarbonImmutable $at, int $pour = 0, ?string $text = null, ?array $outcome = null): void
    {
        $token = sprintf('seed-%d-%d-%s-%d-%d', $pot->id, $step, $kind->value, $pour, $at->getTimestamp());
        $record($pot, $kind, $token, ['step' => $step, 'pour' => $pour, 'seconds' => 0, 'text' => $text], $at, $outcome);
    }
}
