@php($soon = App\Shelf\OnTheShelf::soon(Carbon\CarbonImmutable::now()))
@if ($soon !== [])<p class="use-soon"><x-icon.sign sign="look" /> <span>{{ __('keep.soon') }} @foreach ($soon as $one)<a
    href="{{ route('keep.tub', $one['tub']) }}">{{ $one['words'] }}</a>@unless ($loop->last), @endunless @endforeach</span></p>@endif
