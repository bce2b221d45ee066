@props(['id', 'page'])
<li>
    <a href="{{ route('family.show', $id) }}"><b>{{ $page->names->name($id) }}</b> @if ($page->names->french($id) !== '')<i
        lang="fr">{{ $page->names->french($id) }}</i>@endif</a>
    <span class="story">{{ $page->names->story($id) }}</span>
    @if ($page->children($id) !== [])<ul>@foreach ($page->children($id) as $child)<x-family.branch :id="$child" :page="$page"
        />@endforeach</ul>@endif
</li>
