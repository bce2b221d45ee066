@props(['page', 'kind', 'fields' => [], 'key' => null, 'look' => 'btn-outline-dark'])
<x-stove.form :page="$page" :kind="$kind" :fields="$fields">
    <button @if ($key) data-key="{{ $key }}" @endif {{ $attributes->merge(['class' => 'btn ' . $look]) }}>{{ $slot }}</button>
</x-stove.form>
