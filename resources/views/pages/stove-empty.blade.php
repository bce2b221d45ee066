<x-layout :title="__('stove.title')" at="stove">
    <div class="empty">
        <h1>{{ __(request()->routeIs('stove.new') ? 'stove.put_on' : 'stove.empty') }}</h1>
        <p>{{ __('stove.empty_hint') }}</p>
        <a class="btn btn-primary go" href="{{ route('compose') }}">{{ __('stove.to_compose') }}</a>
        <x-stove.put-on />
    </div>
</x-layout>
