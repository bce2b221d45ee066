{{-- Other ways to a sheet than asking anew: what was asked before, a recipe that came from elsewhere, what there is. --}}
@php([$favourites, $recent] = [App\Questions\AskedBefore::favourites(), App\Questions\AskedBefore::recent()])
<nav class="ways" aria-label="{{ __('compose.ways.label') }}">
    <details>
        <summary>{{ __('compose.ways.before') }}</summary>
        <div class="card">
            @if ($favourites !== [])<h2>{{ __('sauces.favourites') }}</h2><ul>@foreach ($favourites as $one)<li><a
                href="{{ $one['address'] }}"><b>{{ $one['name'] }}</b> <span>{{ $one['line'] }}</span></a></li>@endforeach</ul>@endif
            @if ($recent !== [])<h2>{{ __('compose.ways.recent') }}</h2><ul>@foreach ($recent as $one)<li><a
                href="{{ $one['address'] }}">{{ $one['line'] }}</a></li>@endforeach</ul>@endif
            @if ($favourites === [] && $recent === [])<p class="soft">{{ __('compose.ways.none') }}</p>@endif
        </div>
    </details>
    <a href="{{ route('sauces.index') }}">{{ __('compose.kept') }}</a>
    <a href="{{ route('assay') }}">{{ __('compose.ways.assay') }}</a>
    <a href="{{ route('supply') }}">{{ __('compose.ways.supply') }}</a>
    <a href="{{ route('practice') }}">{{ __('practice.title') }}</a>
</nav>
