<?php

declare(strict_types=1);

namespace App\Family;

use App\Kitchen\Kitchen;
use App\Models\Pot;
use App\Models\Service;
use App\Stove\RecordEvents;
use App\Stove\StartPot;
use App\Stove\Tap;
use Carbon\CarbonImmutable;
use Illuminate\Database\UniqueConstraintViolationException;
use Illuminate\Support\Facades\DB;
use Illuminate\Support\Str;
use Lento\Course\Happened\LadledOff;
use Lento\Course\Stamp;
use Lento\Family\Branch;
use Lento\Family\FlowNode;
use Lento\Family\ServiceFlow;
use Lento\Plan\Ladle;
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
        try {
            return $this->put($service, $flow, $node, $key, $now);
        } catch (UniqueConstraintViolationException) {
            return BranchPots::of($service)[$key] ?? null;
        }
    }

    private function put(Service $service, ServiceFlow $flow, FlowNode $node, string $key, CarbonImmutable $now): ?Pot
    {
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
            if ($from !== null && !($node->isServedAsItIs() && self::isLadled($from, $key))) {
                $this->ladle($from, $node, $node->derived->taken->volume(), $now);
            }
            if ($node->isServedAsItIs()) {
                return $from;
            }

            $plan = $node->derived->plan(
                $this->kitchen->catalogue()->root($node->planned->sauce),
                (new KitchenWorkplace($this->kitchen))->workplace(),
            );

            return $this->belonging(($this->start)($plan->withLadles(self::ladlesOff($node)), $now), $service, $key);
        });
    }

    /** Sent to the pass already: two tablets that tap at once have sent it once. */
    private static function isLadled(Pot $from, string $key): bool
    {
        return array_filter($from->course()->ladles(), static fn(LadledOff $ladle): bool => $ladle->branch === $key) !== [];
    }

    /** @return list<Ladle> what is to be taken off it for others */
    public static function ladlesOff(FlowNode $node): array
    {
        return array_map(
            static fn(Branch $branch): Ladle => new Ladle(
                $branch->to,
                ServiceKey::parts($branch->to)[0],
                ServiceKey::parts($branch->to)[1],
                $branch->taken,
            ),
            $node->branches,
        );
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
        if ($from !== null) {
            $this->ladle(
                $from,
                $node,
                Volume::ofCubicMetres($node->sheet->liquid->cubicMetres * (1.0 - $question->formula->share())),
                $now,
            );
        }
        // What is promised is what the service was worked out with; the question is kept to ask it again.
        $fields = (new KitchenWorkplace($this->kitchen))->fields(
            $question->base,
            $question->liquid,
            $question->yield,
            $question->thickness,
            $question->pan,
        );
        $pot = ($this->start)($node->sheet->plan()->withLadles(self::ladlesOff($node)), $now, $fields->filled($this->kitchen)->toAddress());

        return $this->belonging($pot, $service, $node->planned->key);
    }

    /** What is taken is written down each time it is: a sauce that was given up and is put on again takes its ladle again. */
    private function ladle(Pot $from, FlowNode $for, Volume $taken, CarbonImmutable $now): void
    {
        ($this->record)(
            $from,
            [
                Tap::made(
                    new LadledOff(Stamp::of((string) Str::uuid(), $from->course()->step()->id, $now), $taken, $for->planned->key),
                    now: true,
                ),
            ],
            $now,
        );
    }

    private function belonging(Pot $pot, Service $service, string $key): Pot
    {
        $pot->update(['service_id' => $service->id, 'branch' => $key]);

        return $pot;
    }
}
