<x-layout :title="__('compose.title')" at="compose">
    <input type="checkbox" id="ask-open" class="ask-open" aria-controls="ask" aria-label="{{ __('compose.change_question') }}" @checked($page->errors !== [])>
    <p id="line-down" class="line-down" role="alert" hidden>{{ __('compose.line_down') }}</p>
    <div id="answer" class="compose-wrap">
        @fragment('answer')
        <div class="compose @if ($page->stale()) stale @endif">
            <label for="ask-open" class="ask-toggle"><b>{{ $page->heading() }}</b> <span>{{ __('compose.change') }}</span></label>
            <form id="ask" class="wants" method="get" action="{{ route('compose') }}" novalidate
                hx-get="{{ route('compose') }}" hx-trigger="submit, input delay:200ms" hx-target="#answer" hx-swap="innerMorph" hx-sync="this:replace">
                <x-compose.ask :page="$page" />
                <x-compose.see :page="$page" />
            </form>
            <x-compose.slip :page="$page" />
        </div>
        @endfragment
    </div>
</x-layout>
