<x-layout :title="__('practice.exercise.title')" at="practice">
    <div class="practice-choose">
        <h1>{{ __('practice.exercise.title') }}</h1>
        <p class="lead">{{ __('practice.exercise.lead') }}</p>
        @if ($page->maySet)
            <form method="post" action="{{ route('practice.exercises') }}" class="card">
                @csrf<x-once />
                <h2>{{ __('practice.exercise.new') }}</h2>
                <div class="fields">
                    <p><label class="lbl" for="title">{{ __('practice.exercise.name') }}</label><input id="title" name="title"
                        class="mid" maxlength="60" autocomplete="off" value="{{ old('title') }}"></p>
                    <p><label class="lbl" for="litres">{{ __('practice.choose.litres') }}</label> <input id="litres" name="litres"
                        class="mid" inputmode="decimal" autocomplete="off" value="{{ old('litres', '2') }}"></p>
                    <p><label class="lbl" for="seed">{{ __('practice.exercise.seed') }}</label><input id="seed" name="seed"
                        class="mid" inputmode="numeric" autocomplete="off" value="{{ old('seed') }}"
                        placeholder="{{ __('practice.exercise.any') }}"></p>
                    <p><label class="lbl" for="sauce">{{ __('practice.choose.sauce') }}</label>
                        <x-practice.sauces :choices="$page->choices" /></p>
                    <p><label class="lbl" for="difficulty">{{ __('practice.choose.difficulty') }}</label>
                        <select id="difficulty" name="difficulty" class="mid">@foreach (__('practice.difficulty') as $one => $name)<option
                            value="{{ $one }}" @selected($one === old('difficulty', 'off'))>{{ $name }}</option>@endforeach</select></p>
                </div>
                @foreach ($errors->all() as $error)<p class="field-error" role="alert">{{ $error }}</p>@endforeach
                <p class="taps"><button class="btn btn-primary go">{{ __('practice.exercise.set') }}</button></p>
            </form>
        @endif
        <div class="side">
            <h2>{{ __('practice.choose.set') }}</h2>
            @if ($page->set() === [])<p class="soft">{{ __('practice.exercise.none') }}</p>@endif
            <ul class="rows">@foreach ($page->set() as $one)<li><a href="{{ route('practice.exercise', $one['id']) }}"><b>{{
                $one['title'] }}</b>
                <span>{{ $one['line'] }}</span></a></li>@endforeach</ul>
            @if ($page->maySet && $page->faults() !== [])
                <h2>{{ __('practice.exercise.faults') }}</h2>
                <ul class="rows">@foreach ($page->faults() as $cause => $times)<li>{{ __('practice.short.' . $cause) }}: <b>{{ $times
                    }}</b></li>@endforeach</ul>
            @endif
            @if ($page->maySet)<p><a href="{{ route('practice.exercises.csv') }}">{{ __('practice.exercise.csv') }}</a></p>@endif
            <p class="soft">{{ __('practice.exercise.no_certificate') }}</p>
            <p><a href="{{ route('practice') }}">{{ __('practice.title') }}</a></p>
        </div>
    </div>
</x-layout>
