@props(['page', 'name'])
@php($options = App\Pages\Compose\Options::ofSchool($name, $page->fields[$name]))
<div class="choice">
    <label class="lbl" for="choose-{{ $name }}">{{ __("schools.$name.q") }}</label>
    <select id="choose-{{ $name }}" name="{{ $name }}" class="mid">
        @if ($options->typed === '')<option value="" selected>{{ __('schools.usual') }}</option>@endif
        @foreach ($options->names as $value => $words)
            <option value="{{ $value }}" @selected($options->isChosen($value))>{{ $words }}</option>
        @endforeach
        @if (! $options->isKnown() && $options->typed !== '')<option value="{{ $options->typed }}"
            selected>{{ $options->typed }}@if ($name === 'ratio') : 1 @endif</option>@endif
    </select>
    <p class="changes">{{ $options->changes($name) }}</p>
    @if (isset($page->errors[$name]))<x-field-error :page="$page" :field="$name" />@endif
</div>
