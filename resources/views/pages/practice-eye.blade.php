<x-layout :title="__('practice.eye.title')" at="practice">
    <div class="eye">
        <h1>{{ __('practice.eye.title') }}</h1>
        <p class="does">{{ __('practice.eye.lead') }}</p>
        @if (session('done'))<p class="read" role="status">{{ session('done') }}</p>@endif
        <x-practice.eye :eye="$page->mine()" />
        <h2>{{ __('practice.eye.wishes') }}</h2>
        <form method="post" action="{{ route('practice.eye') }}">
            @csrf
            @foreach ($page->wishes() as $wish => $is)<label
                class="form-check tick"><input type="checkbox" class="form-check-input" name="{{ $wish }}" value="1" @checked($is)>
                {{ __('practice.eye.' . $wish) }}</label>@endforeach
            <p class="taps"><button class="btn btn-primary">{{ __('practice.eye.save') }}</button></p>
        </form>
        <form method="post" action="{{ route('practice.forget') }}">@csrf<button class="btn btn-outline-dark">{{
            __('practice.eye.forget') }}
            </button></form>
        <p class="soft">{{ __('practice.eye.depth_note') }}</p>
        @if ($page->others() !== [])
            <h2>{{ __('practice.eye.others') }}</h2>
            @foreach ($page->others() as $other)<h3>{{ $other['name'] }}</h3><x-practice.eye :eye="$other['eye']" />@endforeach
        @endif
        <p><a href="{{ route('practice.drills') }}">{{ __('practice.drill.title') }}</a> · <a href="{{ route('practice') }}">
            {{ __('practice.title') }}</a></p>
    </div>
</x-layout>
