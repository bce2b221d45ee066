<?php

declare(strict_types=1);

namespace Database\Seeders;

use App\Models\KeptSauce;
use App\Models\Pot;
use App\Questions\Answer;
use App\Questions\ComposeFields;
use App\Stove\RecordEvent;
use App\Stove\StartPot;
use Carbon\CarbonImmutable;
use Illuminate\Database\Seeder;
use Lento\Compose\StepKind;
use Lento\Course\EventKind;
use Lento\Quantity\MeasureSystem;
use RuntimeException;

/** The galley of the night ferry Marigold: Ines Vark and Petra Lund cook for 72 covers. All made up. */
final class DatabaseSeeder extends Seeder
{
    private const PAN_24 = ['diameter' => '240', 'height' => '140'];

    private const PAN_28 = ['diameter' => '280', 'height' => '160'];

    public function run(StartPot $start, RecordEvent $record): void
    {
        $now = CarbonImmutable::now()->startOfMinute();
        $yesterday = $now->subDay()->setTime(15, 20);
        $before = $now->subDays(2)->setTime(16, 5);

        $bechamel = ['sauce' => 'bechamel', 'by' => 'covers', 'covers' => '72', 'each' => '55', 'thickness' => 'gratin', ...self::PAN_28];
        $fish = ['sauce' => 'veloute', 'liquid' => 'fish-stock', 'amount' => '3', ...self::PAN_28];
        $chicken = ['sauce' => 'veloute', 'liquid' => 'chicken-stock', 'amount' => '2', ...self::PAN_24];
        $brown = ['sauce' => 'espagnole', 'amount' => '3', ...self::PAN_28];

        foreach (['Gratin béchamel, 72 covers' => $bechamel, 'Fish velouté for the tomato butter' => $fish, 'Brown sauce, weekend' => $brown] as $name => $question) {
            KeptSauce::query()->create(['name' => $name, 'question' => $question]);
        }

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

    /** @param array<string, string> $question */
    private function start(StartPot $start, array $question, CarbonImmutable $at, string $cook): Pot
    {
        $fields = ComposeFields::from($question);
        $sheet = Answer::to($fields, MeasureSystem::Metric)->sheet ?? throw new RuntimeException('A demo question has no answer.');

        return $start($sheet, $fields, $at, $cook);
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
