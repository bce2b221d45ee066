<x-layout :title="$page->title()" at="stove">
    <div id="answer">
        @fragment('answer')
        <article class="stove kind-{{ $page->kind()->value }}" data-pot="{{ $page->potId }}">
            <x-stove.progress :page="$page" />
            <x-stove.step :page="$page" />
            @if ($page->drawing() !== 'outcome')<x-stove.timer :page="$page" />@endif
            <div class="bigstrip">
                @switch($page->drawing())
                    @case('weigh') <x-stove.weigh :page="$page" /> @break
                    @case('strip') <x-drawing.strip :sheet="$page->sheet" id="strip" class="wide" /><x-drawing.strip :sheet="$page->sheet" id="strip-narrow" :width="366" class="narrow" /> @break
                    @case('stair') <x-stove.pours :page="$page" /> @break
                    @case('outcome') <x-stove.outcome :page="$page" /> @break
                    @default
                        <div class="pot-and-spoon">
                            <x-drawing.pot :sheet="$page->sheet" :colour="$page->colour()" id="pot" />
                            <div class="spoon-row">
                                <x-drawing.spoon :sheet="$page->sheet" :colour="$page->colour()" id="spoon" />
                                <p class="says">{{ __('thickness.spoon.' . $page->sheet->spoon->word()->value) }}</p>
                            </div>
                        </div>
                @endswitch
            </div>
            @if ($page->drawing() !== 'outcome')<x-stove.below :page="$page" />@endif
            <x-stove.keys :page="$page" />
        </article>
        @endfragment
    </div>
</x-layout>
