@props(['pot'])
{{-- What was kept of a pot that is over and stands in no tub yet: where does it go? --}}
@php($left = App\Shelf\PotToKeep::left($pot, Carbon\CarbonImmutable::now()))
@if ($left !== '')<p class="use-soon left-over"><x-icon.sign sign="look" /> <span>{{ $left }}</span> <a class="btn btn-primary"
    href="{{ route('pots.keep', $pot) }}">{{ __('keep.put_away') }}</a> <a class="btn btn-outline-dark"
    href="{{ route('supply') }}">{{ __('compose.ways.supply') }}</a></p>@endif
