@props(['mark' => ''])
<svg class="burner" viewBox="0 0 34 34" width="30" height="30" aria-hidden="true">
    <circle cx="7.500" cy="8.500" r="6" @if ($mark === 'left') class="f-ink" @endif/>
    <circle cx="20.500" cy="8.500" r="6" @if ($mark === 'right') class="f-ink" @endif/>
    <rect x="1.500" y="18.500" width="25" height="13" rx="1" @if ($mark === 'oven') class="f-ink" @endif/>
    <rect x="29.500" y="2.500" width="3.500" height="29" rx="1" @if ($mark === 'bench' || $mark === 'hot-well') class="f-ink" @endif/></svg>
