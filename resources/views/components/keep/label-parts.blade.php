@props(['label', 'pdf' => false])
{{-- What stands on a label, on the screen and in the document alike; where it stands is the stylesheet's. --}}
<div class="on-name">{{ $label->name() }}</div>
<div class="on-nth">{{ $label->nth() }}</div>
<div class="on-litres">{{ $label->litres() }}</div>
<div class="on-made">{{ $label->made() }}</div>
<div class="on-band"></div>
<div class="on-what">{{ $label->what() }}</div>
<div class="on-big">{{ $label->big() }}</div>
<div class="on-contains">{{ $label->contains() }}</div>
<div class="on-may">{{ $label->readLabel() }}</div>
<div class="on-figures">{{ $label->figures() }}</div>
<div class="on-foot">{{ $label->cook() }}@if ($label->cook() !== '') &nbsp; @endif{{ $label->code() }}</div>
@php($qr = $label->qr())
<div class="on-qr">@if ($pdf)<img src="{{ $qr->dataUri() }}" alt="">@else<svg viewBox="0 0 {{ $qr->size }} {{ $qr->size }}" role="img"
    aria-label="{{ __('keep.label.qr', ['code' => $label->code()]) }}"><path d="{{ $qr->path }}" fill="#000"/></svg>@endif</div>
