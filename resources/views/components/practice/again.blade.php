@props(['id', 'second', 'elsewhere' => false])
<form method="post" action="{{ route('practice.again', $id) }}">@csrf<x-once /><input type="hidden" name="second" value="{{ $second }}">
    @if ($elsewhere)<input type="hidden" name="elsewhere" value="1">@endif
    <button {{ $attributes->class(['btn']) }}>{{ $slot }}</button></form>
