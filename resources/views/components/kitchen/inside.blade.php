@props(['at' => ''])
<nav class="inside" aria-label="{{ __('kitchen.more') }}">
    @if ($at !== '')<a href="{{ route('kitchen') }}">{{ __('kitchen.title') }}</a>@endif
    @foreach (App\Pages\Kitchen\Inside::pages(app(App\People\Here::class)) as $page)<a href="{{ route($page) }}" @if ($page === $at)
        aria-current="page" @endif>{{ __('kitchen.pages.' . $page) }}</a>@endforeach
</nav>
