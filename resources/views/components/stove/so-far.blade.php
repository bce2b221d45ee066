@props(['page'])
<div class="events">
    <p class="lbl">{{ __('stove.events') }}</p>
    <ul>
        @forelse ($page->lastEvents() as $note)
            <li><time>{{ $note->at->format('H:i') }}</time> <span>{{ $note->text }}</span></li>
        @empty
            <li class="soft">{{ __('stove.events_none') }}</li>
        @endforelse
    </ul>
</div>
