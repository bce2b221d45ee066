<x-layout :title="__('practice.title')" at="practice">
    <div class="practice-choose">
        <h1>{{ __('practice.title') }}</h1>
        <p class="lead">{{ __('practice.lead') }}</p>
        <form method="post" action="{{ route('practice.store') }}" class="card">
            @csrf<x-once />
            <div class="fields">
                <p><label class="lbl" for="sauce">{{ __('practice.choose.sauce') }}</label>
                    <x-practice.sauces :choices="$page->choices" /></p>
                <p><label class="lbl" for="litres">{{ __('practice.choose.litres') }}</label>
                    <input id="litres" name="litres" class="mid" inputmode="decimal" autocomplete="off" value="{{ old('litres', '2') }}"
                        @error('litres') aria-invalid="true" aria-describedby="litres-fault" @enderror></p>
                <p><label class="lbl" for="difficulty">{{ __('practice.choose.difficulty') }}</label>
                    <select id="difficulty" name="difficulty" class="mid">@foreach (__('practice.difficulty') as $one => $name)<option
                        value="{{ $one }}" @selected($one === old('difficulty'))>{{ $name }}</option>@endforeach</select></p>
            </div>
            @error('sauce')<p class="field-error" id="sauce-fault" role="alert">{{ $message }}</p>@enderror
            @error('litres')<p class="field-error" id="litres-fault" role="alert">{{ $message }}</p>@enderror
            <label class="form-check tick"><input type="checkbox" class="form-check-input" name="help" value="yes" checked>
                {{ __('practice.choose.help') }}</label>
            <p class="taps"><button class="btn btn-primary go">{{ __('practice.choose.start') }}</button>
                <button class="btn btn-outline-dark" name="surprise" value="yes">{{ __('practice.choose.surprise') }}</button></p>
        </form>
        <div class="side">
            @if ($page->tonight() !== [])
                <h2>{{ __('practice.choose.tonight') }}</h2>
                <ul class="rows">@foreach ($page->tonight() as $one)<li><form method="post" action="{{ route('practice.store') }}">
                    @csrf<x-once /><input type="hidden" name="sauce" value="{{ $one['sauce'] }}"><input type="hidden" name="liquid"
                    value="{{ $one['liquid'] }}"><input type="hidden" name="litres"
                    value="{{ $one['litres'] }}"><input type="hidden" name="help" value="yes"><button class="btn btn-outline-dark">
                    {{ $one['name'] }} <span>{{ $one['litres'] }} l</span></button></form></li>@endforeach</ul>
            @endif
            @if ($page->set() !== [])
                <h2>{{ __('practice.choose.set') }}</h2>
                <ul class="rows">@foreach ($page->set() as $one)<li><form method="post" action="{{ route('practice.take', $one['id']) }}">
                    @csrf<x-once /><button class="btn btn-outline-dark"><b>{{ $one['title'] }}</b> <span>{{ $one['line']
                        }}</span></button>
                    </form></li>@endforeach</ul>
            @endif
            <p class="taps"><a class="btn btn-outline-dark" href="{{ route('practice.drills') }}">{{ __('practice.choose.drills') }}</a>
                <a class="btn btn-outline-dark" href="{{ route('practice.eye') }}">{{ __('practice.choose.eye') }}</a>
                <a class="btn btn-outline-dark" href="{{ route('practice.exercises') }}">{{ __('practice.exercise.title') }}</a></p>
            <h2>{{ __('practice.choose.going') }}</h2>
            @if ($page->mine() === [])<p class="soft">{{ __('practice.choose.none') }}</p>@endif
            <ul class="rows">@foreach ($page->mine() as $one)<li><a href="{{ $one['address'] }}"><b>{{ $one['name'] }}</b>
                <span>{{ $one['line'] }}</span></a></li>@endforeach</ul>
        </div>
    </div>
</x-layout>
