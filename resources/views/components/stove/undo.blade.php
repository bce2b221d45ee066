@props(['page'])
@php($undo = $page->soFar()->undo())
@if ($undo)
    <x-stove.tap :page="$page" kind="undone" :fields="['undoes' => $undo['token']]" key="u"
        class="undo" data-back="{{ $undo['back'] }}"><span>{{ __('stove.undo') }}</span> <small>{{ $undo['what'] }}</small></x-stove.tap>
@else
    {{-- What is tapped on without a line can be taken back all the same: then the tablet turns it on. --}}
    <x-stove.tap :page="$page" kind="undone" :fields="['undoes' => '']" key="u"
        class="undo" disabled><span>{{ __('stove.undo') }}</span></x-stove.tap>
@endif
