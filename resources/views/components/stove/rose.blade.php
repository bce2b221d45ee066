@props(['page'])
@php($rose = $page->unprompted()->rose())
@if ($rose !== null)
    <div class="follow-up rose" role="status">
        <p><b>{{ __('stove.else.rose', ['ml' => $rose['ml']]) }}</b></p>
        <x-stove.form :page="$page" kind="added" :fields="['at' => $rose['at'], 'unit' => 'ml']" class="else-form">
            <div class="with-unit"><input name="amount" class="mid" inputmode="decimal" autocomplete="off" value="{{ $rose['ml'] }}"
                aria-label="{{ __('stove.else.amount') }}, ml"><select name="of" class="mid" aria-label="{{ __('stove.else.what') }}">
                @foreach ($page->unprompted()->larder() as $id => $name)<option value="{{ $id }}">{{ $name }}</option>@endforeach</select>
                <button class="btn btn-dark">{{ __('stove.else.added') }}</button></div>
        </x-stove.form>
        <x-stove.tap :page="$page" kind="undone" :fields="['undoes' => $rose['reading']]">{{ __('stove.else.misread') }}</x-stove.tap>
    </div>
@endif
