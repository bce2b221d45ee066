@props(['d', 'colour', 'id'])
@php use Lento\Drawing\Svg; @endphp
{{-- The back of the bowl with its film and the finger line drawn through it: part of a spoon's drawing. --}}
<defs><clipPath id="{{ $id }}-bowl"><path d="{{ $d->bowl() }}"/></clipPath></defs>
<path d="{{ $d->handle() }}" class="f-steel s-ink" stroke-width="1.8" stroke-linejoin="round"/>
<path d="{{ $d->bowl() }}" class="f-steel s-ink" stroke-width="1.8"/>
<g clip-path="url(#{{ $id }}-bowl)">
    <path d="{{ $d->film() }}" fill="{{ $colour }}" opacity="{{ Svg::number($d->opacity) }}"/>
    <path d="{{ $d->gap() }}Z" class="f-steel"/>
    @foreach ($d->tongues() as $tongue)<path d="{{ $tongue }}" fill="{{ $colour }}" class="s-ink" stroke-width=".9"/>@endforeach
    <path d="{{ $d->gap() }}" class="s-ink" fill="none" stroke-width="{{ Svg::number(0.9 + 1.9 * (1 - $d->run)) }}"
        opacity="{{ Svg::number(0.4 + 0.6 * (1 - $d->run)) }}"/>
    <path d="{{ $d->film() }}" class="s-ink" fill="none" stroke-width="1.3" opacity=".75"/>
</g>
<path d="{{ $d->bowl() }}" class="s-ink" fill="none" stroke-width="1.8"/>
@foreach ($d->drips() as $drip)<path d="{{ $drip }}" fill="{{ $colour }}" class="s-ink" stroke-width="1.3"/>@endforeach
