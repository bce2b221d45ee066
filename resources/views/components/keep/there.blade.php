@props(['sauce', 'liquid'])
{{-- What there is already of what somebody is about to make. --}}
@php($there = App\Shelf\OnTheShelf::of($sauce, $liquid, Carbon\CarbonImmutable::now()))
@if ($there !== [])<p class="use-soon"><x-icon.sign sign="star" /> <span>{{ __('keep.there') }} @foreach ($there as $one)<a
    href="{{ route('keep.tub', $one['tub']) }}">{{ $one['words'] }}</a>@unless ($loop->last), @endunless @endforeach</span></p>@endif
