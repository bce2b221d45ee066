<x-layout :title="__('kitchen.title')" at="kitchen">
    <div class="kitchen">
        <h1>{{ $page->kitchen->name() }}</h1>
        <nav class="inside" aria-label="{{ __('kitchen.title') }}">
            @foreach (['settings', 'pans', 'vessels', 'hobs', 'hands', 'keeping', 'devices', 'larder', 'schools', 'formulas'] as $section)<a
                href="#{{ $section }}">{{ __('kitchen.' . $section . '.title') }}</a>@endforeach
            <a href="{{ route('learning') }}">{{ __('learning.link') }}</a>
        </nav>
        <x-kitchen.inside />
        @unless ($runs)<p class="soft">{{ __('kitchen.chefs_only') }}</p>@endunless
        <fieldset @disabled(! $runs)>

        <x-kitchen.section name="settings">
            <form method="post" action="{{ route('kitchen.store', 'settings') }}" class="row-form">
                @csrf
                <x-kitchen.input name="name" section="settings" :value="$page->kitchen->name()" />
                <x-kitchen.input name="cooks" section="settings" :value="$page->kitchen->setting('cooks')" />
                <x-kitchen.select name="measures" section="settings" :options="__('kitchen.measures')"
                    :value="$page->kitchen->measures->value" />
                <x-kitchen.select name="degrees" section="settings" :options="__('kitchen.degrees')"
                    :value="$page->kitchen->fahrenheit() ? 'f' : 'c'" />
                <x-kitchen.input name="altitude" section="settings" number :value="$page->kitchen->setting('altitude', '0')" />
                <x-kitchen.input name="portion" section="settings" number
                    :value="App\Typed\TypedNumber::plain($page->kitchen->portion()->inMillilitres())" />
                <x-kitchen.input name="oven" section="settings" number :value="$page->kitchen->setting('oven', '175')" />
                <x-kitchen.input name="oven_places" section="settings" number :value="$page->kitchen->setting('oven_places')"
                    placeholder="1" />
                <x-kitchen.input name="hot_places" section="settings" number :value="$page->kitchen->setting('hot_places')"
                    :placeholder="__('kitchen.settings.enough')" />
                <x-kitchen.input name="currency" section="settings" :value="$page->kitchen->currency()" />
                <x-kitchen.select name="pan" section="settings" :options="$page->panNames()"
                    :value="(string) $page->kitchen->firstPan()?->id" />
                <x-kitchen.select name="hob" section="settings" :options="$page->ringNames()"
                    :value="(string) $page->kitchen->firstHob()?->id" />
                <x-kitchen.select name="learn" section="settings" :options="__('kitchen.learns')"
                    :value="$page->kitchen->learns() ? 'yes' : 'no'" />
                <x-kitchen.select name="preset" section="settings"
                    :options="array_intersect_key(__('kitchen.presets'), array_flip($page->presets()))"
                    :value="$page->kitchen->setting('preset', 'uk-guidance')" />
                <x-kitchen.select name="pins" section="settings" :options="__('kitchen.pins')"
                    :value="$page->kitchen->setting('pins', 'no')" />
                <p class="note">{{ __('kitchen.settings.preset_note') }}</p>
                <button class="btn btn-primary">{{ __('kitchen.save') }}</button>
            </form>
        </x-kitchen.section>

        @fragment('pans')
        <x-kitchen.section name="pans" :closed="! in_array('pans', $open, true)">
            @if (in_array('pans', $open, true))
            @foreach ([...$page->kitchen->pans, null] as $pan)
                <x-kitchen.entry section="pans" :id="$pan?->id" :name="$pan?->name ?? __('kitchen.pans.new')"
                    :line="$pan ? $page->panLine($pan) : ''">
                    <x-slot:drawing>@if ($pan)<x-drawing.pan :pan="$pan" />@endif</x-slot:drawing>
                    <x-kitchen.input name="name" section="pans" :value="$pan?->name" :key="$pan?->id" />
                    <x-kitchen.input name="diameter_mm" section="pans" number :value="$pan?->millimetresWide" :key="$pan?->id" />
                    <x-kitchen.input name="height_mm" section="pans" number :value="$pan?->millimetresHigh" :key="$pan?->id" />
                    <x-kitchen.input name="length_mm" section="pans" number :value="$pan?->millimetresLong"
                        :placeholder="__('kitchen.pans.round')" :key="$pan?->id" />
                    <x-kitchen.input name="mass_g" section="pans" number :value="$pan?->grams" :placeholder="__('kitchen.pans.by_size')"
                        :key="$pan?->id" />
                    <x-kitchen.select name="base" section="pans" :options="__('kitchen.bases')" :value="$pan?->base->value ?? 'medium'"
                        :key="$pan?->id" />
                </x-kitchen.entry>
            @endforeach
            @endif
        </x-kitchen.section>
        @endfragment

        @fragment('vessels')
        <x-kitchen.section name="vessels" :closed="! in_array('vessels', $open, true)">
            @if (in_array('vessels', $open, true))
            @foreach ([...$page->vessels(), null] as $vessel)
                <x-kitchen.entry section="vessels" :id="$vessel?->id" :name="$vessel?->name ?? __('kitchen.vessels.new')"
                    :line="$vessel ? $page->vesselLine($vessel) : ''">
                    <x-kitchen.input name="name" section="vessels" :value="$vessel?->name" :key="$vessel?->id" />
                    <x-kitchen.input name="length_mm" section="vessels" number :value="$vessel?->millimetresLong" :key="$vessel?->id" />
                    <x-kitchen.input name="width_mm" section="vessels" number :value="$vessel?->millimetresWide"
                        :placeholder="__('kitchen.pans.round')" :key="$vessel?->id" />
                    <x-kitchen.input name="height_mm" section="vessels" number :value="$vessel?->millimetresHigh" :key="$vessel?->id" />
                    <x-kitchen.input name="owned" section="vessels" number :value="$vessel?->owned" placeholder="1" :key="$vessel?->id" />
                </x-kitchen.entry>
            @endforeach
            {{-- In one go, for a kitchen that has told of none. --}}
            <form method="post" action="{{ route('kitchen.store', 'vessels') }}" class="row-form hotel-pans">
                @csrf<x-once />
                <x-kitchen.select name="size" section="vessels" :options="$page->hotelPans()" value="1/1-65" />
                <x-kitchen.input name="owned" section="vessels" number placeholder="2" key="sold" />
                <button class="btn btn-outline-dark">{{ __('kitchen.vessels.add_sold') }}</button>
            </form>
            @endif
        </x-kitchen.section>
        @endfragment

        <x-kitchen.section name="hobs">
            @foreach ([...$page->kitchen->hobs, null] as $hob)
                <x-kitchen.entry section="hobs" :id="$hob?->id" :name="$hob?->name ?? __('kitchen.hobs.new')"
                    :line="$hob ? $page->ringLine($hob) : ''">
                    <x-kitchen.input name="name" section="hobs" :value="$hob?->name" :key="$hob?->id" />
                    <x-kitchen.select name="kind" section="hobs" :options="__('kitchen.kinds')" :value="$hob?->kind->value ?? 'gas'"
                        :key="$hob?->id" />
                    <x-kitchen.input name="power_w" section="hobs" number :value="$hob?->watts" :key="$hob?->id" />
                    <x-kitchen.input name="levels" section="hobs" number :value="$hob?->levels ?? 5" :key="$hob?->id" />
                    <x-kitchen.input name="widest_mm" section="hobs" number :value="$hob?->widestMillimetres"
                        :placeholder="__('kitchen.hobs.any')" :key="$hob?->id" />
                </x-kitchen.entry>
            @endforeach
        </x-kitchen.section>

        <x-kitchen.section name="hands">
            @if ($page->hands() === [])<p class="soft">{{ __('kitchen.hands.none') }}</p>
            @else<form method="post" action="{{ route('kitchen.store', 'hands') }}" class="hands-form">
                @csrf
                @foreach ($page->hands() as $i => $hand)<x-kitchen.hand :hand="$hand" :i="$i" />@endforeach
                <button class="btn btn-primary">{{ __('kitchen.save') }}</button>
            </form>
            @if ($calendar)<p class="token" role="status">{{ __('kitchen.hands.address', ['name' => $calendar['name']]) }}
                <code>{{ $calendar['secret'] }}</code></p>@endif
            <ul class="hands-calendars">@foreach ($page->hands() as $hand)<li><span>{{ __(in_array($hand->name, $calendars, true)
                ? 'kitchen.hands.has_calendar' : 'kitchen.hands.no_calendar', ['name' => $hand->name]) }}</span>
                <form method="post" action="{{ route('kitchen.calendar') }}">@csrf<input type="hidden" name="cook"
                    value="{{ $hand->name }}"><button class="btn btn-outline-dark">{{ __('kitchen.hands.new_address') }}<span
                    class="visually-hidden">: {{ $hand->name }}</span></button>
                    @if (in_array($hand->name, $calendars, true))<button class="btn btn-outline-dark" name="end"
                        value="1">{{ __('kitchen.hands.end_address') }}<span
                        class="visually-hidden">: {{ $hand->name }}</span></button>@endif
                </form></li>@endforeach</ul>@endif
        </x-kitchen.section>

        <x-kitchen.section name="keeping">
            <form method="post" action="{{ route('kitchen.store', 'keeping') }}" class="row-form">
                @csrf
                @foreach ($page->rulesShown() as $field => $usual)<x-kitchen.input :name="$field" section="keeping" number
                    :value="$page->kitchen->setting('rules_' . $field)" :placeholder="$usual" />@endforeach
                <x-kitchen.input name="as_of" section="keeping" :value="$page->kitchen->keeps()->asOf()" />
                @foreach ($page->days() as $keeps => $days)
                    <x-kitchen.input :name="'days_' . $keeps" section="keeping" number
                        :value="$page->kitchen->setting('days_' . $keeps)" :placeholder="(string) $days['chilled']" />
                    <x-kitchen.input :name="'frozen_' . $keeps" section="keeping" number
                        :value="$page->kitchen->setting('frozen_' . $keeps)" :placeholder="(string) $days['frozen']" />
                @endforeach
                @foreach (array_keys(App\Kitchen\OwnRules::PLACES) as $place)<x-kitchen.select :name="'cold_' . $place"
                    section="keeping" :options="__('kitchen.keeping.has')" :value="$page->kitchen->setting('cold_' . $place, 'no')"
                    />@endforeach
                <p class="note">{{ __('kitchen.settings.preset_note') }}</p>
                <button class="btn btn-primary">{{ __('kitchen.save') }}</button>
            </form>
        </x-kitchen.section>

        <x-kitchen.section name="devices">
            @if ($made)<p class="token" role="status">{{ __('kitchen.devices.token', ['name' => $made['name']]) }}
                <code>{{ $made['secret'] }}</code></p>@endif
            <ul class="devices">
                @foreach ($devices as $device)
                    <li>
                        <b>{{ $device->name }}</b>
                        <span>{{ __('kitchen.devices.line', ['kind' => __('kitchen.devices.kinds.' . $device->kind->value),
                            'place' => App\Format\Station::named($device->place, $page->kitchen)->name ?? $device->place,
                            'heard' => $device->heard_at?->format('H:i')
                            ?? __('kitchen.devices.never')]) }}@if ($device->ignored > 0), {{ trans_choice('kitchen.devices.ignored',
                            $device->ignored, ['count' => $device->ignored, 'why' => $device->ignored_why]) }}@endif</span>
                        <x-kitchen.remove section="devices" :id="$device->id" :name="$device->name" />
                    </li>
                @endforeach
            </ul>
            <x-kitchen.entry section="devices" :id="null" :name="__('kitchen.devices.new')" line="">
                <x-kitchen.input name="name" section="devices" :value="null" />
                <x-kitchen.select name="kind" section="devices" :options="__('kitchen.devices.kinds')" value="probe" />
                <x-kitchen.select name="place" section="devices"
                    :options="$page->placeNames()" value="" />
            </x-kitchen.entry>
        </x-kitchen.section>

        @fragment('larder')
        <x-kitchen.section name="larder" :closed="! in_array('larder', $open, true)">
            @if (in_array('larder', $open, true))
            <div class="two-up">
                @foreach ([...$page->larder(), null] as $entry)
                    <x-kitchen.entry section="larder" :id="$entry?->id"
                        :name="$entry ? ucfirst($page->named($entry)) : __('kitchen.larder.new')"
                        :line="$entry ? $page->larderLine($entry) : ''">
                        <x-kitchen.select name="like" section="larder" :options="$page->known()" :value="$entry?->like ?? 'chicken-stock'"
                            :key="$entry?->id" />
                        <x-kitchen.input name="name" section="larder" label="own" :value="$entry?->name"
                            :placeholder="__('kitchen.larder.own_note')" :key="$entry?->id" />
                        <x-kitchen.input name="price_per_kg" section="larder" number :value="$entry?->pricePerKilogram" :key="$entry?->id"
                            />
                        <x-kitchen.input name="salt_percent" section="larder" number :value="$entry?->saltPercent" :key="$entry?->id" />
                        <x-kitchen.input name="fat_percent" section="larder" number :value="$entry?->fatPercent" :key="$entry?->id" />
                        <x-kitchen.allergens :said="$entry?->allergens" :key="$entry?->id" />
                    </x-kitchen.entry>
                @endforeach
            </div>
            @endif
        </x-kitchen.section>
        @endfragment

        <x-kitchen.section name="schools">
            <form method="post" action="{{ route('kitchen.store', 'schools') }}" class="row-form">
                @csrf
                @foreach (App\Kitchen\Choices::all() as $name => $choices)
                    @unless (in_array($name, App\Kitchen\Choices::BY_BASE, true))
                        <label class="cell"><span class="lbl">{{ __('schools.' . $name . '.q') }}</span>
                            <select name="{{ $name }}" class="mid">@foreach ($choices as $choice)<option value="{{ $choice }}"
                                @selected(($page->kitchen->usual()[$name] ?? $choices[0]) === $choice)>{{ __('schools.'
                                . $name)[$choice][0] }}</option>@endforeach</select>
                        </label>
                    @endunless
                @endforeach
                <button class="btn btn-primary">{{ __('kitchen.save') }}</button>
            </form>
        </x-kitchen.section>

        @fragment('formulas')
        <x-kitchen.section name="formulas" :closed="! in_array('formulas', $open, true)">
            @if (in_array('formulas', $open, true))
            <div class="two-up">
            @foreach ($page->formulas() as $formula)
                <details class="formula" @if ($errors->has($formula['base']->value)) open @endif>
                    <summary><b>{{ ucfirst($formula['name']) }}</b> <span
                        class="soft">{{ $formula['line'] }}</span></summary>
                    <form method="post" action="{{ route('kitchen.store', 'formulas') }}" class="row-form">
                        @csrf
                        <input type="hidden" name="base" value="{{ $formula['base']->value }}">
                        @foreach (['thickness', 'minutes', 'salt'] as $field)
                            <x-kitchen.input :name="$field" section="formulas" :value="$formula['fields'][$field]"
                                :key="$formula['base']->value" />
                        @endforeach
                        <x-kitchen.select name="colour" section="formulas" :options="__('compose.colour')"
                            :value="$formula['fields']['colour']" :key="$formula['base']->value" />
                        <x-kitchen.select name="level" section="formulas" :options="__('compose.level')"
                            :value="$formula['fields']['level']" :key="$formula['base']->value" />
                        @foreach ($formula['parts'] as $row)
                            <label class="cell"><span class="lbl">{{ ucfirst(App\Format\Words::ingredient($row['part']->ingredient)) }},
                                {{ __('units.part.' . $row['part']->measure->value) }}</span>
                                <input name="part[{{ $row['part']->ingredient }}]" class="mid" inputmode="decimal" autocomplete="off"
                                    value="{{ $row['value'] }}"></label>
                        @endforeach
                        <x-more :rows="$formula['more']" :choices="App\Format\LarderNames::all($page->kitchen)"
                            :units="App\Kitchen\Additions::PER_LITRE" :id="'more-' . $formula['base']->value" />
                        <label class="cell tick"><input type="checkbox" name="shared" value="yes" @checked($formula['shared'])> <span
                            class="lbl">{{ __('kitchen.formulas.shared') }}</span></label>
                        @error($formula['base']->value)<p class="field-error"><x-icon.mind /> {{ $message }}</p>@enderror
                        <button class="btn btn-outline-dark">{{ __('kitchen.save') }}</button>
                        @if ($formula['changed'])<button class="btn btn-outline-dark" name="reset"
                            value="yes">{{ __('kitchen.formulas.reset') }}</button>@endif
                    </form>
                </details>
            @endforeach
            </div>
            @endif
        </x-kitchen.section>
        @endfragment
        </fieldset>
    </div>
</x-layout>
