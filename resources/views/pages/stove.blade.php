<x-layout :title="$page->title()" at="stove">
    <p id="line-down" class="line-down" role="alert" hidden>{{ __('stove.no_line') }}</p>
    {{-- Each redraw says here what was written down last, the step, and what to mind, to whoever does not see it. --}}
    <p id="step-said" class="visually-hidden" role="status"></p>
    <div id="answer">
        @fragment('answer')
        <article @class(['stove', 'kind-' . $page->kind()->value, 'panel-' . $page->panel()])
            @foreach ($page->told() as $attribute => $value) {{ $attribute }}="{{ $value }}" @endforeach>
            <p id="stove-wrong" class="field-error" role="alert" hidden></p>
            <x-stove.still-on :page="$page" :since="$untouchedSince" />
            <x-stove.progress :page="$page" />
            <x-stove.follow-up :page="$page" />
            <x-stove.rose :page="$page" />
            <x-stove.step :page="$page" />
            @if ($page->panel() !== 'outcome')<x-stove.timer :page="$page" />@endif
            <div class="bigstrip">
                @if ($page->panel() === 'outcome')
                    <x-stove.panel.outcome :page="$page" :planned="$page->promised()" />
                @else
                    <x-dynamic-component :component="'stove.panel.' . $page->panel()" :page="$page" />
                @endif
            </div>
            @if ($page->panel() !== 'outcome')<x-stove.below :page="$page" />@endif
            <x-stove.keys :page="$page" />
        </article>
        @endfragment
    </div>
</x-layout>
