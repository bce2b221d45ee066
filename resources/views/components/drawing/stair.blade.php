@props(['sheet', 'colour', 'id', 'next' => null, 'done' => []])
@php
    use Lento\Drawing\{StairDrawing, Svg};
    $n = Svg::number(...);
    $pours = $sheet->stair->pours;
    $amounts = App\Format\PourWords::amounts($sheet);
    $pieces = $sheet->question->school === Lento\Pour\School::RouxIntoBoiling;
    $rouxLitres = $sheet->roux->mass()->inKilograms();
    $d = StairDrawing::of($pieces ? $sheet->liquid->inLitres() * 0.15 : $rouxLitres, array_map(fn ($pour) => $sheet->pourVolume($pour)->inLitres(), $pours));
    $slack = array_key_first(array_filter($pours, fn ($pour) => $pour->slack));
@endphp
<figure class="stair-figure">
    <figcaption><strong>{{ trans_choice($pieces ? 'compose.whisk_in' : 'compose.pour_in', count($pours), ['count' => count($pours)]) }}</strong><span class="soft">{{ __('compose.lands') }}</span></figcaption>
    <svg class="stair" viewBox="0 0 {{ StairDrawing::WIDTH }} {{ StairDrawing::HEIGHT }}" role="img" aria-labelledby="{{ $id }}-says">
        <title id="{{ $id }}-says">{{ __('compose.stair_says', ['list' => implode(', ', array_map(fn ($pour, $amount) => __('compose.stair_step', ['amount' => $amount, 'celsius' => App\Format\Degrees::number($pour->mixed)]), $pours, $amounts)), 'unit' => App\Format\Degrees::unit()]) }}</title>
        <rect x=".75" y="{{ $n($d->rouxTop) }}" width="{{ $n(StairDrawing::rouxWidth()) }}" height="{{ $n(StairDrawing::floor() - $d->rouxTop) }}" fill="{{ $pieces ? $colour : $sheet->shade->swatch()->hex() }}" class="s-ink" stroke-width="1.5"/>
        <text x="1" y="{{ $n($d->rouxTop - 6) }}" font-size="14">{{ $pieces ? __('compose.liquid') : __('compose.roux') }}</text>
        <text x="1" y="126" font-size="15">{{ App\Format\Degrees::number($pieces ? $sheet->stair->liquid : $sheet->stair->roux) }}°</text>
        @foreach ($d->treads as $i => $tread)
            <rect x="{{ $n($tread['x']) }}" y="{{ $n($tread['y']) }}" width="{{ $n($tread['width']) }}" height="{{ $n(StairDrawing::floor() - $tread['y']) }}" fill="{{ $colour }}" @if ($done !== [] && ! in_array($i, $done, true)) opacity=".45" @endif/>
            <path d="{{ Svg::path('M%s %sV%sh%s', $tread['x'], $tread['from'], $tread['y'], $tread['width']) }}" class="s-ink" fill="none" stroke-width="2.5"/>
            @if ($i === $next)<path d="{{ Svg::path('M%s %sh%s', $tread['x'], $tread['y'], $tread['width']) }}" class="s-copper" stroke-width="7"/>@endif
            @if ($d->labels($i, $pours[$i]->slack))
                <text x="{{ $n($tread['middle']) }}" y="{{ $n($tread['y'] - 7) }}" font-size="{{ count($pours) > 5 ? 14 : 18 }}" class="b" text-anchor="middle">{{ str_replace([' l', ' g'], '', $amounts[$i]) }}</text>
                <text x="{{ $n($tread['middle']) }}" y="126" font-size="15" text-anchor="middle">{{ App\Format\Degrees::number($pours[$i]->mixed) }}°</text>
            @endif
        @endforeach
        <path d="{{ Svg::path('M0 %sH%s', StairDrawing::floor(), StairDrawing::WIDTH) }}" class="s-ink" stroke-width="1"/>
    </svg>
    @if ($slack !== null && count($pours) > 1 && ! $pieces && $slack < count($pours) - 1)<p class="slack">{{ __('compose.slack_at', ['n' => $slack + 1]) }}</p>@endif
</figure>
