@props(['page', 'name'])
@php
    $chosen = $page->fields[$name];
    $same = fn (string $choice): bool => is_numeric($choice) ? (float) str_replace(',', '.', $chosen) === (float) $choice
        : $chosen === $choice;
    $choices = App\Kitchen\Choices::all()[$name];
    $words = __('schools.' . $name);
    $known = array_values(array_filter($choices, $same))[0] ?? null;
@endphp
<div class="choice">
    <label class="lbl" for="choose-{{ $name }}">{{ $words['q'] }}</label>
    <select id="choose-{{ $name }}" name="{{ $name }}" class="mid">
        @if ($chosen === '')<option value="" selected>{{ __('schools.usual') }}</option>@endif
        @foreach ($choices as $choice)
            <option value="{{ $choice }}" @selected($same($choice))>{{ $words[$choice][0] }}</option>
        @endforeach
        @if ($known === null && $chosen !== '')<option value="{{ $chosen }}"
            selected>{{ $chosen }}@if ($name === 'ratio') : 1 @endif</option>@endif
    </select>
    <p class="changes">{{ $known === null ? '' : $words[$known][1] }}</p>
    @if (isset($page->errors[$name]))<x-field-error :page="$page" :field="$name" />@endif
</div>
