<?php

declare(strict_types=1);

namespace App\Family;

/**
 * What is kept of a service that several tablets type at: each says what it saw and what it has now, and only what it changed counts.
 *
 * Rows have no names of their own. They are followed by their sauces, in their order; a row whose sauce was changed is another row.
 */
final readonly class MergedService
{
    private const OF_THE_SERVICE = ['name', 'at', 'spare'];

    /** @param list<Clash> $clashes */
    private function __construct(public ServiceFields $fields, public array $clashes) {}

    /**
     * @param ServiceFields $saw as the page showed it
     * @param array<mixed> $mine as the page sends it, its rows by their numbers there
     * @param ServiceFields $stands as it is kept now
     * @param bool $isMine whether the last change that was kept came from this very page
     */
    public static function of(ServiceFields $saw, array $mine, ServiceFields $stands, bool $isMine): self
    {
        $typed = ServiceFields::from($mine);
        if ($stands->toRow() === $saw->toRow()) {
            return new self($typed, []);
        }
        $row = [];
        $clashes = [];
        foreach (self::OF_THE_SERVICE as $field) {
            [$row[$field], $clash] = self::one($field, '', $saw->{$field}, $typed->{$field}, $stands->{$field}, $isMine);
            $clashes = [...$clashes, ...$clash];
        }
        foreach (['wishes' => ServiceFields::WISH, 'have' => ServiceFields::HAVE] as $list => $names) {
            $byNumber = ServiceFields::byNumber($mine[$list] ?? null, $names);
            [$row[$list], $more] = self::rows($saw->{$list}, $byNumber, $stands->{$list}, $isMine);
            $clashes = [...$clashes, ...$more];
        }

        return new self(ServiceFields::from($row), $clashes);
    }

    /** @return array{string, list<Clash>} what stands there from now on */
    private static function one(string $field, string $sauce, string $saw, string $typed, string $stands, bool $isMine): array
    {
        return match (true) {
            $typed === $saw => [$stands, []],
            $stands === $saw, $stands === $typed, $isMine => [$typed, []],
            default => [$stands, [new Clash($field, $sauce, $stands, $typed)]],
        };
    }

    /**
     * @param list<array<string, string>> $saw
     * @param array<int, array<string, string>> $mine by their numbers on the page; without a sauce where it was taken away
     * @param list<array<string, string>> $stands
     *
     * @return array{list<array<string, string>>, list<Clash>}
     */
    private static function rows(array $saw, array $mine, array $stands, bool $isMine): array
    {
        $where = self::followed($saw, $stands);
        $clashes = [];
        $added = array_diff_key($mine, $saw);
        foreach ($saw as $number => $was) {
            $typed = $mine[$number] ?? null;
            $at = $where[$number] ?? null;
            if ($typed === null || $typed['sauce'] !== $was['sauce']) {
                // Taken away here, or made another sauce: that is a row of its own.
                if ($at !== null) {
                    unset($stands[$at]);
                }
                $added = $typed === null || $typed['sauce'] === '' ? $added : [$number => $typed, ...$added];
                continue;
            }
            if ($at === null) {
                // Taken away there; what was typed into it meanwhile brings it back.
                $added = $typed === $was ? $added : [...$added, $typed];
                continue;
            }
            foreach ($typed as $field => $value) {
                [$stands[$at][$field], $clash] = self::one($field, $was['sauce'], $was[$field], $value, $stands[$at][$field], $isMine);
                $clashes = [...$clashes, ...$clash];
            }
        }
        $theirs = array_diff(array_keys($stands), array_values($where));
        foreach ($isMine ? $theirs : [] as $at) {
            // Added by this page a moment ago: it sends it again.
            foreach ($added as $one) {
                if ($one['sauce'] === $stands[$at]['sauce']) {
                    unset($stands[$at]);
                    break;
                }
            }
        }
        $added = array_filter($added, static fn(array $one): bool => $one['sauce'] !== '');

        return [[...array_values($stands), ...array_values($added)], $clashes];
    }

    /**
     * @param list<array<string, string>> $saw
     * @param list<array<string, string>> $stands
     *
     * @return array<int, int> where each row that was seen stands now; none where it is gone
     */
    private static function followed(array $saw, array $stands): array
    {
        $where = [];
        $from = 0;
        foreach ($saw as $number => $was) {
            for ($at = $from; $at < count($stands); $at++) {
                if ($stands[$at]['sauce'] === $was['sauce']) {
                    $where[$number] = $at;
                    $from = $at + 1;
                    break;
                }
            }
        }

        return $where;
    }
}
