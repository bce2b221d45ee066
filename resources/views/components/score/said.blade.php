@props(['page'])
{{-- What was said last, with what it cost, and the way back; what was said before it behind a fold. --}}
@php($said = $page->said())
<section class="score-said" aria-labelledby="said-title">
    <h2 id="said-title">{{ __('score.said') }}</h2>
    <x-score.said-one :page="$page" :one="$said[0]" :last="true" />
    @if (count($said) > 1)<details><summary class="btn btn-outline-dark">{{ trans_choice('score.said_before', count($said) - 1,
        ['count' => count($said) - 1]) }}</summary>
        @foreach (array_slice($said, 1) as $one)<x-score.said-one :page="$page" :one="$one" :last="false" />@endforeach</details>
    @endif
</section>
