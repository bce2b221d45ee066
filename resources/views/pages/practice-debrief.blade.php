<x-layout :title="$page->title()" at="practice">
    <article class="debrief">
        <p class="soft">{{ $page->line() }}</p>
        <h1>{{ $page->title() }}</h1>
        <p class="lead">{{ implode(' ', $page->sentences()) }}</p>
        @php($pictures = $page->pictures())
        <div class="told">
            <div class="drawings">@foreach (array_slice($pictures, 0, 1) as $widths)<x-drawing.lanes :widths="$widths" />@endforeach</div>
            <div class="cost">
                <h2>{{ __('practice.debrief.cost_title') }}</h2>
                <dl>@foreach ($page->cost() as $row => $says)<div><dt>{{ __('practice.debrief.rows.' . $row) }}</dt><dd>{{ $says
                    }}</dd></div>
                    @endforeach</dl>
                @if ($page->seen() !== '')<p class="soft">{{ $page->seen() }}</p>@endif
            </div>
        </div>
        <div class="taps">
            @if ($page->again() !== null)
                <x-practice.again :id="$page->id" :second="$page->again()" class="btn-primary go">{{ __('practice.debrief.from',
                    ['clock' =>
                    $page->againClock()]) }}</x-practice.again>
            @endif
            <x-practice.again :id="$page->id" :second="0" class="btn-outline-dark">{{ __('practice.debrief.same') }}</x-practice.again>
            <x-practice.again :id="$page->id" :second="0" :elsewhere="true" class="btn-outline-dark">{{ __('practice.debrief.other') }}
                </x-practice.again>
            <a class="btn btn-outline-dark" href="{{ route('practice.drills') }}">{{ __('practice.choose.drills') }}</a>
        </div>
        <div class="told">
            <div class="drawings">@foreach (array_slice($pictures, 1) as $widths)<x-drawing.lanes :widths="$widths"
                :keyed="false" />@endforeach</div>
            <div class="cost">
                @if ($page->also() !== [])<h2>{{ __('practice.debrief.why_title') }}</h2><ul>@foreach ($page->also() as $also)<li><b>
                    {{ $also['title'] }}.</b> <span class="soft">{{ $also['says'] }}</span></li>@endforeach</ul>@endif
                @if ($page->takenBack() !== '')<p class="soft">{{ $page->takenBack() }}</p>@endif
            </div>
        </div>
        <details class="moments" @if ($errors->has('clock')) open @endif>
            <summary>{{ __('practice.debrief.any') }}</summary>
            <form method="post" action="{{ route('practice.again', $page->id) }}" class="clock">@csrf<x-once /><label class="lbl"
                for="clock">{{ __('practice.debrief.clock') }}</label><input id="clock" name="clock" class="mid" autocomplete="off"
                value="{{ $page->againClock() }}" @error('clock') aria-invalid="true" aria-describedby="clock-fault" @enderror>
                <button class="btn btn-outline-dark">{{ __('practice.debrief.go') }}</button></form>
            @error('clock')<p class="field-error" id="clock-fault" role="alert">{{ $message }}</p>@enderror
            <ul class="rows">@foreach ($page->moments() as $moment)<li><x-practice.again :id="$page->id" :second="$moment['second']"
                class="btn-outline-dark"><b>{{ $moment['clock'] }}</b> {{ $moment['words'] }}
                <span>{{ $moment['best'] }}</span></x-practice.again></li>@endforeach</ul>
        </details>
        <p class="soft">{{ __('practice.never_real') }}</p>
    </article>
</x-layout>
