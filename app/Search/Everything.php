<?php

declare(strict_types=1);

namespace App\Search;

use App\Database\Matching;
use App\Format\SauceNames;
use App\Kitchen\Kitchen;
use App\Models\Pot;
use App\Models\Sauce;
use App\Models\Tub;
use Illuminate\Support\Str;
use Lento\Compose\Base;

/** One search over all that has a name here: sauces and what they are for, what is kept, what is on, what was cooked, where things are. */
final readonly class Everything
{
    /** Of one kind: whoever wants more goes to its own page. */
    private const OF_A_KIND = 6;

    private const ALL = 30;

    public function __construct(private Kitchen $kitchen) {}

    /** @return list<Found> the likeliest first */
    public function for(Wanted $wanted): array
    {
        if ($wanted->words === []) {
            return [];
        }
        $found = [];
        foreach ([...$this->sauces(), ...self::uses(), ...self::places(), ...self::guide()] as [$one, $told]) {
            $rank = $wanted->rank($one->name, $told);
            if ($rank !== null) {
                $found[] = [$rank, $one];
            }
        }
        foreach ([...self::kept($wanted), ...self::pots($wanted), ...self::tubs($wanted)] as $one) {
            $found[] = [$wanted->rank($one->name, $one->more) ?? 2, $one];
        }
        // Those of one rank stay in the order of their kinds.
        usort($found, static fn(array $a, array $b): int => $a[0] <=> $b[0]);

        return array_slice(array_column($found, 1), 0, self::ALL);
    }

    /** @return list<array{Found, string}> with what else they are found by */
    private function sauces(): array
    {
        $names = new SauceNames($this->kitchen);
        $sauces = [];
        foreach (Base::cases() as $base) {
            $told = $names->french($base->value) . ' ' . $names->story($base->value);
            $address = route('compose', ['sauce' => $base->value, 'amount' => '2']);
            $sauces[] = [new Found('base', $names->name($base->value), $names->french($base->value), $address), $told];
        }
        foreach ($names->derivatives() as $id => $name) {
            $french = $names->french($id);
            $sauces[] = [new Found('derivative', $name, $french, route('family.show', $id)), $french . ' ' . $names->story($id)];
        }

        return $sauces;
    }

    /** @return list<array{Found, string}> dishes, and what is composed for them */
    private static function uses(): array
    {
        $uses = [];
        foreach (self::rows('search.uses') as $dish => $use) {
            $uses[] = [new Found('use', $dish, $use['says'] ?? '', route('compose') . '?' . ($use['question'] ?? '')), $use['also'] ?? ''];
        }

        return $uses;
    }

    /** @return list<array{Found, string}> the places of Lento and what can be done at them */
    private static function places(): array
    {
        $places = [];
        foreach (self::rows('search.places') as $name => $place) {
            $address = route($place['route'] ?? 'compose') . ($place['at'] ?? '');
            $places[] = [new Found('help', $name, $place['says'] ?? '', $address), $place['also'] ?? ''];
        }

        return $places;
    }

    /** @return list<array{Found, string}> the pages of the guide, and the words of the trade */
    private static function guide(): array
    {
        $guide = [];
        foreach (self::rows('guide.places') as $place => $page) {
            $guide[] = [new Found('guide', $page['name'] ?? $place, $page['lead'] ?? '', route('guide', $place)), 'how help guide'];
        }
        foreach (is_array($terms = __('guide.terms')) ? $terms : [] as $term => $means) {
            $means = is_string($means) ? $means : '';
            $guide[] = [new Found('word', (string) $term, $means, route('guide.words') . '#' . Str::slug((string) $term)), ''];
        }

        return $guide;
    }

    /** @return list<Found> */
    private static function kept(Wanted $wanted): array
    {
        $sauces = Sauce::query()->foundBy($wanted->typed)->atHand()->has('versions')->orderBy('name')->limit(self::OF_A_KIND);

        return array_values($sauces->get()->map(static fn(Sauce $one): Found
                => new Found('kept', $one->name, implode(' · ', $one->tags), route('sauces.show', $one->id)))->all());
    }

    /** @return list<Found> those that are on first, then the latest */
    private static function pots(Wanted $wanted): array
    {
        $pots = Pot::query()->orderByRaw('finished_at is not null')->orderByDesc('started_at')->limit(self::OF_A_KIND);
        foreach ($wanted->words as $word) {
            Matching::has($pots->getQuery(), 'name', Matching::pattern($word));
        }

        return array_values($pots->get()->map(static fn(Pot $pot): Found => new Found(
            $pot->finished_at === null ? 'pot' : 'log',
            $pot->name,
            $pot->started_at->format('D j M, H:i'),
            $pot->finished_at === null ? route('pots.show', $pot->id) : route('log.show', $pot->id),
        ))->all());
    }

    /** @return list<Found> what stands on the shelf, the soonest first */
    private static function tubs(Wanted $wanted): array
    {
        $found = [];
        foreach (Tub::query()->there()->with('batch')->orderBy('use_by')->limit(200)->get() as $tub) {
            if ($wanted->rank($tub->batch->name) !== null && count($found) < self::OF_A_KIND) {
                $litres = sprintf('%.2F l', $tub->ml / 1000.0);
                $found[] = new Found('tub', $tub->batch->name, $litres . ', ' . $tub->vessel, route('keep.tub', $tub->id));
            }
        }

        return $found;
    }

    /** @return array<string, array<string, string>> what lang/en/search.php tells, by its name */
    private static function rows(string $key): array
    {
        $rows = [];
        foreach (is_array($told = __($key)) ? $told : [] as $name => $row) {
            foreach (is_array($row) ? $row : [] as $what => $text) {
                $rows[(string) $name][(string) $what] = is_string($text) ? $text : '';
            }
        }

        return $rows;
    }
}
