<x-layout :title="__('family.title')" at="family">
    <x-keep.soon />
    <div class="empty">
        <h1>{{ __('family.none_title') }}</h1>
        <p>{{ __('family.none') }}</p>
        <form method="post" action="{{ route('services.store') }}" data-once>
            @csrf<x-once />
            <button class="btn btn-primary go">{{ __('family.begin') }}</button>
        </form>
        <p><a href="{{ route('family.tree') }}">{{ __('family.tree') }}</a></p>
    </div>
</x-layout>
