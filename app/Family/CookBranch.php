<?php

declare(strict_types=1);

namespace App\Family;

use App\Format\SauceNames;
use App\Kitchen\Kitchen;
use App\Models\Pot;
use App\Models\Service;
use App\Questions\Answer;
use App\Stove\RecordEvents;
use App\Stove\StartPot;
use App\Stove\StoredEvent;
use Carbon\CarbonImmutable;
use Illuminate\Support\Facades\DB;
use Lento\Course\EventKind;
use Lento\Family\Branch;
use Lento\Family\FlowNode;
use Lento\Family\ServiceFlow;
use Lento\Quantity\Volume;

/** Puts one sauce of a service on the stove: a base from its sheet, a derivative by a ladle off the pot of its base. */
final readonly class CookBranch
{
    public function __construct(private Kitchen $kitchen, private StartPot $start, private RecordEvents $record) {}

    /**
     * @return Pot|null the pot to go to; null where it cannot be put on yet, because its base is not, or it is already
     */
    public function __invoke(Service $service, ServiceFlow $flow, string $key, CarbonImmutable $now): ?Pot
    {
        $node = $flow->nodes[$key] ?? null;
        if ($node === null) {
            return null;
        }
        // Two tablets that tap at once put it on once.
        return DB::transaction(function () use ($service, $flow, $node, $key, $now): ?Pot {
            $pots = BranchPots::of($service);
            $here = $pots[$key] ?? null;
            if ($here !== null) {
                return $here;
            }
            if ($node->planned->derivative === null) {
                return $this->base($service, $flow, $node, $pots, $now);
            }
            $parent = $flow->parentOf($node);
            $from = $parent === null ? null : $pots[$parent->planned->key] ?? null;
            if ($parent === null || $node->derived === null || $from === null && $parent->made->cubicMetres > 0.0) {
                return null;
            }
            if ($from !== null) {
                $this->ladle($from, $node, $node->derived->taken->volume(), $now);
            }
            if ($node->isServedAsItIs()) {
                return $from;
            }

            $names = new SauceNames($this->kitchen);
            $root = $this->kitchen->catalogue()->root($node->planned->sauce);

            return $this->belonging($this->start->derived($node->derived, $names->name(...ServiceKey::parts($key)), $names->within(...ServiceKey::parts($parent->planned->key)), $root, $now), $service, $key);
        });
    }

    /** @return list<array{for: string, litres: float}> what is to be ladled off a base, as its pot keeps it */
    public static function ladlesOff(FlowNode $node, Kitchen $kitchen): array
    {
        $names = new SauceNames($kitchen);

        return array_map(static fn(Branch $branch): array => ['for' => $names->within(...ServiceKey::parts($branch->to)), 'litres' => round($branch->taken->inLitres(), 3)], $node->branches);
    }

    /** The key of the sauce that a ladle was for, from the id of its event. */
    public static function keyOf(string $token): string
    {
        $at = strpos($token, '|');

        return $at === false ? $token : substr($token, $at + 1);
    }

    /** @param array<string, Pot> $pots */
    private function base(Service $service, ServiceFlow $flow, FlowNode $node, array $pots, CarbonImmutable $now): ?Pot
    {
        $parent = $flow->parentOf($node);
        $from = $parent === null ? null : $pots[$parent->planned->key] ?? null;
        if ($node->sheet === null || $parent !== null && $parent->made->cubicMetres > 0.0 && $from === null) {
            return null;
        }
        $question = $node->sheet->question;
        $fields = (new KitchenWorkplace($this->kitchen))->fields($question->base, $question->liquid, $question->yield, $question->thickness, $question->pan);
        $sheet = Answer::to($fields, $this->kitchen)->sheet;
        if ($sheet === null) {
            return null;
        }
        if ($from !== null) {
            $this->ladle($from, $node, Volume::ofCubicMetres($sheet->liquid->cubicMetres * (1.0 - $sheet->question->formula->share())), $now);
        }

        $pot = ($this->start)($sheet, $fields->filled($this->kitchen), $now);
        $pot->update(['plan' => [...$pot->plan, 'ladles' => self::ladlesOff($node, $this->kitchen)]]);

        return $this->belonging($pot, $service, $node->planned->key);
    }

    private function ladle(Pot $from, FlowNode $for, Volume $taken, CarbonImmutable $now): void
    {
        $key = $for->planned->key;
        ($this->record)($from, [new StoredEvent(
            EventKind::LadledOff,
            substr('ladle-' . substr($from->uid, 0, 8) . '|' . $key, 0, 64),
            $now->getTimestampMs(),
            $from->course()->current,
            value: $taken->cubicMetres,
            text: (new SauceNames($this->kitchen))->within(...ServiceKey::parts($key)),
        )], $now);
    }

    private function belonging(Pot $pot, Service $service, string $key): Pot
    {
        $pot->update(['service_id' => $service->id, 'branch' => $key]);

        return $pot;
    }
}
