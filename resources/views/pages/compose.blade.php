<x-layout :title="__('compose.title')" at="compose">
    <input type="checkbox" id="ask-open" class="ask-open" aria-controls="ask" aria-label="{{ __('compose.change_question') }}"
        @checked($page->errors !== [])>
    {{-- Not for each number that changes: what was asked before is looked up once. --}}
    @unless (request()->header('HX-Request-Type') === 'partial')<x-compose.ways />@endunless
    <p id="line-down" class="line-down" role="alert" hidden>{{ __('compose.line_down') }}</p>
    <div id="answer" class="compose-wrap">
        @fragment('answer')
        <form id="ask" class="compose @if ($page->stale()) stale @endif" method="get" action="{{ route('compose') }}" novalidate
            data-asks="#answer, #whole-sheet" hx-get="{{ route('compose') }}" hx-trigger="submit, input" hx-target="#answer"
            hx-swap="innerMorph" hx-sync="this:replace">
            <label for="ask-open" class="ask-toggle"><b>{{ $page->heading() }}</b> <span>{{ __('compose.change') }}</span></label>
            <x-compose.ask :page="$page" />
            <x-compose.see :page="$page" />
            <x-compose.slip :page="$page" />
            <x-compose.made :page="$page" />
        </form>
        <x-keep.there :sauce="$page->fields['sauce']" :liquid="$page->fields['liquid']" />
        <x-compose.acts :page="$page" />
        @endfragment
    </div>
    {{-- Below the fold, so it may come a moment later than the answer. --}}
    <div id="whole-sheet" hx-get="{{ route('compose.whole') }}" hx-include="#ask" hx-trigger="sheet from:body delay:250ms"
        hx-swap="innerMorph">
        @fragment('whole')
        @if ($page->whole)<x-sheet.whole :page="$page->whole" />@endif
        @endfragment
    </div>
</x-layout>
