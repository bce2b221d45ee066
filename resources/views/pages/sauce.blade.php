<x-layout :title="$sauce->name" at="compose">
    <div class="sauces">
        <p><a href="{{ route('sauces.index') }}">{{ __('sauces.all') }}</a></p>
        <h1>{{ $sauce->name }}</h1>
        @if (session('kept'))<p class="saved" role="status">{{ session('kept') === 'details' ? __('kitchen.saved') : __('sauces.kept_as',
            ['number' => session('kept')]) }}</p>@endif
        <ol class="kept-list" aria-label="{{ __('sauces.versions') }}">
            @foreach ($sauce->versions as $version)
                <li>
                    <div><h2><a href="{{ route('compose', [...$version->question, 'version' => $version->id]) }}">{{ __('sauces.version',
                        ['number' => $version->number]) }}</a></h2><p>{{ App\Format\SauceLine::of($version->question) }}</p>
                        <p class="soft">{{ $version->created_at->format('j.n.Y H:i') }}</p></div>
                    @if (! $loop->first)<a class="btn btn-outline-dark"
                        href="{{ route('compare', ['q' => [http_build_query($version->question),
                        http_build_query($sauce->versions[0]->question)]]) }}">{{ __('sauces.compare_latest') }}</a>@endif
                </li>
            @endforeach
        </ol>
        <form method="post" action="{{ route('sauces.favour', $sauce) }}" class="favour">@csrf<input type="hidden" name="favourite"
            value="{{ $sauce->favourite ? '0' : '1' }}"><button class="btn btn-outline-dark">{{ __($sauce->favourite
            ? 'sauces.no_favourite' : 'sauces.make_favourite') }}</button></form>
        <p class="times">@foreach ($scaled as $way)<a class="btn btn-outline-dark"
            href="{{ route('compose', $way['address']) }}">{{ $way['name'] }}</a> @endforeach</p>
        <x-compose.covers :action="route('compose')" :fields="$covers" />
        <form method="post" action="{{ route('sauces.update', $sauce) }}" class="row-form">
            @csrf
            <x-sauces.details :name="$sauce->name" :tags="implode(', ', $sauce->tags)" :notes="(string) $sauce->notes" />
            <button class="btn btn-outline-dark">{{ __('kitchen.save') }}</button>
        </form>
        <form method="post" action="{{ route('sauces.duplicate', $sauce) }}">@csrf<x-once /><button
            class="btn btn-outline-dark">{{ __('sauces.duplicate') }}</button></form>
        <x-archive-it kind="sauces" :id="$sauce->id" :name="$sauce->name" />
    </div>
</x-layout>
