@props(['tub', 'kind', 'name', 'open' => false])
{{-- One thing to be done with a tub: folded, with the fields that it asks for. --}}
<details class="tub-act" name="act" @if ($open) open @endif>
    <summary class="btn btn-outline-dark">{{ $name }}</summary>
    <form method="post" action="{{ route('keep.tub', $tub) }}" data-once data-later>
        @csrf<x-once /><input type="hidden" name="kind" value="{{ $kind }}">
        {{ $slot }}
        <button class="btn btn-primary">{{ $name }}</button>
    </form>
</details>
