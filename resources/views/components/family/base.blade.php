@props(['card', 'page'])
@php($node = $card->node)
<li class="base-card">
    <div class="head"><h3>{{ $card->name }}</h3> <b class="litres">{{ App\Format\Litres::of($node->made)->text() }}</b></div>
    <p>{{ $page->inClass($node) }}@if ($card->why !== ''), {{ $card->why }}@endif</p>
    @if ($node->onHand->cubicMetres > 0)<p class="soft">{{ __('family.on_hand_of',
        ['litres' => App\Format\Litres::of($node->onHand)->text()]) }}. {{ $page->reheat() }}</p>@endif
    @if ($node->over()->inMillilitres() > 20)<p class="soft">{{ __('family.over',
        ['litres' => App\Format\Litres::of($node->over())->text()]) }}</p>@endif
    @if ($card->tooMuch)<p class="mind limit">{{ __('family.no_pan') }}</p>@endif
    @if (count($card->suits) > 1 || str_contains(implode('', $card->suits), 'corrected'))<details class="more">
        <summary>{{ __('family.field.thickness') }}</summary>
        <ul class="soft">@foreach ($card->suits as $text)<li>{{ $text }}</li>@endforeach</ul></details>@endif
    <p class="links">@if ($card->question !== [])<a href="{{ route('sheet', $card->question) }}">{{ __('family.to_sheet') }}</a> <a
        href="{{ route('compose', $card->question) }}">{{ __('family.to_compose') }}</a>@endif</p>
    <x-family.action :action="$card->action" />
</li>
