<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Http\Requests\KitchenRequest;
use App\Http\Responses\PageOrFragment;
use App\Http\ToldOnce;
use App\Http\TooMany;
use App\Kitchen\Choices;
use App\Kitchen\Hands;
use App\Kitchen\HotelPan;
use App\Kitchen\Kitchen;
use App\Kitchen\OwnRules;
use App\Models\Calendar;
use App\Models\Device;
use App\Models\DeviceKind;
use App\Models\Galley;
use App\Models\Hob;
use App\Models\KitchenFormula;
use App\Models\LarderEntry;
use App\Models\Pan;
use App\Models\Vessel;
use App\Pages\Kitchen\KitchenPage;
use App\People\Here;
use App\People\Place;
use App\PutAway\PointingAt;
use App\Questions\Answer;
use App\Questions\ComposeFields;
use App\Typed\PartsField;
use Illuminate\Http\RedirectResponse;
use Illuminate\Http\Request;
use Illuminate\Support\Str;
use Lento\Compose\Base;
use Lento\Keeping\Keeps;
use Lento\Pot\HobKind;
use Lento\Pot\PanBase;

/** What the kitchen tells of itself, section by section. */
final readonly class KitchenController
{
    /** Sections of many rows, each with a form of its own. */
    public const LONG = ['pans', 'vessels', 'larder', 'formulas'];

    /** @param string $section the one that is to be open, of those that are long */
    public function show(Request $request, Kitchen $kitchen, string $section = ''): PageOrFragment
    {
        $session = $request->session();
        $told = array_filter([$section, $session->get('section'), $session->get('saved')], is_string(...));

        return new PageOrFragment('pages.kitchen', [
            // What was just changed, or is wrong, is open; the rest is loaded when it is wanted.
            'open' => array_values(array_intersect(self::LONG, $told)),
            'page' => new KitchenPage($kitchen, self::formulaOrigins()),
            'devices' => Device::query()->orderBy('id')->get(),
            'made' => ToldOnce::heard($request, 'device'),
            'calendar' => ToldOnce::heard($request, 'calendar'),
            'calendars' => Calendar::query()->pluck('cook')->all(),
            'runs' => app(Here::class)->may(Place::Kitchen),
        ], fragment: $section);
    }

    public function store(KitchenRequest $request, Kitchen $kitchen, string $section): RedirectResponse
    {
        TooMany::refuse($section, $request->whole('id'));
        match ($section) {
            'pans' => $this->pan($request),
            'vessels' => $this->vessel($request),
            'keeping' => $this->keeping($request),
            'hobs' => $this->hob($request),
            'devices' => $this->device($request),
            'larder' => $this->larder($request),
            'formulas' => $this->formula($request, $kitchen),
            'hands' => $this->settings(['hands' => Hands::written((array) $request->input('hands'))]),
            'schools' => $this->settings(
                array_map($request->text(...), array_combine(array_keys(Choices::all()), array_keys(Choices::all()))),
            ),
            default => $this->settings(
                array_map($request->text(...), [
                    'name' => 'name',
                    'cooks' => 'cooks',
                    'measures' => 'measures',
                    'degrees' => 'degrees',
                    'altitude' => 'altitude',
                    'preset' => 'preset',
                    'learn' => 'learn',
                    'currency' => 'currency',
                    'portion' => 'portion',
                    'oven' => 'oven',
                    'pan' => 'pan',
                    'hob' => 'hob',
                    'pins' => 'pins',
                    'oven_places' => 'oven_places',
                    'hot_places' => 'hot_places',
                ]),
            ),
        };

        return redirect(route('kitchen') . '#' . $section)->with('saved', $section);
    }

    public function remove(string $section, int $id): RedirectResponse
    {
        $row = match ($section) {
            'pans' => Pan::query()->find($id),
            'vessels' => Vessel::query()->find($id),
            'hobs' => Hob::query()->find($id),
            'devices' => Device::query()->find($id),
            default => LarderEntry::query()->find($id),
        };
        $back = redirect(route('kitchen') . '#' . $section)->with('section', $section);
        // Thrown away already, at another tablet: that is what was wished.
        if ($row === null) {
            return $back;
        }
        $row->bin();

        return $back->with('binned', [
            $row->getTable(),
            $row->id,
            $row->calledInTheBin(),
            PointingAt::it($section, $id),
        ]);
    }

    private function pan(KitchenRequest $request): void
    {
        Pan::query()
            ->findOrNew($request->whole('id'))
            ->fill([
                'name' => $request->text('name'),
                'diameter_mm' => $request->whole('diameter_mm'),
                'height_mm' => $request->whole('height_mm'),
                'length_mm' => $request->whole('length_mm'),
                'mass_g' => $request->whole('mass_g'),
                'base' => $request->chosen('base', PanBase::class),
            ])
            ->save();
    }

    private function vessel(KitchenRequest $request): void
    {
        $sold = HotelPan::all()[$request->text('size')] ?? null;
        if ($sold !== null) {
            Vessel::query()->create([
                'name' => $sold->name,
                'length_mm' => $sold->long,
                'width_mm' => $sold->wide,
                'height_mm' => $sold->high,
                'owned' => $request->whole('owned') ?? 2,
            ]);

            return;
        }
        Vessel::query()
            ->findOrNew($request->whole('id'))
            ->fill([
                'name' => $request->text('name'),
                'length_mm' => $request->whole('length_mm'),
                'width_mm' => $request->whole('width_mm'),
                'height_mm' => $request->whole('height_mm'),
                'owned' => $request->whole('owned') ?? 1,
            ])
            ->save();
    }

    /** Numbers of its own make it go by them; the usual ones of a preset it chooses above. */
    private function keeping(KitchenRequest $request): void
    {
        $numbers = array_combine(
            array_map(static fn(string $field): string => 'rules_' . $field, OwnRules::FIELDS),
            array_map($request->text(...), OwnRules::FIELDS),
        );
        $days = [];
        foreach (Keeps::cases() as $keeps) {
            foreach (['days_', 'frozen_'] as $what) {
                $days[$what . $keeps->value] = $request->text($what . $keeps->value);
            }
        }
        $cold = array_keys(OwnRules::PLACES);
        $this->settings([
            ...$numbers,
            ...$days,
            ...array_combine(
                array_map(static fn(string $place): string => 'cold_' . $place, $cold),
                array_map(static fn(string $place): string => $request->text('cold_' . $place), $cold),
            ),
            'rules_as_of' => $request->text('as_of'),
            ...(new OwnRules($numbers))->own() === null ? [] : ['preset' => OwnRules::NAME],
        ]);
    }

    /** Its token is told once, to whoever made it; only its hash is kept. */
    private function device(KitchenRequest $request): void
    {
        $token = Str::random(40);
        Device::query()->create([
            'name' => $request->text('name'),
            'kind' => $request->chosen('kind', DeviceKind::class),
            'place' => $request->text('place'),
            'token_hash' => Device::hash($token),
        ]);
        ToldOnce::tell($request, 'device', ['name' => $request->text('name'), 'secret' => $token]);
    }

    private function hob(KitchenRequest $request): void
    {
        Hob::query()
            ->findOrNew($request->whole('id'))
            ->fill([
                'name' => $request->text('name'),
                'kind' => $request->chosen('kind', HobKind::class),
                'power_w' => $request->whole('power_w'),
                'levels' => $request->whole('levels'),
                'widest_mm' => $request->whole('widest_mm'),
            ])
            ->save();
    }

    private function larder(KitchenRequest $request): void
    {
        $name = $request->text('name') === '' ? null : $request->text('name');
        $known = [
            'price_per_kg' => $request->number('price_per_kg'),
            'salt_percent' => $request->number('salt_percent'),
            'fat_percent' => $request->number('fat_percent'),
            'allergens' => $request->allergens(),
        ];
        $id = $request->whole('id');
        // One line for each larder id; the kitchen's own are told apart by their names.
        $entry = $id === null
            ? LarderEntry::query()->firstOrNew(['like' => $request->text('like'), 'name' => $name])
            : LarderEntry::query()->findOrNew($id);
        $entry->fill(['like' => $request->text('like'), 'name' => $name, ...$known])->save();
    }

    /** What differs from the house, as long as it can be answered. */
    private function formula(KitchenRequest $request, Kitchen $kitchen): void
    {
        $base = $request->chosen('base', Base::class);
        if ($request->text('reset') !== '') {
            // One by one, so that the audit hears of it.
            KitchenFormula::query()->where('base', $base->value)->get()->each(static fn(KitchenFormula $formula) => $formula->delete());

            return;
        }
        $asked = ComposeFields::from([
            ...$request->only(['thickness', 'colour', 'fat', 'minutes', 'level', 'salt', 'part', 'add']),
            'sauce' => $base->value,
            'amount' => '2',
        ]);
        $faults = Answer::to($asked, $kitchen)->faults;
        if ($faults !== []) {
            redirect(route('kitchen') . '#formulas')
                ->with('section', 'formulas')
                ->withInput()
                ->withErrors([$base->value => $faults[0]->message()])
                ->throwResponse();
        }
        $house = ComposeFields::from(['sauce' => $base->value, 'amount' => '2'])->filled(Kitchen::unknown($kitchen->measures))->fields;
        $changes = array_filter(
            array_intersect_key($asked->fields, array_flip(['thickness', 'colour', 'fat', 'minutes', 'level', 'salt', 'more'])),
            static fn(string $value, string $name): bool => $value !== '' && $value !== ($house[$name] ?? ''),
            ARRAY_FILTER_USE_BOTH,
        );
        $parts = array_diff_assoc(PartsField::typed($asked->fields['parts']), PartsField::typed($house['parts']));
        $changes += $parts === [] ? [] : ['parts' => PartsField::write($parts)];
        KitchenFormula::query()->updateOrCreate(['base' => $base], ['changes' => $changes, 'shared' => $request->text('shared') === 'yes']);
    }

    /** @return array<string, string> by base: '' of this kitchen's own, 'shared' where it gives it to the house, else whose it is */
    private static function formulaOrigins(): array
    {
        $galley = Galley::query()->findOrFail(app(Here::class)->galleyId());

        return [
            ...array_map(static fn(array $formula): string => $formula['from'], $galley->formulasOfTheHouse()),
            ...KitchenFormula::query()->get()->mapWithKeys(
                static fn(KitchenFormula $formula): array => [$formula->base->value => $formula->shared ? KitchenPage::SHARED : ''],
            )->all(),
        ];
    }

    /** @param array<string, string> $changed */
    private function settings(array $changed): void
    {
        $galley = Galley::query()->findOrFail(app(Here::class)->galleyId());
        $settings = array_filter([...$galley->settings, ...$changed], static fn(string $value): bool => $value !== '');
        $galley->update(['settings' => $settings]);
    }
}
