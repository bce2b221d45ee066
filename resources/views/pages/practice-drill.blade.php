<x-layout :title="$page->title()" at="practice">
    <div class="drill">
        <p class="soft">{{ __('practice.drill.title') }} · {{ $page->said === null ? $page->due() : $page->back() }}</p>
        <h1>{{ $page->title() }}</h1>
        <div class="drill-asks">
            @if ($page->isSpoon())<x-drawing.spoon-tap :spoon="$page->spoon()" :colour="$page->colour()" id="drill" />@endif
            @if ($page->isShade())<svg class="drill-shade" viewBox="0 0 200 130" aria-hidden="true"><rect x="1" y="1" width="198"
                height="128"
                rx="6" fill="{{ $page->colour() }}" class="s-ink" stroke-width="2"/></svg>@endif
            <p class="does">{{ $page->asks() }}</p>
        </div>
        @if ($page->said === null)
            <form method="post" action="{{ route('practice.answer') }}">
                @csrf<x-once /><input type="hidden" name="kind" value="{{ $page->card->kind->value }}"><input type="hidden" name="seed"
                value="{{ $page->card->seed }}"><input type="hidden" name="sauce" value="{{ $page->card->sauce }}">
                @if ($page->choices() !== [])
                    <div class="drill-choices" role="group" aria-label="{{ $page->title() }}">
                        @foreach ($page->choices() as $i => $choice)<button class="btn btn-outline-dark" name="answer" value="{{ $i }}">
                            {{ $choice }}</button>@endforeach
                    </div>
                @else
                    <p class="typed"><label class="lbl" for="answer">{{ $page->unit() }}</label>
                        <input id="answer" name="answer" class="mid" inputmode="decimal" autocomplete="off" @error('answer')
                            aria-invalid="true" aria-describedby="answer-fault" @enderror>
                        <button class="btn btn-primary go">{{ __('practice.drill.answer') }}</button></p>
                @endif
                @error('answer')<p class="field-error" id="answer-fault" role="alert">{{ $message }}</p>@enderror
            </form>
        @else
            <p class="came {{ $page->isRight() ? 'right' : 'wrong' }}" role="status"><b>{{ $page->came() }}</b> {{ $page->youSaid() }}</p>
            @if ($page->isShade())
                <ol class="drill-strip">@foreach ($page->swatches() as $i => $hex)<li @class(['is' => $i === (int)
                    $page->card->drill->right])><svg viewBox="0 0 60 40" aria-hidden="true"><rect width="60" height="40"
                    fill="{{ $hex }}"/></svg>{{ $page->choices()[$i] }}</li>@endforeach</ol>
            @endif
            <p class="does">{{ $page->trick() }}</p>
            <p><a class="btn btn-primary go" href="{{ route('practice.drills') }}" data-key="n">{{ __('practice.drill.next') }}</a>
                <a class="btn btn-outline-dark" href="{{ route('practice.eye') }}">{{ __('practice.eye.title') }}</a></p>
        @endif
        <p class="soft">{{ __('practice.drill.lead') }} <a href="{{ route('practice') }}">{{ __('practice.title') }}</a></p>
    </div>
</x-layout>
