<x-layout :title="__('guide.title') . ': ' . __('guide.words')" at="guide">
    <div class="folio guide">
        <h1>{{ __('guide.title') }}</h1>
        <x-guide.pages at="words" />
        @fragment('guide')
        <article class="guide-page">
            <h2>{{ __('guide.words') }}</h2>
            <dl class="words">@foreach (__('guide.terms') as $term => $means)<div id="{{ Illuminate\Support\Str::slug($term) }}">
                <dt>{{ $term }}</dt><dd>{{ $means }}</dd></div>@endforeach</dl>
        </article>
        @endfragment
    </div>
</x-layout>
