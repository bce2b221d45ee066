<x-layout :title="__('score.title')" at="score">
    <div class="empty">
        <h1>{{ __('score.title') }}</h1>
        <p>{{ __('score.none') }}</p>
        <a class="btn btn-primary go" href="{{ route('family') }}">{{ __('score.to_family') }}</a>
    </div>
</x-layout>
