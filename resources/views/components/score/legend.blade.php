<ul class="score-legend" aria-hidden="true">
    @foreach (['hands' => 'M4 15V4L22 2V13', 'watch' => 'M4 15V4L22 2V13', 'leave' => 'M2 5Q13 15 24 5', 'moves' => 'M2 14L24 4',
        'look' => 'M12 14V2', 'keep' => 'M3 13A9 9 0 0 1 21 13', 'serve' => 'M10 1V17M16 1V17'] as $what => $path)
        <li><svg viewBox="0 0 26 18" class="of-{{ $what }}"><path d="{{ $path }}"/>
            @if (in_array($what, ['hands', 'watch'], true))<ellipse cx="3" cy="15" rx="4" ry="2.6"/><ellipse cx="21" cy="13" rx="4"
                ry="2.6"/>@endif
            @if ($what === 'look')<ellipse cx="10" cy="14" rx="3.4" ry="2.4"/>@endif
            @if ($what === 'keep')<circle cx="12" cy="12" r="1.8"/>@endif</svg>{{ __('score.legend.' . $what) }}</li>
    @endforeach
</ul>
