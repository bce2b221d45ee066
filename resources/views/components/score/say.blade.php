@props(['page', 'kind', 'of', 'fields' => [], 'again' => true])
{{-- One thing that can be said of the plan: a form of one button, or of a field and its buttons. --}}
<form method="post" action="{{ route('score.say', $page->serviceId) }}" hx-post="{{ route('score.say', [$page->serviceId,
    'zoom' => $page->asked->zoom]) }}" hx-target="#answer" hx-swap="innerMorph" data-asks="#answer" {{ $attributes }}>@csrf<input
    type="hidden" name="saw" value="{{ $page->saw() }}">
    @if ($page->panel)<input type="hidden" name="note" value="{{ $page->panel->id() }}">@endif
    @if ($kind !== '')<input type="hidden" name="kind" value="{{ $kind }}">@endif
    @if ($of !== '')<input type="hidden" name="of" value="{{ $of }}">@endif
    @foreach ($fields as $name => $value)<input type="hidden" name="{{ $name }}" value="{{ $value }}">@endforeach
    {{ $slot }}
</form>
