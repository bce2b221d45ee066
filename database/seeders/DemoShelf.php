<?php

declare(strict_types=1);

namespace Database\Seeders;

use App\Format\SauceColour;
use App\Format\Words;
use App\Kitchen\Kitchen;
use App\Kitchen\LoadKitchen;
use App\Kitchen\OwnVessel;
use App\Models\Batch;
use App\Models\Par;
use App\Questions\Answer;
use App\Questions\ComposeFields;
use App\Records\LotCodec;
use App\Records\LotFacts;
use App\Records\Moment;
use App\Shelf\StoredShelf;
use Carbon\CarbonImmutable;
use Lento\Family\BaseInPot;
use Lento\Quantity\Temperature;
use Lento\Quantity\Volume;
use Lento\Shelf\BinReason;
use Lento\Shelf\Happened\Binned;
use Lento\Shelf\Happened\Moved;
use Lento\Shelf\Happened\PutIn;
use Lento\Shelf\Happened\ReadOff;
use Lento\Shelf\Happened\Taken;
use Lento\Shelf\Lot;
use Lento\Shelf\Mark;
use Lento\Shelf\ShelfEvent;
use Lento\Shelf\Spot;
use RuntimeException;

/** What the galley of the Marigold keeps: one that cools late, one on time, some that are kept, one held hot. */
final class DemoShelf
{
    private Kitchen $kitchen;

    private int $said = 0;

    public function __construct(private readonly CarbonImmutable $now)
    {
        $this->kitchen = (new LoadKitchen())();
    }

    public function fill(): void
    {
        $now = $this->now;
        $vessels = array_column(LoadKitchen::vessels(), null, 'name');
        $round = $vessels['round tub'];
        $tray = $vessels['half tray'];
        $tub = $vessels['sixth tub'];
        $day = $now->subDay()->setTime(17, 40);

        $this->batch('espagnole', 'Ines Vark', $now->subMinutes(66), fn(string $id, CarbonImmutable $at): array => [
            $this->putIn($id, $at, $round, 2.4, 84.0, Spot::Fridge),
            $this->read($id, $at->addMinutes(6), 78.5),
            $this->read($id, $at->addMinutes(40), 66.0),
        ]);
        $this->batch('veloute', 'Petra Lund', $now->subMinutes(80), fn(string $id, CarbonImmutable $at): array => [
            $this->putIn($id, $at, $tray, 0.8, 78.0, Spot::FridgeUncovered),
            $this->read($id, $at->addMinutes(5), 71.0),
            $this->read($id, $at->addMinutes(35), 31.0),
            $this->read($id, $at->addMinutes(70), 12.0),
        ], 'fish-stock');
        $this->batch('bechamel', 'Ines Vark', $day, fn(string $id, CarbonImmutable $at): array => [
            $this->putIn($id, $at, $tray, 1.6, 80.0, Spot::FridgeUncovered),
            $this->read($id, $at->addMinutes(10), 66.0),
            $this->read($id, $at->addMinutes(60), 24.0),
            $this->read($id, $at->addMinutes(95), 7.2),
            new Moved($this->mark($id, $at->addMinutes(96), 'Ines Vark'), Spot::Fridge),
            new Taken($this->mark($id, $at->addMinutes(900), 'Petra Lund'), Volume::ofLitres(0.7), 'lasagne for the crew'),
        ]);
        $this->batch('onion-gravy', 'Petra Lund', $now->subMinutes(34), fn(string $id, CarbonImmutable $at): array => [
            $this->putIn($id, $at, $tub, 1.1, 76.0, Spot::HotWell),
            $this->read($id, $at->addMinutes(22), 66.0),
        ]);
        $this->batch('veloute', 'Petra Lund', $now->subDays(2)->setTime(16, 50), fn(string $id, CarbonImmutable $at): array => [
            $this->putIn($id, $at, $tray, 1.2, 79.0, Spot::FridgeUncovered),
            $this->read($id, $at->addMinutes(12), 64.0),
            $this->read($id, $at->addMinutes(85), 6.4),
        ], 'chicken-stock');
        $this->batch('espagnole', 'Ines Vark', $now->subDays(9)->setTime(16, 30), fn(string $id, CarbonImmutable $at): array => [
            $this->putIn($id, $at, $tray, 1.5, 82.0, Spot::FridgeUncovered),
            $this->read($id, $at->addMinutes(10), 65.0),
            $this->read($id, $at->addMinutes(88), 7.5),
            new Moved($this->mark($id, $at->addMinutes(120), 'Ines Vark'), Spot::Freezer),
        ]);
        $this->batch('bechamel', 'Petra Lund', $now->subDays(3)->setTime(18, 5), fn(string $id, CarbonImmutable $at): array => [
            $this->putIn($id, $at, $round, 1.3, 82.0, Spot::Fridge),
            $this->read($id, $at->addMinutes(25), 68.0),
            $this->read($id, $at->addMinutes(140), 34.0),
            new Binned($this->mark($id, $at->addMinutes(142), 'Petra Lund'), BinReason::CooledLate, 'the tub was too deep'),
        ]);
        Par::query()->create(['sauce' => 'espagnole', 'liquid' => 'brown-stock', 'litres' => 3.0]);
        Par::query()->create(['sauce' => 'veloute', 'liquid' => 'fish-stock', 'litres' => 2.0]);
    }

    /** @param callable(string, CarbonImmutable): list<ShelfEvent> $happened */
    private function batch(string $sauce, string $cook, CarbonImmutable $at, callable $happened, string $liquid = ''): void
    {
        $asked = ComposeFields::from(['sauce' => $sauce, 'amount' => '2'] + ($liquid === '' ? [] : ['liquid' => $liquid]));
        $sheet = Answer::to($asked, $this->kitchen)->sheet ?? throw new RuntimeException('A demo sauce is none.');
        $stem = BaseInPot::composed($sheet)->stem;
        $lot = new Lot(
            $at->toDateTimeImmutable(),
            $stem->sauce,
            null,
            $this->kitchen->foodSafety(),
            $this->kitchen->keeps()->days()->of($stem->sauce),
        );
        $day = $at->format('ymd');
        $batch = Batch::query()->create([
            'uid' => 'seed-batch-' . (++$this->said),
            'code' => $day . '-' . (Batch::query()->where('code', 'like', $day . '-%')->count() + 1),
            'name' => Words::sauceNamed($sheet->question->base, $sheet->question->liquid),
            'sauce' => $sauce,
            'liquid' => $sheet->question->liquid,
            'pot_id' => null,
            'cook' => $cook,
            'made_at_ms' => Moment::ms($at),
            'facts' => LotCodec::facts(new LotFacts($lot, $stem, SauceColour::of($sheet))),
            'cost_per_litre' => 2.4,
        ]);
        StoredShelf::add($batch, $happened('seed-tub-' . $this->said, $at), $this->now);
    }

    private function putIn(string $tub, CarbonImmutable $at, OwnVessel $in, float $litres, float $celsius, Spot $spot): PutIn
    {
        return new PutIn(
            $this->mark($tub, $at, 'Ines Vark'),
            $in->measured(),
            $in->name,
            Volume::ofLitres($litres),
            Temperature::ofCelsius($celsius),
            $spot,
        );
    }

    private function read(string $tub, CarbonImmutable $at, float $celsius): ReadOff
    {
        return new ReadOff($this->mark($tub, $at, 'Petra Lund'), Temperature::ofCelsius($celsius));
    }

    private function mark(string $tub, CarbonImmutable $at, string $by): Mark
    {
        return Mark::of('seed-said-' . (++$this->said), $tub, $at->toDateTimeImmutable(), $by);
    }
}
