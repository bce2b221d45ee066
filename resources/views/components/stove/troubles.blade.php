@props(['page', 'numbered' => null])
<nav class="troubles" aria-label="{{ __('rescue.title') }}">
    @foreach (['too-thick', 'too-thin', 'lumps', 'scorched'] as $i => $fault)
        <a class="btn btn-outline-dark" data-rescue href="{{ route('rescue.show', [$fault, 'pot' => $page->potId]) }}"
            @if ($numbered ?? ! in_array($page->panel(), ['tests', 'season', 'keep'], true)) data-key="{{ $i + 1 }}"
            @endif>{{ __('rescue.keys.' . $fault) }}</a>
    @endforeach
</nav>
