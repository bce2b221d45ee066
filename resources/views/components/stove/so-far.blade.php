@props(['page'])
@php($roux = $page instanceof App\Pages\Stove\StovePage && $page->kind() === Lento\Plan\StepKind::Colour ? $page->pot->roux : null)
<div class="events">
    @if ($roux)<x-drawing.forecast :curve="$roux->curve" :now="$roux->now->time->seconds" value="roux" id="roux-curve" :width="300"
        :height="112" />@endif
    <p class="lbl">{{ __('stove.events') }}</p>
    <ul>
        @forelse ($page->soFar()->last($roux ? 1 : 4) as $note)
            <li><time>{{ $note->at->format('H:i') }}</time> <span>{{ $note->text }}</span></li>
        @empty
            <li class="soft">{{ __('stove.events_none') }}</li>
        @endforelse
    </ul>
</div>
