@props(['page'])
@php($ladles = $page->ladles())
@unless ($ladles->isEmpty())
    <div class="ladles-off">
        <p class="lbl">{{ __('family.ladled.title') }}</p>
        <ul>@foreach ($ladles->lines() as $line)<li>@if ($line['done'])<span aria-hidden="true">✓</span>@else<span
            aria-hidden="true">☐</span>@endif {{ $line['text'] }}</li>@endforeach</ul>
        <p><b>{{ $ladles->left() }}</b> <a href="{{ route('family') }}">{{ __('layout.family') }}</a></p>
    </div>
@endunless
