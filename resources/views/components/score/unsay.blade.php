@props(['page', 'place', 'mark' => ''])
<form method="post" action="{{ route('score.unsay', $page->serviceId) }}" hx-post="{{ route('score.unsay', [$page->serviceId,
    'zoom' => $page->asked->zoom]) }}" hx-target="#answer" hx-swap="innerMorph" data-asks="#answer">@csrf
    <input type="hidden" name="place" value="{{ $place }}">@if ($mark !== '')<input type="hidden" name="mark" value="{{ $mark }}">@endif
    <button {{ $attributes->merge(['class' => 'btn btn-outline-dark']) }}>{{ $slot }}</button></form>
