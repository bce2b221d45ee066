<?php

declare(strict_types=1);

namespace App\Format;

use App\Kitchen\Kitchen;
use App\Kitchen\OwnSauce;
use Lento\Compose\Base;

/** What the bases and derivatives of this kitchen are called: plainly, in French, and in two lines. */
final readonly class SauceNames
{
    /** Named after a house or a place: with a capital wherever they stand. */
    private const PROPER = ['mornay', 'portugaise', 'provencale'];

    /** @var array<string, OwnSauce> */
    private array $own;

    public function __construct(private Kitchen $kitchen)
    {
        $own = [];
        foreach ($kitchen->ownSauces() as $sauce) {
            $own[$sauce->sauceId()] = $sauce;
        }
        $this->own = $own;
    }

    /** @param string $liquid names a velouté; '' where it does not matter */
    public function name(string $id, string $liquid = ''): string
    {
        $base = Base::tryFrom($id);

        return match (true) {
            isset($this->own[$id]) => $this->own[$id]->name,
            $base === Base::Veloute && $liquid !== '' => Words::sauceNamed($base, $liquid),
            default => Words::text('family.sauces.' . $id . '.name'),
        };
    }

    /** @return array<string, string> name by id, in the order of the alphabet */
    public function derivatives(): array
    {
        $ids = array_keys($this->kitchen->catalogue()->derivatives());
        $names = array_combine($ids, array_map($this->name(...), $ids));
        asort($names, SORT_NATURAL | SORT_FLAG_CASE);

        return $names;
    }

    /** As it reads within a sentence: "fish velouté". */
    public function within(string $id, string $liquid = ''): string
    {
        $name = $this->name($id, $liquid);

        return isset($this->own[$id]) || in_array($id, self::PROPER, true)
            ? $name
            : mb_strtolower(mb_substr($name, 0, 1)) . mb_substr($name, 1);
    }

    /**
     * What was ladled off for it, within a sentence: by its branch in a service, or by what it was called where no service knows it.
     *
     * @param string $branch "aurore@fish-stock", "bechamel@whole-milk!gratin"
     */
    public function ofBranch(string $branch, string $else = ''): string
    {
        [$sauce, $liquid] = array_pad(explode('@', explode('!', $branch)[0], 2), 2, '');

        return $sauce === '' ? $else : $this->within($sauce, $liquid);
    }

    public function french(string $id): string
    {
        return isset($this->own[$id]) ? '' : Words::text('family.sauces.' . $id . '.french');
    }

    public function story(string $id): string
    {
        return isset($this->own[$id]) ? $this->own[$id]->story : Words::text('family.sauces.' . $id . '.story');
    }

    public function own(string $id): ?OwnSauce
    {
        return $this->own[$id] ?? null;
    }
}
