<?php

declare(strict_types=1);

namespace Database\Seeders;

use App\Demo\DemoClock;
use App\Family\CookBranch;
use App\Family\WorkedOut;
use App\Kitchen\Kitchen;
use App\Kitchen\LoadKitchen;
use App\Models\Galley;
use App\Models\Hob;
use App\Models\KitchenFormula;
use App\Models\LarderEntry;
use App\Models\Member;
use App\Models\Pan;
use App\Models\Pot;
use App\Models\Sauce;
use App\Models\Service;
use App\Models\Vessel;
use App\People\Role;
use App\Questions\Answer;
use App\Questions\ComposeFields;
use App\Stove\OutcomeReader;
use App\Stove\RecordEvents;
use App\Stove\StartPot;
use App\Stove\Tap;
use Carbon\CarbonImmutable;
use Illuminate\Database\Seeder;
use Lento\Compose\Base;
use Lento\Course\Happened\Done;
use Lento\Course\Happened\Finished;
use Lento\Course\Happened\Noted;
use Lento\Course\Happened\Poured;
use Lento\Course\Happened\ReadOff;
use Lento\Course\Happened\Tended;
use Lento\Course\Outcome;
use Lento\Course\Reading;
use Lento\Course\Stamp;
use Lento\Plan\Plan;
use Lento\Plan\StepKind;
use Lento\Plan\TendingKind;
use Lento\Pot\HobKind;
use Lento\Pot\PanBase;
use Lento\Quantity\Length;
use Lento\Quantity\Temperature;
use Lento\Thickness\Flow;
use Lento\Thickness\SpoonTest;
use Lento\Thickness\SpoonWord;
use RuntimeException;

/** The galley of the night ferry Marigold: Ines Vark and Petra Lund cook for 72 covers. All made up. */
final class DatabaseSeeder extends Seeder
{
    /** Name, mm wide, mm high, base, g. */
    private const PANS = [
        ['16 cm saucepan', 160, 90, PanBase::Medium, 900],
        ['20 cm saucepan', 200, 110, PanBase::Medium, 1300],
        ['24 cm saucepan', 240, 140, PanBase::Thick, 2100],
        ['28 cm sauté pan', 280, 90, PanBase::Thick, 2600],
        ['28 cm stew pan', 280, 160, PanBase::Thick, 2900],
        ['36 cm stock pot', 360, 240, PanBase::Medium, 4200],
    ];

    private const HOBS = [
        ['Front left', HobKind::Induction, 3500, 9],
        ['Front right', HobKind::Induction, 3500, 9],
        ['Back gas', HobKind::Gas, 6000, 6],
    ];

    /** Name, mm long or across, mm wide, mm high, how many. */
    private const VESSELS = [
        ['full tray', 530, 325, 65, 4],
        ['half tray', 325, 265, 65, 4],
        ['sixth tub', 176, 162, 150, 6],
        ['round tub', 200, null, 200, 4],
    ];

    /** Larder id, own name, price a kg, % of salt. Made-up prices. */
    private const LARDER = [
        ['butter', null, 8.9, null],
        ['clarified-butter', null, 12.4, null],
        ['plain-flour', null, 0.95, null],
        ['whole-milk', null, 1.05, null],
        ['chicken-stock', null, 1.6, 0.2],
        ['fish-stock', null, 2.1, 0.2],
        ['brown-stock', null, 2.8, 0.1],
        ['vegetable-stock', null, 0.9, 0.2],
        ['double-cream', null, 5.2, null],
        ['white-wine', null, 4.8, null],
        ['tomato-puree', null, 1.7, null],
        ['onion', null, 0.9, null],
        ['carrot', null, 0.8, null],
        ['celery', null, 1.9, null],
        ['salt', null, 0.4, null],
        ['chicken-stock', 'Stock from paste', 1.2, 1.1],
    ];

    public function run(StartPot $start, RecordEvents $record): void
    {
        $now = CarbonImmutable::now()->startOfMinute();
        $yesterday = $now->subDay()->setTime(15, 20);
        $before = $now->subDays(2)->setTime(16, 5);

        $pans = $this->kitchen();
        $bechamel = [
            'sauce' => 'bechamel',
            'given' => 'covers',
            'covers' => '72',
            'each' => '55',
            'thickness' => 'gratin',
            'pan' => $pans['28 cm stew pan'],
        ];
        $fish = ['sauce' => 'veloute', 'liquid' => 'fish-stock', 'amount' => '3', 'pan' => $pans['28 cm stew pan']];
        $chicken = ['sauce' => 'veloute', 'liquid' => 'chicken-stock', 'amount' => '2', 'pan' => $pans['24 cm saucepan']];
        $brown = ['sauce' => 'espagnole', 'amount' => '3', 'pan' => $pans['28 cm stew pan']];
        $gravy = ['sauce' => 'onion-gravy', 'given' => 'covers', 'covers' => '72', 'each' => '40', 'pan' => $pans['28 cm stew pan']];

        $this->keep('Gratin béchamel', ['gratin', 'supper'], 'For the fennel. Nutmeg halved since spring.', [
            ['amount' => '4', 'given' => 'litres', ...array_diff_key($bechamel, ['covers' => 0, 'each' => 0, 'given' => 0])],
            $bechamel,
        ]);
        $this->keep('Fish velouté', ['fish', 'base'], 'Base of the tomato butter. Never longer than 20 minutes.', [$fish]);
        $this->keep('Brown sauce, weekend', ['brown', 'base'], 'Half of it becomes demi-glace on Sunday.', [$brown]);
        $this->keep('Onion gravy', ['brown', 'supper'], 'Onions stay in.', [$gravy]);

        $this->cook(
            $start,
            $record,
            $chicken,
            $before,
            'Petra Lund',
            pace: 1.05,
            outcome: [
                'volume' => '1.98',
                'spoon' => 'coats',
                'taste' => 'clean, a little short of salt',
                'colour' => 'blond',
                'hold' => '1.98',
            ],
            notes: [],
            millimetres: 0.0,
        );
        $this->cook(
            $start,
            $record,
            $brown,
            $before->addMinutes(25),
            'Ines Vark',
            pace: 1.1,
            outcome: [
                'volume' => '2.70',
                'spoon' => 'coats',
                'taste' => 'deep, good colour',
                'change' => 'flame to 2 from the start',
                'colour' => 'brown',
                'cool' => '2.7',
            ],
            notes: ['flame to 2, it ran ahead'],
            millimetres: -6.0,
        );
        $this->cook(
            $start,
            $record,
            $bechamel,
            $yesterday,
            'Ines Vark',
            pace: 0.95,
            outcome: ['volume' => '3.95', 'spoon' => 'masks', 'taste' => 'right for the fennel', 'colour' => 'white'],
            notes: ['nutmeg halved'],
            millimetres: 0.0,
        );
        $this->cook(
            $start,
            $record,
            $fish,
            $yesterday->addMinutes(40),
            'Petra Lund',
            pace: 1.2,
            outcome: [
                'volume' => '3.12',
                'spoon' => 'veils',
                'taste' => 'thin; taken off the boil too soon',
                'change' => 'thaw the stock the day before',
                'colour' => 'blond',
                'hold' => '3',
            ],
            notes: ['stock was still frozen in the middle'],
            millimetres: 3.0,
        );

        $this->shelf($now);
        $supper = $this->service();
        $this->ladledFor(
            $supper,
            'espagnole@brown-stock',
            $this->putOn($start, $record, $brown, $now->subMinutes(118), 'Ines Vark', StepKind::Reduce, 'ring-1'),
        );
        $this->ladledFor(
            $supper,
            'veloute@fish-stock',
            $this->putOn($start, $record, $fish, $now->subMinutes(DemoClock::LAST_PUT_ON), 'Petra Lund', StepKind::Colour, 'ring-2'),
        );
    }

    /** Four tubs: one that cools late, one on time, one kept since yesterday, one in the hot well; and what was binned. */
    private function shelf(CarbonImmutable $now): void
    {
        foreach (self::VESSELS as [$name, $long, $wide, $high, $owned]) {
            Vessel::query()->create(['name' => $name, 'length_mm' => $long, 'width_mm' => $wide, 'height_mm' => $high, 'owned' => $owned]);
        }
        (new DemoShelf($now))->fill();
    }

    /**
     * @param array<string, string> $question
     * @param array<string, string> $outcome as it is typed when the pot is closed
     * @param list<string> $notes written during the simmer
     * @param float $millimetres by which the dip-stick stood off the plan near the end of the simmer
     */
    private function cook(
        StartPot $start,
        RecordEvents $record,
        array $question,
        CarbonImmutable $at,
        string $cook,
        float $pace,
        array $outcome,
        array $notes,
        float $millimetres,
    ): void {
        $pot = $this->start($start, $question, $at, $cook, 'ring-1');
        $clock = $this->advance($record, $pot, $at, $pace, StepKind::Finish, $notes, $millimetres)->addMinutes(2);
        $read = OutcomeReader::read($outcome, OutcomeReader::kilogramsPerLitre($pot->plan));
        $stamp = Stamp::of(DemoClock::SEED . "{$pot->id}-finished", StepKind::Finish->value, $clock);
        $record(
            $pot,
            [Tap::made(new Finished($stamp, $read instanceof Outcome ? $read : throw new RuntimeException('A demo outcome is none.')))],
            CarbonImmutable::now(),
        );
    }

    /** @param array<string, string> $question */
    private function putOn(
        StartPot $start,
        RecordEvents $record,
        array $question,
        CarbonImmutable $at,
        string $cook,
        StepKind $until,
        string $place,
    ): Pot {
        $pot = $this->start($start, $question, $at, $cook, $place);
        $began = $this->advance($record, $pot, $at, 1.0, $until, [], 0.0);
        $events = [];
        foreach ($pot->course()->step()->pace->tendings as $tending) {
            // Seen to as often as it wants it, up to now.
            for (
                $due = $began->addSeconds((int) $tending->every->seconds);
                $due->isPast() && $tending->kind !== TendingKind::Look;
                $due = $due->addSeconds((int) $tending->every->seconds)
            ) {
                $id = sprintf('%s%d-%s-%d', DemoClock::SEED, $pot->id, $tending->kind->value, count($events));
                $events[] = Tap::made(new Tended(Stamp::of($id, $pot->course()->step()->id, $due), $tending->kind));
            }
        }
        $record($pot, $events, CarbonImmutable::now());

        return $pot;
    }

    /** Supper for 72: worked out on the Family page from its covers to its pots. */
    private function service(): Service
    {
        return Service::query()->create([
            'fields' => [
                'name' => 'Supper',
                'at' => '19:30',
                'spare' => '5',
                'wishes' => [
                    [
                        'sauce' => 'bechamel',
                        'liquid' => 'whole-milk',
                        'thickness' => 'gratin',
                        'covers' => '72',
                        'each' => '55',
                        'litres' => '',
                        'for' => 'fennel gratin',
                    ],
                    [
                        'sauce' => 'aurore',
                        'liquid' => 'fish-stock',
                        'thickness' => '',
                        'covers' => '40',
                        'each' => '60',
                        'litres' => '',
                        'for' => 'poached cod',
                    ],
                    [
                        'sauce' => 'mushroom-shallot',
                        'liquid' => 'brown-stock',
                        'thickness' => '',
                        'covers' => '32',
                        'each' => '50',
                        'litres' => '',
                        'for' => 'beef',
                    ],
                    [
                        'sauce' => 'onion-gravy',
                        'liquid' => 'brown-stock',
                        'thickness' => '',
                        'covers' => '72',
                        'each' => '40',
                        'litres' => '',
                        'for' => 'sausages, crew',
                    ],
                ],
                'have' => [],
            ],
        ]);
    }

    /** One of the pots that are on is a base of the supper. */
    private function ladledFor(Service $supper, string $branch, Pot $pot): void
    {
        $node
            = WorkedOut::of($supper, $this->loaded())->flow?->node($branch) ?? throw new RuntimeException('The demo service has '
                . 'no answer.');
        $pot->update(['service_id' => $supper->id, 'branch' => $branch, 'plan' => $pot->plan->withLadles(CookBranch::ladlesOff($node))]);
    }

    /** @return array<string, string> ids of the pans by their names */
    private function kitchen(): array
    {
        Member::query()->create(['name' => 'Ines Vark', 'role' => Role::Chef]);
        Member::query()->create(['name' => 'Petra Lund', 'role' => Role::Cook]);
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
        Galley::query()->firstOrFail()->update([
            'settings' => [
                'name' => config()->string('lento.kitchen'),
                'cooks' => 'Ines Vark, Petra Lund',
                'measures' => 'metric',
                'degrees' => 'c',
                'altitude' => '0',
                'preset' => 'uk-guidance',
                'currency' => '€',
                'portion' => '55',
                'pan' => $pans['24 cm saucepan'],
            ],
        ]);

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
    private function start(StartPot $start, array $question, CarbonImmutable $at, string $cook, string $place): Pot
    {
        $fields = ComposeFields::from($question);
        $kitchen = $this->loaded();
        $sheet = Answer::to($fields, $kitchen)->sheet ?? throw new RuntimeException('A demo question has no answer.');

        return $start($sheet->plan(), $at, $fields->filled($kitchen)->toAddress(), $cook, place: $place);
    }

    /**
     * Step by step as a cook goes through them: what is poured, the visits, the dip-stick, the spoon.
     *
     * @param list<string> $notes
     *
     * @return CarbonImmutable when it got there
     */
    private function advance(
        RecordEvents $record,
        Pot $pot,
        CarbonImmutable $clock,
        float $pace,
        StepKind $until,
        array $notes,
        float $millimetres,
    ): CarbonImmutable {
        $taps = [];
        foreach ($pot->plan->steps as $step) {
            if ($step->kind === $until) {
                break;
            }
            $took = (int) round(max(30.0, $step->pace->time->seconds * $pace));
            $stamp = static function (int $seconds) use (&$taps, $pot, $step, $clock): Stamp {
                return Stamp::of(sprintf('%s%d-%d', DemoClock::SEED, $pot->id, count($taps)), $step->id, $clock->addSeconds($seconds));
            };
            foreach ($step->additions as $i => $addition) {
                $taps[] = Tap::made(new Poured($stamp(intdiv($took * $i, count($step->additions))), $addition->id));
            }
            foreach ($step->pace->tendings as $tending) {
                for ($at = $tending->every->seconds; $at < $took && $tending->kind !== TendingKind::Look; $at += $tending->every->seconds) {
                    $taps[] = Tap::made(new Tended($stamp((int) $at), $tending->kind));
                }
            }
            if ($step->ends->depth !== null) {
                foreach ($notes as $i => $note) {
                    $taps[] = Tap::made(new Noted($stamp(intdiv($took * ($i + 1), count($notes) + 1)), $note));
                }
                $taps[] = Tap::made(
                    new ReadOff(
                        $stamp((int) (0.9 * $took)),
                        Reading::depth(Length::ofMillimetres($step->ends->depth->inMillimetres() + $millimetres + 1.0)),
                    ),
                );
            }
            if ($step->kind === StepKind::Test) {
                $taps[] = Tap::made(new ReadOff($stamp(0), Reading::spoon(self::shownHot($pot->plan))));
            }
            $taps[] = Tap::made(new Done($stamp($took)));
            $clock = $clock->addSeconds($took);
        }
        $record($pot, $taps, CarbonImmutable::now());

        return $clock;
    }

    /** What the spoon shows straight from the pot, where it looks thinner than at the pass. */
    private static function shownHot(Plan $plan): SpoonWord
    {
        $cooking = $plan->cooking;

        return $cooking === null
            ? SpoonWord::Coats
            : SpoonTest::of(Flow::of($cooking->sauces->tested, Temperature::ofCelsius($cooking->simmer()->celsius())))->word();
    }
}
