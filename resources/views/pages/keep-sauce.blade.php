<x-layout :title="__('compose.keep_this')" at="compose">
    <div class="sauces">
        <h1>{{ __('compose.keep_this') }}</h1>
        <p>{{ $heading }}</p>
        @if ($from)
            <form method="post" action="{{ route('sauces.store') }}" class="row-form">
                @csrf<x-once />
                <input type="hidden" name="question" value="{{ $question }}">
                <input type="hidden" name="onto" value="{{ $from->sauce_id }}">
                <button class="btn btn-primary go">{{ __('sauces.new_version', ['name' => $from->sauce->name]) }}</button>
            </form>
            <h2>{{ __('sauces.or_new') }}</h2>
        @endif
        <form method="post" action="{{ route('sauces.store') }}" class="row-form">
            @csrf<x-once />
            <input type="hidden" name="question" value="{{ $question }}">
            <x-sauces.details :name="$name" />
            <button class="btn btn-primary">{{ __('compose.keep') }}</button>
        </form>
        <p><a href="{{ route('compose') }}?{{ $question }}">{{ __('sheet.back') }}</a></p>
    </div>
</x-layout>
