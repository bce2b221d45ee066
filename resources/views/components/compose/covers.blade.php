@props(['action', 'fields'])
{{-- The same sauce for so many covers: on every sheet and every sauce that is kept. --}}
<form method="get" action="{{ $action }}" class="for-covers">
    @foreach ($fields as $name => $value)<input type="hidden" name="{{ $name }}" value="{{ $value }}">@endforeach
    <label for="for-covers">{{ __('sheet.for') }}</label>
    <input id="for-covers" name="covers" class="mid number" inputmode="numeric" autocomplete="off"
        maxlength="20" required>
    <span aria-hidden="true">{{ __('sheet.covers') }}</span>
    <button class="btn btn-outline-dark">{{ __('sheet.for_covers') }}</button>
</form>
