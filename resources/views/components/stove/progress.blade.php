@props(['page'])
<ol class="progress-line" aria-label="{{ __('stove.progress') }}">
    @foreach ($page->progress() as $one)
        <li class="{{ $one['state'] }}" @if ($one['state'] === 'now') aria-current="step" @endif>
            <svg viewBox="0 0 22 18" width="20" height="16" aria-hidden="true">
                <ellipse cx="11" cy="9" rx="8.5" ry="6" transform="rotate(-18 11 9)"/></svg>
            <span>{{ $one['name'] }}</span>
        </li>
    @endforeach
</ol>
