<?php

declare(strict_types=1);

namespace App\Score;

use App\Family\BranchPots;
use App\Family\KitchenWorkplace;
use App\Family\ServiceKey;
use App\Family\WorkedOut;
use App\Format\RefusalWords;
use App\Format\SauceNames;
use App\Formats\InstanceJson;
use App\Kitchen\Kitchen;
use App\Models\Service;
use Carbon\CarbonImmutable;
use Lento\Exception\LentoException;
use Lento\Family\FlowNode;
use Lento\Family\ServiceFlow;
use Lento\Plan\Plan;
use Lento\Score\Announced;
use Lento\Score\Arrangement;
use Lento\Score\Change;
use Lento\Score\Changed;
use Lento\Score\Instance;
use Lento\Score\Part;
use Lento\Score\Service as Serving;
use Lento\Score\Times;
use Lento\Score\Underway;

/** A service as it is to be put in time: its pots as tasks, in this kitchen, on its day. */
final readonly class ServiceScore
{
    /** Where a service says no time. */
    private const USUALLY_AT = '19:30';

    /** min that a sauce may be kept hot, and without anybody minding; less of what yolk, butter or cheese is in. */
    private const HELD = 90;
    private const HELD_DELICATE = 45;
    private const HELD_LIKE = 20;

    /** min that a sauce which must go straight out may wait. */
    private const STRAIGHT = 5;

    /**
     * @param array<string, Plan> $plans by the key of their sauce
     * @param string $refusal why there is nothing to plan; '' where there is
     * @param list<Said> $said what somebody said of its plan
     * @param Instance|null $arranged as it would be if nobody had said anything
     */
    private function __construct(
        public WorkedOut $service,
        public ServiceDay $day,
        public ?Instance $instance,
        public ?Arrangement $arrangement,
        public array $plans,
        public string $refusal,
        public ?StoveProgress $progress = null,
        public array $said = [],
        private ?Instance $arranged = null,
    ) {}

    public static function of(Service $row, Kitchen $kitchen, CarbonImmutable $now): self
    {
        $service = WorkedOut::of($row, $kitchen);
        $at = $service->fields->at === '' ? self::USUALLY_AT : $service->fields->at;
        $day = ServiceDay::of($at, $now);
        if ($service->flow === null || $service->flow->pots() === []) {
            $why = $service->refusal === null ? '' : RefusalWords::of($service->refusal);

            return new self($service, $day, null, null, [], $why);
        }
        $plans = self::plans($service->flow, $kitchen, $service);
        $galley = new KitchenGalley($kitchen, $day);
        try {
            $parts = self::parts($service, $plans, $day, new SauceNames($kitchen), $at);
            $arrangement = $parts === [] ? null : Arrangement::of($parts, $galley->galley(), $galley->shelf());
            $instance = $arrangement?->instance($service->fields->name, $day->times());
            $said = Said::of($row);
            $pots = $arrangement === null ? [] : BranchPots::of($row);
            $progress = $pots === [] ? null : StoveProgress::of($pots, $arrangement, $day, $now);

            return (new self($service, $day, $instance, $arrangement, $plans, '', $progress, [], $instance))->saying($said);
        } catch (LentoException $refused) {
            return new self($service, $day, null, null, $plans, RefusalWords::of($refused));
        }
    }

    /** @param list<Said> $said in the place of what was said of it */
    public function saying(array $said): self
    {
        $changes = array_map(static fn(Said $one): Change => $one->change, $said);

        return new self(
            $this->service,
            $this->day,
            $this->arranged === null ? null : Changed::of($this->arranged, $changes),
            $this->arrangement,
            $this->plans,
            $this->refusal,
            $this->progress,
            $said,
            $this->arranged,
        );
    }

    /** Whether a pot of it is on, or was: then the rest is planned from now. */
    public function isLive(): bool
    {
        return $this->progress !== null && $this->progress->begun !== [];
    }

    /**
     * As it stands now: what is begun where it is.
     *
     * @param array<string, Announced> $announced what the cooks were told
     * @param bool $asItStands whether pots that are on ask for no ring
     */
    public function now(array $announced, bool $asItStands = false): ?Instance
    {
        return $this->instance === null || $this->progress === null ? $this->instance : Underway::of(
            $this->instance,
            $this->instance->times,
            $this->progress->begun,
            $this->progress->rings,
            $announced,
            $asItStands,
        );
    }

    /** Of what it is planned from, whatever the clock shows. */
    public function asked(): string
    {
        if ($this->instance === null) {
            return '';
        }
        $times = new Times($this->instance->times->clock, 0, $this->instance->times->horizon);
        $instance = new Instance($this->instance->name, $times, $this->instance->galley, $this->instance->work);

        return hash('sha256', json_encode(InstanceJson::of($instance), JSON_THROW_ON_ERROR));
    }

    /** @return array<string, Plan> */
    private static function plans(ServiceFlow $flow, Kitchen $kitchen, WorkedOut $service): array
    {
        $workplace = (new KitchenWorkplace($kitchen))->workplace();
        $hands = $kitchen->learns() ? $kitchen->notebook()->shares() : [];
        $plans = [];
        foreach ($flow->pots() as $node) {
            $plan = $node->sheet?->plan() ?? $node->derived?->plan($service->catalogue->root($node->planned->sauce), $workplace);
            if ($plan !== null) {
                $plans[$node->planned->key] = $plan->inHands($hands);
            }
        }

        return $plans;
    }

    /**
     * @param array<string, Plan> $plans
     *
     * @return list<Part>
     */
    private static function parts(WorkedOut $service, array $plans, ServiceDay $day, SauceNames $names, string $at): array
    {
        $flow = $service->flow;
        $parts = [];
        foreach ($flow?->pots() ?? [] as $node) {
            $key = $node->planned->key;
            if (!isset($plans[$key]) || $flow === null) {
                continue;
            }
            $parent = $flow->parentOf($node);
            $made = $parent !== null && isset($plans[$parent->planned->key]);
            $parts[] = new Part(
                $key,
                $names->name(...ServiceKey::parts($key)),
                $plans[$key],
                $made ? $parent->planned->key : null,
                self::served($service, $node, $plans[$key], $day, $at),
                $parent !== null && !$made,
            );
        }

        return $parts;
    }

    /** At the soonest of what is wished of it; what is served from its own pot as it is counts as it. */
    private static function served(WorkedOut $service, FlowNode $node, Plan $plan, ServiceDay $day, string $usual): ?Serving
    {
        $flow = $service->flow;
        $at = [];
        $straight = false;
        foreach ($flow->wished ?? [] as $wish => $key) {
            $of = $flow?->nodes[$key] ?? null;
            $own = $key === $node->planned->key || ($of?->isServedAsItIs() === true && $of->planned->parent === $node->planned->key);
            $row = $service->fields->wishes[$service->reading->rows[$wish] ?? -1] ?? null;
            if ($own && $row !== null) {
                $at[] = $day->minute($row['at'] ?? '') ?? $day->minute($usual) ?? 0;
                $straight = $straight || ($row['straight'] ?? '') !== '';
            }
        }
        $held = $plan->limitAt(count($plan->steps) - 1)->isEmpty() ? self::HELD : self::HELD_DELICATE;

        return $at === [] ? null : new Serving(
            min($at),
            0,
            1,
            min(self::HELD_LIKE, $straight ? self::STRAIGHT : $held),
            $straight ? self::STRAIGHT : $held,
        );
    }
}
