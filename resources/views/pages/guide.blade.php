<x-layout :title="__('guide.title') . ': ' . $told['name']" at="guide">
    <div class="folio guide">
        <h1>{{ __('guide.title') }}</h1>
        <x-guide.pages :at="$place" />
        @fragment('guide')
        <article class="guide-page">
            <h2>{{ $told['name'] }}</h2>
            <p class="lead">{{ $told['lead'] }}</p>
            <x-dynamic-component :component="'guide.' . $place" :says="$told['drawing']" />
            <ol>@foreach ($told['how'] as $one)<li>{{ $one }}</li>@endforeach</ol>
        </article>
        @endfragment
    </div>
</x-layout>
