@props(['page'])
@php($undo = $page->soFar()->undo())
@if ($undo)
    <x-stove.tap :page="$page" kind="undone" :fields="['undoes' => $undo['token']]" key="u"
        class="undo" data-back="{{ $undo['back'] }}"><span>{{ __('stove.undo') }}</span> <small>{{ $undo['what'] }}</small></x-stove.tap>
@else
    <button type="button" class="btn btn-outline-dark undo" disabled><span>{{ __('stove.undo') }}</span></button>
@endif
