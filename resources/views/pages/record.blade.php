<x-layout :title="$page->title()" at="keep">
    <div class="folio record">
        <nav class="inside" aria-label="{{ __('keep.nav.label') }}"><a href="{{ route('keep') }}">‹ {{ __('keep.shelves') }}</a>
            <a href="{{ route('keep.record', ['day' => $page->day(-1)]) }}" rel="prev">{{ __('keep.record.before') }}</a>
            @if ($page->hasNext())<a href="{{ route('keep.record', ['day' => $page->day(1)]) }}"
                rel="next">{{ __('keep.record.after') }}</a>@endif
            @foreach (App\Http\Controllers\RecordController::FORMATS as $format)<a
                href="{{ route('keep.record.file', [$format, 'day' => $page->day(0)]) }}">{{ strtoupper($format) }}</a>@endforeach
            <button type="button" class="btn btn-outline-dark" data-print>{{ __('keep.record.print') }}</button></nav>
        <h1>{{ $page->title() }}</h1>
        <x-keep.record :page="$page" />
        @if ($page->isPast() && $page->record->sealed === null && $page->record->batches !== [])
            <form method="post" action="{{ route('keep.record.seal') }}" class="seal">@csrf<input type="hidden" name="day"
                value="{{ $page->day(0) }}"><button class="btn btn-outline-dark">{{ __('keep.record.seal') }}</button>
                <p class="soft">{{ __('keep.record.seal_how') }}</p></form>
        @endif
    </div>
</x-layout>
