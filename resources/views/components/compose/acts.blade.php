@props(['page'])
{{-- Outside the question's own form, for it posts; the slip's button belongs to it. --}}
<form id="cook" method="post" action="{{ route('pots.store') }}" hidden>
    @csrf<x-once />
    <input type="hidden" name="question" value="{{ $page->question }}">
    @if ($page->version)<input type="hidden" name="version" value="{{ $page->version }}">@endif
</form>
