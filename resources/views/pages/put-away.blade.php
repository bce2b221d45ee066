<x-layout :title="__('keep.put.title', ['name' => $page->from->pot->name])" at="keep">
    <div id="answer">
        @fragment('answer')
        <form data-asks="#answer" class="folio put-away" method="get" action="{{ route('pots.keep', $page->from->pot) }}" novalidate
            hx-get="{{ route('pots.keep', $page->from->pot) }}" hx-trigger="submit, change, input delay:400ms" hx-target="#answer"
            hx-swap="innerMorph" hx-sync="this:replace">
            <p><a href="{{ $page->from->pot->finished_at ? route('log.show', $page->from->pot) : route('pots.show', $page->from->pot) }}">‹
                {{ $page->from->pot->name }}</a></p>
            <h1>{{ __('keep.put.title', ['name' => $page->from->pot->name]) }}</h1>
            @if ($page->vessels === [])<p>{{ __('keep.put.no_vessels') }} <a
                href="{{ route('kitchen') }}#vessels">{{ __('keep.put.to_kitchen') }}</a></p>
            @elseif ($page->isNothingLeft())<p>{{ __('keep.put.nothing') }}</p>
            @else
            <div class="there"><p>{{ $page->thereIs() }}</p>
                <p class="cell"><label class="lbl" for="celsius">{{ __('keep.put.celsius') }}</label><input id="celsius" name="celsius"
                    class="mid" inputmode="decimal" maxlength="8" autocomplete="off" value="{{ $page->asked->celsius }}"
                    @if (isset($page->asked->faults['celsius'])) aria-invalid="true" @endif>
                    <x-keep.fault :fault="$page->asked->faults['celsius'] ?? null" /></p></div>
            @if ($page->tooMuch)<p class="field-error" role="alert"><x-icon.mind /> {{ $page->tooMuch->message() }}</p>@endif
            @foreach ($page->rows() as $i => $row)<x-keep.portion :page="$page" :row="$row" :i="$i" />@endforeach
            <button class="btn btn-outline-dark work-out">{{ __('keep.put.work_out') }}</button>
            @endif
        </form>
        @if ($page->isReady())
            <form class="folio put-go" method="post" action="{{ route('pots.keep', $page->from->pot) }}" data-once>
                @csrf<x-once /><input type="hidden" name="celsius" value="{{ $page->asked->celsius }}">
                @foreach ($page->asked->rows as $i => $row)@foreach ($row as $name => $value)<input type="hidden"
                    name="rows[{{ $i }}][{{ $name }}]" value="{{ $value }}">@endforeach @endforeach
                <button class="btn btn-primary go">{{ __('keep.put.go') }}</button>
            </form>
        @endif
        @endfragment
    </div>
</x-layout>
