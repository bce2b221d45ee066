@props(['picture', 'id'])
@php
    use Lento\Drawing\{StairDrawing, Svg};
    $n = Svg::number(...);
    $d = $picture->drawing;
@endphp
<figure class="stair-figure">
    <figcaption><strong>{{ $picture->title }}</strong><span class="soft">{{ __('compose.lands') }}</span></figcaption>
    <svg class="stair" viewBox="0 0 {{ StairDrawing::WIDTH }} {{ StairDrawing::HEIGHT }}" role="img" aria-labelledby="{{ $id }}-says">
        <title id="{{ $id }}-says">{{ $picture->says }}</title>
        <rect x=".75" y="{{ $n($d->rouxTop) }}" width="{{ $n(StairDrawing::rouxWidth()) }}"
            height="{{ $n(StairDrawing::floor() - $d->rouxTop) }}"
            fill="{{ $picture->footColour }}" class="s-ink" stroke-width="1.5"/>
        <text x="1" y="{{ $n($d->rouxTop - 6) }}" font-size="14">{{ $picture->foot }}</text>
        <text x="1" y="126" font-size="15">{{ $picture->footCelsius }}°</text>
        @foreach ($picture->treads as $tread)
            <rect x="{{ $n($tread['x']) }}" y="{{ $n($tread['y']) }}" width="{{ $n($tread['width']) }}" height="{{ $n($tread['height']) }}"
                fill="{{ $picture->colour }}" @unless ($tread['done']) opacity=".45" @endunless/>
            <path d="{{ Svg::path('M%s %sV%sh%s', $tread['x'], $tread['from'], $tread['y'], $tread['width']) }}" class="s-ink" fill="none"
                stroke-width="2.5"/>
            @if ($tread['next'])<path d="{{ Svg::path('M%s %sh%s', $tread['x'], $tread['y'], $tread['width']) }}" class="s-copper"
                stroke-width="7"/>@endif
            @if ($tread['label'] !== '')
                <text x="{{ $n($tread['middle']) }}" y="{{ $n($tread['y'] - 7) }}" font-size="{{ $picture->labelSize }}" class="b"
                    text-anchor="middle">{{ $tread['label'] }}</text>
                <text x="{{ $n($tread['middle']) }}" y="126" font-size="15" text-anchor="middle">{{ $tread['lands'] }}</text>
            @endif
        @endforeach
        <path d="{{ Svg::path('M0 %sH%s', StairDrawing::floor(), StairDrawing::WIDTH) }}" class="s-ink" stroke-width="1"/>
    </svg>
    @if ($picture->slackAt !== '')<p class="slack">{{ $picture->slackAt }}</p>@endif
</figure>
