@props(['action', 'key' => null, 'primary' => false])
{{-- What is done next with a sauce; the button belongs to the form that cooks. --}}
@if ($action->kind === 'link')
    <a class="btn btn-outline-dark act" href="{{ route('pots.show', $action->pot) }}">{{ $action->words }}</a>
@elseif ($action->kind === 'none')
    <p class="act done">{{ $action->words }}</p>
@else
    <button class="btn {{ $primary ? 'btn-primary' : 'btn-outline-dark' }} act" form="cook" name="branch" value="{{ $action->branch }}"
        @if ($key) data-key="{{ $key }}" @endif>{{ $action->words }} @if ($key)<kbd aria-hidden="true">{{ $key }}</kbd>@endif</button>
@endif
