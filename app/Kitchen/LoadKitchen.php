<?php

declare(strict_types=1);

namespace App\Kitchen;

use App\Models\Galley;
use App\Models\Hob;
use App\Models\KitchenFormula;
use App\Models\LarderEntry;
use App\Models\Member;
use App\Models\OwnDerivative;
use App\Models\Pan;
use App\Models\Pot;
use App\Models\Vessel;
use App\People\Here;
use App\Records\LessonCodec;
use Illuminate\Database\Eloquent\Model;
use Lento\Learning\Lesson;
use Lento\Quantity\MeasureSystem;

/** Reads the kitchen from the database; five small queries. */
final readonly class LoadKitchen
{
    /** Pots that a kitchen remembers: older ones say little of it as it is. */
    private const REMEMBERED = 300;

    /** @param array<string, string>|null $settings other than those that the kitchen has now */
    public function __invoke(?array $settings = null): Kitchen
    {
        $galley = $settings === null ? Galley::query()->find(app(Here::class)->galleyId()) : null;
        $settings ??= $galley->settings ?? [];
        // Who works here are its cooks, unless it has named them itself.
        $settings['cooks'] ??= $galley === null ? '' : implode(
            ', ',
            $galley->members()->orderBy('name')->get()->map(static fn(Member $one): string => $one->name)->all(),
        );
        $shared = $galley === null ? [] : $galley->formulasOfTheHouse();

        return new Kitchen(
            MeasureSystem::tryFrom($settings['measures'] ?? '') ?? (
                MeasureSystem::tryFrom(config()->string('lento.measures')) ?? MeasureSystem::Metric
            ),
            new Equipment(
                Pan::query()->orderBy('diameter_mm')->get()->mapWithKeys(
                    static fn(Pan $pan): array => [$pan->id => self::pan($pan)],
                )->all(),
                Hob::query()->orderBy('id')->get()->mapWithKeys(
                    static fn(Hob $hob): array => [
                        $hob->id => new Ring($hob->id, $hob->name, $hob->kind, $hob->power_w, $hob->levels, $hob->widest()),
                    ],
                )->all(),
            ),
            array_values(
                LarderEntry::query()->orderBy('id')->get()->map(
                    self::line(...),
                )->all(),
            ),
            [
                ...array_map(static fn(array $formula): array => $formula['changes'], $shared),
                ...KitchenFormula::query()->get()->mapWithKeys(
                    static fn(KitchenFormula $formula): array => [$formula->base->value => $formula->changes],
                )->all(),
            ],
            $settings,
            new OnDemand(
                self::lessons(...),
                // Asked for again and again while a page is drawn, and the same all the while.
                static function () use (&$own): array {
                    return $own ??= array_values(OwnDerivative::query()->orderBy('id')->get()->map(self::ownSauce(...))->all());
                },
            ),
        );
    }

    /** @return array<int, OwnVessel> what it keeps sauce in, by id */
    public static function vessels(): array
    {
        return Vessel::query()->orderBy('id')->get()->mapWithKeys(
            static fn(Vessel $one): array => [
                $one->id => new OwnVessel($one->id, $one->name, $one->length_mm, $one->width_mm, $one->height_mm, $one->owned),
            ],
        )->all();
    }

    private static function pan(Pan $pan): OwnPan
    {
        $long = self::later($pan, 'length_mm') === null ? null : $pan->length_mm;

        return new OwnPan($pan->id, $pan->name, new PanSize($pan->diameter_mm, $pan->height_mm, $long), $pan->base, $pan->mass_g);
    }

    private static function line(LarderEntry $entry): LarderLine
    {
        $allergens = self::later($entry, 'allergens') === null ? null : $entry->allergens;
        $facts = new LarderFacts($entry->price_per_kg, $entry->salt_percent, $entry->fat_percent, $allergens);

        return new LarderLine($entry->id, $entry->like, $entry->name, $facts);
    }

    /** Of a column that came later: a database that is being brought up to date is read before it has it. */
    private static function later(Model $row, string $column): mixed
    {
        return $row->getAttributes()[$column] ?? null;
    }

    private static function ownSauce(OwnDerivative $own): OwnSauce
    {
        $changes = $own->changed();

        return new OwnSauce(
            $own->id,
            $own->name,
            $own->based_on,
            new OwnChanges(
                $changes['amounts'] ?? '',
                $changes['more'] ?? '',
                $changes['class'] ?? '',
                $changes['story'] ?? '',
                $changes['acts'] ?? null,
            ),
        );
    }

    /** @return list<Lesson> of the last pots, oldest first, without those that are left out */
    private static function lessons(): array
    {
        $rows = Pot::query()
            ->whereNotNull('lesson')
            ->where('left_out', false)
            ->teaching()
            ->orderByDesc('finished_at')
            ->limit(self::REMEMBERED)
            ->toBase()
            ->pluck('lesson')
            ->all();
        $lessons = array_map(static function (mixed $json): ?Lesson {
            /** @var array<string, mixed> $row */
            $row = (array) json_decode(is_string($json) ? $json : '', true);

            return LessonCodec::ofRow($row);
        }, array_reverse($rows));

        return array_values(array_filter($lessons));
    }
}
