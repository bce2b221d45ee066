@props(['tub', 'fields', 'class' => 'btn-outline-dark'])
<form method="post" action="{{ route('keep.tub', $tub) }}" class="tap" data-once data-later>
    @csrf<x-once />@foreach ($fields as $name => $value)<input type="hidden" name="{{ $name }}" value="{{ $value }}">@endforeach
    <button class="btn {{ $class }}">{{ $slot }}</button>
</form>
