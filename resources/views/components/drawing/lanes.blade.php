@props(['widths', 'keyed' => true])
@php
    use Lento\Drawing\Svg;
    $n = Svg::number(...);
@endphp
<figure class="lanes">
<figcaption>{{ __('practice.debrief.' . $widths[0]->kind) }}</figcaption>
@foreach ($widths as $picture)
@php([$d, $end, $began] = [$picture->drawing, $picture->end, $picture->began])
<svg class="{{ $loop->first ? 'at-desk' : 'at-phone' }}" viewBox="{{ $picture->box() }}" role="img" aria-label="{{ $picture->says }}">
    @foreach ($d->lanes as $i => $lane)
        <rect x="0" y="{{ $n($lane['y']) }}" width="{{ $n($d->width) }}" height="{{ $n($lane['height']) }}" class="lane lane-{{ $i }}"/>
        @if ($lane['named'])<text x="-8" y="{{ $n($lane['nameY']) }}" font-size="17" class="b" text-anchor="end">{{ $lane['name'] }}
            </text>@endif
    @endforeach
    @foreach ($d->ticks as $tick)<text x="{{ $n($tick['x']) }}" y="{{ $n($picture->under()) }}" font-size="16" class="t-soft"
        text-anchor="{{ $loop->first ? 'start' : ($loop->last ? 'end' : 'middle') }}">{{ $tick['minutes'] }}{{ $loop->first ? ' ' .
        __('practice.debrief.min') : '' }}</text>@endforeach
    @if ($picture->best !== '')<path d="{{ $picture->best }}" class="s-ink" fill="none" stroke-width="2.5" stroke-dasharray="3 6"/>@endif
    <path d="{{ $picture->yours }}" class="s-ink" fill="none" stroke-width="4" stroke-linejoin="round"/>
    <circle cx="{{ $n($end['x']) }}" cy="{{ $n($end['y']) }}" r="7" class="f-ink"/>
    <text x="{{ $n($end['nameX']) }}" y="{{ $n($end['nameY']) }}" font-size="17" class="b haloed" text-anchor="{{ $end['anchor'] }}">{{
        $end['text'] }}</text>
    @if ($began)
        <path d="M{{ $n($began['x']) }} -8V{{ $n($d->height) }}" class="s-copper" stroke-width="2.5"/>
        <circle cx="{{ $n($began['x']) }}" cy="{{ $n($began['y']) }}" r="8" class="f-sheet s-copper" stroke-width="3"/>
        <text x="{{ $n($began['nameX']) }}" y="-12" font-size="17" class="b" text-anchor="{{ $began['anchor'] }}">{{
            __('practice.debrief.began') }}</text>
    @endif
</svg>
@endforeach
@if ($keyed && $widths[0]->best !== '')<p class="soft">{{ __('practice.debrief.key') }}</p>@endif
</figure>
