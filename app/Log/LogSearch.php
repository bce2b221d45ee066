<?php

declare(strict_types=1);

namespace App\Log;

use App\Database\Matching;
use App\Models\InThisKitchen;
use App\Models\Pot;
use App\Models\PotEvent;
use Carbon\CarbonImmutable;
use Illuminate\Database\Eloquent\Builder;
use Illuminate\Database\Query\Builder as Rows;
use Lento\Compose\Base;
use Lento\Course\EventKind;

/**
 * What is looked for in the log: words, a sauce, a cook, days, and how it came out.
 *
 * Whatever an address says is read kindly: what makes no sense looks for nothing, and stands in its field again.
 */
final readonly class LogSearch
{
    /** How a pot came out. */
    public const CAME = ['as-planned', 'otherwise', 'rescued'];

    private const LONGEST = 80;

    /** @param array<string, string> $fields as typed: words, sauce, cook, from, to, came */
    private function __construct(public array $fields) {}

    /** @param array<mixed> $query */
    public static function from(array $query): self
    {
        $fields = [];
        foreach (['words', 'sauce', 'cook', 'from', 'to', 'came'] as $name) {
            $fields[$name] = is_scalar($query[$name] ?? null) ? mb_substr(trim(mb_scrub((string) $query[$name])), 0, self::LONGEST) : '';
        }

        return new self($fields);
    }

    public function isEmpty(): bool
    {
        return array_filter($this->fields, static fn(string $text): bool => $text !== '') === [];
    }

    /** @return array<string, string> what is asked, for an address */
    public function asked(): array
    {
        return array_filter($this->fields, static fn(string $text): bool => $text !== '');
    }

    /** @return Builder<Pot> the pots that are over and fit, newest first */
    public function pots(): Builder
    {
        $pots = Pot::query()->atHand()->whereNotNull('finished_at')->orderByDesc('finished_at')->orderByDesc('id');
        if ($this->fields['sauce'] !== '' && in_array($this->fields['sauce'], self::sauces(), true)) {
            $pots->where('sauce', $this->fields['sauce']);
        }
        if ($this->fields['cook'] !== '') {
            $pots->where('cook', $this->fields['cook']);
        }
        [$from, $to] = [self::day($this->fields['from']), self::day($this->fields['to'])];
        if ($from !== null) {
            $pots->where('finished_at', '>=', $from->format('Y-m-d H:i:s.v'));
        }
        if ($to !== null) {
            $pots->where('finished_at', '<', $to->addDay()->format('Y-m-d H:i:s.v'));
        }
        match ($this->fields['came']) {
            'as-planned' => $pots->whereColumn('outcome->spoon', 'plan->promise->spoon'),
            'otherwise' => $pots->whereColumn('outcome->spoon', '<>', 'plan->promise->spoon'),
            'rescued' => $pots->whereIn('id', self::withEvent(EventKind::Rescued)),
            default => null,
        };
        foreach (
            array_filter(
                explode(' ', (string) preg_replace('/\s+/u', ' ', $this->fields['words'])),
                static fn(string $word): bool => $word !== '',
            ) as $word
        ) {
            $like = Matching::pattern($word);
            $pots->where(static function (Builder $any) use ($like): void {
                foreach (['name', 'cook', 'outcome->taste', 'outcome->change'] as $where) {
                    Matching::orHas($any, $where, $like);
                }
                $any->orWhereIn('id', Matching::has(self::withEvent(EventKind::Note), 'data->text', $like));
            });
        }

        return $pots;
    }

    /** @return list<string> who has cooked here, for the field */
    public static function cooks(): array
    {
        $cooks = Pot::query()
            ->whereNotNull('finished_at')
            ->whereNotNull('cook')
            ->distinct()
            ->orderBy('cook')
            ->limit(60)
            ->toBase()
            ->pluck('cook')
            ->all();

        return array_values(array_filter($cooks, is_string(...)));
    }

    /** @return list<string> ids of what has been cooked here, for the field: bases first */
    public static function sauces(): array
    {
        $found = Pot::query()
            ->whereNotNull('finished_at')
            ->whereNotNull('sauce')
            ->distinct()
            ->orderBy('sauce')
            ->toBase()
            ->pluck('sauce')
            ->all();
        $bases = array_column(Base::cases(), 'value');
        $found = array_values(array_filter($found, is_string(...)));

        return [...array_values(array_intersect($bases, $found)), ...array_values(array_diff($found, $bases))];
    }

    private static function withEvent(EventKind $kind): Rows
    {
        // Without what was taken back again. The pots that are asked are this kitchen's; asking its events for the kitchen, too, makes the
        // engine read all of them.
        return PotEvent::query()
            ->withoutGlobalScope(InThisKitchen::class)
            ->where('kind', $kind->value)
            ->whereNotExists(
                static fn(Rows $undone): Rows => $undone
                    ->from('pot_events', 'undone')
                    ->whereColumn('undone.pot_id', 'pot_events.pot_id')
                    ->whereColumn('undone.undoes', 'pot_events.token'),
            )
            ->select('pot_id')
            ->toBase();
    }

    private static function day(string $text): ?CarbonImmutable
    {
        return preg_match('/\A\d{4}-\d{2}-\d{2}\z/', $text) === 1
            && checkdate((int) substr($text, 5, 2), (int) substr($text, 8, 2), (int) substr($text, 0, 4))
            ? CarbonImmutable::parse($text)->startOfDay()
            : null;
    }
}
