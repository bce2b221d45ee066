@props(['page', 'since'])
{{-- Nobody has had a hand on it for half a day: it may have been taken off, and nobody said so. --}}
@if ($since !== '')
    <section class="still-on" role="status">
        <p><b>{{ __('stove.still_on.ask') }}</b> {{ __('stove.still_on.since', ['at' => $since]) }}</p>
        <x-stove.tap :page="$page" kind="tended" :fields="['choice' => 'look']" look="btn-dark">{{ __('stove.still_on.yes') }}</x-stove.tap>
        <x-stove.tap :page="$page" kind="taken-off">{{ __('stove.still_on.no') }}</x-stove.tap>
    </section>
@endif
