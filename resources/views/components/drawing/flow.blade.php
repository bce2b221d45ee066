@props(['row', 'page', 'id', 'scale', 'still' => false])
@php
    use Lento\Drawing\{FlowRow, Ink, Svg};
    $n = Svg::number(...);
@endphp
<svg class="flow" viewBox="0 0 {{ $n($row->width) }} {{ $n($row->height) }}" role="{{ $still ? 'img' : 'group' }}"
    aria-labelledby="{{ $id }}-says" data-scale="{{ $n($scale) }}">
    <title id="{{ $id }}-says">{{ $page->picture->says() }}</title>
    <g aria-hidden="true">
        @foreach ($row->falls as $fall)
            <path d="{{ $fall->shape() }}" fill="{{ $page->picture->colourOf($fall->sauce->from ?? '') }}" class="s-ink"
                stroke-width="1.4" @if ($fall->sauce->kept) stroke-dasharray="6 4" @endif/>
        @endforeach
        @foreach ($row->joins as $join)
            <path d="{{ $join->shape() }}" fill="{{ $join->addition->colour }}" class="s-ink" stroke-width="1.2" @if (! $join->toScale)
                stroke-dasharray="3 2" @endif/>
        @endforeach
        @foreach ($row->pans as $pan)
            <path d="{{ $pan->sauceShape() }}" fill="{{ $page->picture->colourOf($pan->sauce->key) }}"/>
            <path d="{{ Svg::path('M%s %sH%s', $pan->x, $pan->y + 13, $pan->x + $pan->width) }}" class="s-ink" stroke-width="2"/>
            <path d="{{ $pan->walls() }}" class="s-ink" fill="none" stroke-width="4.5" stroke-linejoin="round" stroke-linecap="round"/>
        @endforeach
        @foreach ($row->falls as $fall)
            <text x="{{ $n($fall->labelX()) }}" y="{{ $n($fall->labelY()) }}" font-size="25"
                class="b {{ $fall->labelInside() ? 't-' . Ink::on($page->picture->colourOf($fall->sauce->from ?? ''))->value : '' }}"
                text-anchor="{{ $fall->labelInside() ? 'middle' : 'start' }}">{{ number_format($fall->sauce->taken, 2) }}</text>
            @if ($fall->sauce->gate)
                @foreach ($row->gateBars($fall) as [$x, $y, $w])
                    <path d="{{ Svg::path('M%s %sh%sv11h-%sz', $x, $y, $w, $w) }}" class="gate-{{ $fall->sauce->gate->kind }}"/>
                    @if ($fall->sauce->gate->kind === 'limit')<path
                        d="{{ Svg::path('M%s %sv6m7 -6v6m7 -6v6m7 -6v6', $x + 3.5, $y + 11) }}" class="s-madder" stroke-width="3"/>@endif
                @endforeach
                <text x="{{ $n($fall->gateLabelX()) }}" y="{{ $n($fall->gateLabelY()) }}" font-size="17"
                    class="b {{ $fall->sauce->gate->kind === 'limit' ? 't-madder' : '' }}">{{ $fall->sauce->gate->label }}</text>
            @endif
        @endforeach
        @foreach ($row->joins as $join)
            <text x="{{ $n($join->x) }}" y="{{ $n($join->y - 6) }}" font-size="15"><tspan
                class="b">{{ $join->addition->amount }}</tspan> {{ $join->name() }}</text>
            @if ($join->more > 0)<text x="{{ $n($join->x) }}" y="{{ $n($join->y + $join->width + 15) }}"
                font-size="15">{{ __('family.more_additions', ['count' => $join->more]) }}</text>@endif
        @endforeach
        @foreach ($row->pans as $pan)
            <text x="{{ $n($pan->labelX()) }}" y="{{ $n($pan->labelY()) }}" font-size="25"
                class="b {{ $pan->labelInside() ? 't-' . Ink::on($page->picture->colourOf($pan->sauce->key))->value : '' }}"
                text-anchor="{{ $pan->labelInside() ? 'middle' : 'start' }}">{{ number_format($pan->sauce->litres, 2) }} l</text>
            @if (! $pan->isEnd)@foreach ($pan->nameLines() as [$y, $line])<text x="{{ $n($pan->labelX()) }}" y="{{ $n($y) }}"
                font-size="16">{{ $line }}</text>@endforeach @endif
            @if ($pan->isEnd)
                @foreach ($pan->sauce->notes as $line)<text x="{{ $n($pan->middle()) }}"
                    y="{{ $n($pan->bottom() + 24 + 18 * $loop->index) }}" font-size="14" class="t-soft"
                    text-anchor="middle">{{ $line }}</text>@endforeach
            @endif
        @endforeach
    </g>
    @foreach ($row->grips as $grip)
        @if (! $still && $between = $page->grip($grip->left->key, $grip->right->key))
            <g class="handle grip" role="slider" tabindex="0" data-grip="{{ json_encode($between, JSON_THROW_ON_ERROR) }}"
                aria-label="{{ __('family.grip', ['left' => $page->name($grip->left->key), 'right' => $page->name($grip->right->key)]) }}"
                aria-valuemin="0" aria-valuemax="{{ round($between['left']['litres'] + $between['right']['litres'], 2) }}"
                aria-valuenow="{{ round($between['left']['litres'], 2) }}"
                aria-valuetext="{{ __('family.grip_value', ['left' => $page->name($grip->left->key),
                'right' => $page->name($grip->right->key), 'left_litres' => number_format($between['left']['litres'], 2),
                'right_litres' => number_format($between['right']['litres'], 2)]) }}">
                <rect x="{{ $n($grip->x - 24) }}" y="{{ $n($grip->y - 19) }}" width="48" height="48" fill="transparent"/>
                <path d="{{ Svg::path('M%s %sV%s', $grip->x, $grip->y + 17, $grip->y + 52) }}" class="s-ink" stroke-width="2"
                    stroke-dasharray="3 3"/>
                <circle cx="{{ $n($grip->x) }}" cy="{{ $n($grip->y + 5) }}" r="12" class="f-paper s-ink" stroke-width="2.5"/>
                <path d="{{ Svg::path('M%s %sl-5 4l5 4zm6 0l5 4l-5 4z', $grip->x - 3, $grip->y + 1) }}" class="f-ink"/>
            </g>
        @endif
    @endforeach
</svg>
