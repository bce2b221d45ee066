@props(['page'])
{{-- Name, time, spare, what is in the cold: a tap away, for they change once a day. --}}
<details class="about" @if ($page->isFaultyAbout()) open @endif>
    <summary><span>{{ $page->summary() }}</span> <u>{{ __('family.change') }}</u></summary>
    <div class="fields">
        @foreach (['name' => 'text', 'at' => 'text', 'spare' => 'decimal'] as $field => $mode)
            @php($wrong = $page->fault($field))
            <p class="cell"><label class="lbl" for="service-{{ $field }}">{{ __('family.field.' . $field) }}</label>
                <input id="service-{{ $field }}" name="{{ $field }}" class="mid" maxlength="60" inputmode="{{ $mode }}" autocomplete="off"
                value="{{ $page->fields->{$field} }}" @if ($wrong) aria-invalid="true" aria-describedby="service-{{ $field }}-error"
                @endif></p>
            @if ($wrong)<p class="field-error" id="service-{{ $field }}-error"><x-icon.mind /> {{ $wrong->message() }}</p>@endif
        @endforeach
    </div>
    <fieldset class="have">
        <legend>{{ __('family.have') }} <span class="soft">{{ __('family.have_hint') }}</span></legend>
        @foreach ([...$page->fields->have, ['sauce' => '', 'liquid' => '', 'litres' => '']] as $i => $have)
            @php($wrong = $page->fault("have.$i.litres") ?? $page->fault("have.$i.sauce"))
            @php($liquids = $have['sauce'] === '' ? [] : $page->options->liquids($have['sauce']))
            <div class="have-row">
                <p class="cell"><label class="lbl" for="have-{{ $i }}-sauce">{{ __('family.field.sauce') }}</label>
                    <select id="have-{{ $i }}-sauce" name="have[{{ $i }}][sauce]" class="mid">
                    <option value="">{{ __('family.no_sauce') }}</option>@foreach ($page->options->sauces() as $id => $name)<option
                    value="{{ $id }}" @selected($id === $have['sauce'])>{{ $name }}</option>@endforeach</select></p>
                @if (count($liquids) > 1)<p class="cell"><label class="lbl"
                    for="have-{{ $i }}-liquid">{{ __('family.field.liquid') }}</label>
                    <select id="have-{{ $i }}-liquid" name="have[{{ $i }}][liquid]" class="mid">@foreach ($liquids as $id => $name)<option
                    value="{{ $id }}" @selected($id === $have['liquid'])>{{ $name }}</option>@endforeach</select></p>@endif
                <p class="cell"><label class="lbl" for="have-{{ $i }}-litres">{{ __('family.field.litres') }}</label>
                    <input id="have-{{ $i }}-litres" name="have[{{ $i }}][litres]" class="mid" inputmode="decimal" maxlength="20"
                    autocomplete="off" value="{{ $have['litres'] }}" @if ($wrong) aria-invalid="true"
                    aria-describedby="have-{{ $i }}-error" @endif></p>
                @if ($wrong)<p class="field-error" id="have-{{ $i }}-error"><x-icon.mind /> {{ $wrong->message() }}</p>@endif
            </div>
        @endforeach
        @php($shelf = App\Shelf\OnTheShelf::ready(Carbon\CarbonImmutable::now()))
        @if ($shelf !== [])<p class="lbl">{{ __('keep.for_service') }}</p>
        <p class="from-shelf">@foreach ($shelf as $one)<button class="btn btn-outline-dark" name="shelf"
            value="{{ $one['tub'] }}">{{ $one['words'] }}</button>@endforeach</p>@endif
    </fieldset>
</details>
