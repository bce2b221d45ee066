@props(['hands'])
{{-- What the cook at this tablet has next, across all pots; the score itself is one key away. --}}
@if ($mine = $hands->mine())<p class="mine"><span class="visually-hidden">{{ __('score.mine') }}</span>
    <b>{{ $mine->at->format('H:i') }}</b> {{ $mine->what }}, {{ $mine->name }}</p>@endif
