@props(['page'])
@php($else = $page->unprompted())
{{-- What no step asked for, in two taps. --}}
<details class="note-key else-key" @if ($errors->hasAny(['of', 'amount', 'pan'])) open @endif>
    <summary class="btn btn-outline-dark" data-key="j">{{ __('stove.else.title') }}</summary>
    <div class="else-forms">
        @if ($page->mayPutAway())<p><a class="btn btn-outline-dark" href="{{ route('pots.keep', $page->potId)
            }}">{{ __('keep.put_some') }}</a></p>@endif
        <x-stove.form :page="$page" kind="added" class="else-form">
            <label for="else-of">{{ __('stove.else.add') }}</label>
            <select id="else-of" name="of" class="mid">@foreach ($else->larder() as $id => $name)<option
                value="{{ $id }}" @selected(old('of') === $id)>{{ $name }}</option>@endforeach</select>
            <div class="with-unit"><input name="amount" class="mid" inputmode="decimal" autocomplete="off" value="{{ old('amount') }}"
                aria-label="{{ __('stove.else.amount') }}"><select name="unit" class="mid"
                aria-label="{{ __('stove.else.unit') }}"><option value="ml">ml</option><option value="g">g</option></select>
                <button class="btn btn-dark">{{ __('stove.else.added') }}</button></div>
            <x-stove.error name="of" /><x-stove.error name="amount" />
        </x-stove.form>
        <x-stove.form :page="$page" kind="ladled-off" :fields="['text' => __('stove.else.elsewhere')]" class="else-form">
            <label for="else-out">{{ __('stove.else.took_out') }}</label>
            <div class="with-unit"><input id="else-out" name="litres" class="mid" inputmode="decimal" autocomplete="off">
                <button class="btn btn-dark">{{ __('stove.else.took') }}</button></div>
        </x-stove.form>
        @if ($else->pans() !== [])
            <x-stove.form :page="$page" kind="changed-pan" class="else-form">
                <label for="else-pan">{{ __('stove.else.pan') }}</label>
                <div class="with-unit"><select id="else-pan" name="pan" class="mid">@foreach ($else->pans() as $id => $pan)<option
                    value="{{ $id }}">{{ $pan->name }}</option>@endforeach</select>
                    <button class="btn btn-dark">{{ __('stove.else.moved') }}</button></div>
                <x-stove.error name="pan" />
            </x-stove.form>
        @endif
    </div>
</details>
