@props(['page'])
<section class="below">
    <div class="then">
        @if ($page->next())
            <p class="lbl">{{ __('stove.then') }}</p>
            <p class="next-title">{{ $page->next() }}</p>
            <p class="next-cue">{{ $page->nextCue() }}</p>
        @endif
    </div>
    <div class="depth">
        <p class="huge">{{ round($page->sheet->endDepth()->inMillimetres()) }}<small>mm</small></p>
        <p>{{ __('stove.target_depth') }}</p>
        @if ($page->sure() !== '')<p class="sure">{{ $page->sure() }}</p>@endif
    </div>
    <div class="events">
        <details class="take-off">
            <summary>{{ __('stove.take_off') }}</summary>
            <form method="post" action="{{ route('pots.events', $page->potId) }}" data-stove>
                @csrf <x-stove.event kind="taken-off" :page="$page" />
                <button class="btn btn-outline-danger">{{ __('stove.take_off_sure') }}</button>
            </form>
        </details>
        <p class="lbl">{{ __('stove.notes') }}</p>
        <ul>
            @forelse ($page->lastNotes() as $note)
                <li><time>{{ $note->at->format('H:i') }}</time> <span>{{ $note->text }}</span></li>
            @empty
                <li class="soft">{{ __('stove.notes_none') }}</li>
            @endforelse
        </ul>
    </div>
</section>
