<x-layout :title="__('bin.archive_title')" at="kitchen">
    <div class="kitchen">
        <h1>{{ __('bin.archive_title') }}</h1>
        <x-kitchen.inside at="archive" />
        @if (session('saved'))<p class="saved" role="status">{{ __('bin.taken_out') }}</p>@endif
        @forelse ($archived as $kind => $rows)
            <section class="kitchen-section"><header><h2>{{ __('bin.kinds.' . $kind) }}</h2></header>
                <ul class="devices">@foreach ($rows as $row)<li><b>{{ $row['name'] }}</b> <span>{{ __('bin.since', ['at' =>
                    Carbon\CarbonImmutable::parse($row['at'], 'UTC')->timezone(config('app.timezone'))->format('j F Y')]) }}</span>
                    @if (app(App\People\Here::class)->may(App\People\Place::Bin))<form method="post" action="{{ route('archive.out',
                        [$kind, $row['id']]) }}">@csrf<button class="btn btn-outline-dark" aria-label="{{ __('bin.out_name',
                        ['name' => $row['name']]) }}">{{ __('bin.out') }}</button></form>@endif</li>@endforeach</ul></section>
        @empty
            <p class="soft">{{ __('bin.archive_empty') }}</p>
        @endforelse
    </div>
</x-layout>
