@props(['at'])
<nav class="inside" aria-label="{{ __('guide.pages') }}">
    @foreach (__('guide.places') as $place => $told)<a href="{{ route('guide', $place) }}" @if ($place === $at) aria-current="page"
        @endif>{{ $told['name'] }}</a>@endforeach
    <a href="{{ route('guide.words') }}" @if ($at === 'words') aria-current="page" @endif>{{ __('guide.words') }}</a>
</nav>
