<x-layout :title="__('family.tree')" at="family">
    <article class="folio tree-page">
        <p class="noprint"><a href="{{ route('family') }}">‹ {{ __('family.service') }}</a></p>
        <h1>{{ __('family.tree') }}</h1>
        <p class="soft">{{ __('family.tree_hint') }}</p>
        <ul class="tree">@foreach ($page->roots() as $root)<x-family.branch :id="$root" :page="$page" />@endforeach</ul>
    </article>
</x-layout>
