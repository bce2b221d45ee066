@props(['page'])
@php($liquid = App\Format\Words::ingredient($page->fields['liquid']))
@php($fat = App\Format\Words::ingredient($page->fields['fat']))
<fieldset class="field">
    <legend class="visually-hidden">{{ __('compose.how_much') }}</legend>
    <div class="lead go-by">
        <label class="lbl" for="given">{{ __('compose.given_by') }}</label>
        <select id="given" name="given" class="line-pick">
            @foreach ($page->givens() as $given)
                <option value="{{ $given }}" @selected($given === $page->given())>{{ __('compose.givens.' . $given, ['liquid' => $liquid,
                    'fat' => $fat]) }}</option>
            @endforeach
        </select>
    </div>
    @foreach (['amount', 'covers', 'each', 'have_roux', 'have_fat', 'have_flour', 'stock'] as $field)
        @if ($page->hidden($field))<input type="hidden" name="{{ $field }}" value="{{ $page->numbers->number($field) }}">@endif
        @if ($page->numbers->unitField($field))<input type="hidden" name="{{ $page->numbers->unitField($field) }}"
            value="{{ $page->numbers->unit($field) }}">@endif
    @endforeach
    <div class="amount @if (! in_array($page->given(), ['litres', 'covers'], true)) worked-out @endif">
        <button class="btn nudge" name="nudge" value="down" aria-label="{{ __('compose.less') }}">−</button>
        @if ($page->given() === 'covers')
            <input id="covers" name="covers" class="big" inputmode="numeric" autocomplete="off"
                value="{{ $page->numbers->number('covers') }}" aria-label="{{ __('compose.covers') }}" @if ($page->error('covers'))
                aria-invalid="true" aria-describedby="covers-error" @endif>
            <span class="unit">×</span>
            <input id="each" name="each" class="big" inputmode="decimal" autocomplete="off" value="{{ $page->numbers->number('each') }}"
                aria-label="{{ __('compose.each') }}" @if ($page->error('each')) aria-invalid="true" aria-describedby="each-error" @endif>
            <span class="unit">{{ $page->numbers->unit('each') }}</span>
        @else
            <input id="amount" name="amount" class="big" inputmode="decimal" autocomplete="off"
                value="{{ $page->numbers->number('amount') }}" aria-label="{{ __('compose.how_much') }}, {{ __('compose.litres') }}"
                @if ($page->error('amount')) aria-invalid="true" aria-describedby="amount-error" @endif>
            <span class="unit">{{ $page->numbers->unit('amount') }}</span>
        @endif
        <button class="btn nudge" name="nudge" value="up" aria-label="{{ __('compose.more') }}">+</button>
    </div>
    @if ($page->whichUnit() !== '')<p class="cue" role="status">{{ $page->whichUnit() }}</p>@endif
    @if ($page->given() === 'formula')
        <p class="cue"><x-given /> {{ __('compose.held.note') }}</p>
    @elseif ($page->takesRatio())
        <div class="own-ratio">
            <label class="lbl" for="own_ratio">{{ __('compose.held.ratio') }}</label>
            <input id="own_ratio" name="own_ratio" class="mid" autocomplete="off" maxlength="30" value="{{ $page->fields['own_ratio'] }}"
                placeholder="{{ __('compose.held.ratio_example') }}" list="rules" @if ($page->error('own_ratio')) aria-invalid="true"
                aria-describedby="own_ratio-error" @endif>
            <datalist id="rules">@foreach (App\Questions\OwnRatio::ENTRIES as $rule)<option
                value="{{ $rule }}"></option>@endforeach</datalist>
            <select name="own_ratio_by" class="mid" aria-label="{{ __('compose.held.ratio') }}">
                @foreach (__('compose.held.by') as $by => $name)<option value="{{ $by }}"
                @selected($page->fields['own_ratio_by'] === $by)>{{ $name }}</option>@endforeach
            </select>
        </div>
        @if ($page->meanings() !== [])
            <ul class="meanings" aria-label="{{ __('compose.means.title') }}">
                @foreach ($page->meanings() as $meaning)
                    <li>@if ($meaning['taken'])<b>{{ $meaning['name'] }}</b> <span
                        class="soft">{{ __('compose.means.taken') }}</span>@else<a
                        href="{{ $meaning['address'] }}">{{ $meaning['name'] }}</a>@endif <span>{{ $meaning['comes'] }}</span></li>
                @endforeach
            </ul>
        @endif
        @if (isset($page->errors['own_ratio']))<x-field-error :page="$page" field="own_ratio" />@endif
    @endif
    @if ($page->given() === 'pan' && $page->sheet)<p class="cue"><x-given
        /> {{ __('compose.fills', ['percent' => round($page->sheet->fillPercent())]) }}</p>@endif
    @foreach ($page->errorsWithoutPlace() as $field) @if (isset($page->errors[$field]))<x-field-error :page="$page" :field="$field"
        />@endif @endforeach
</fieldset>
