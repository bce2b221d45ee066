@props(['page'])
@php($roux = $page instanceof App\Pages\StovePage && $page->kind() === Lento\Compose\StepKind::Colour ? $page->pot->roux : null)
<div class="events">
    @if ($roux)<x-drawing.forecast :curve="$roux->curve" :now="$roux->now->time->seconds" value="roux" id="roux-curve" :width="300" :height="112" />@endif
    <p class="lbl">{{ __('stove.events') }}</p>
    <ul>
        @forelse (array_slice($page->lastEvents(), 0, $roux ? 1 : 9) as $note)
            <li><time>{{ $note->at->format('H:i') }}</time> <span>{{ $note->text }}</span></li>
        @empty
            <li class="soft">{{ __('stove.events_none') }}</li>
        @endforelse
    </ul>
</div>
