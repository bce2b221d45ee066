@props(['page', 'label'])
<form method="post" action="{{ route('practice.deed', $page->facts->id) }}" data-practice-form>@csrf<input type="hidden" name="version"
    value="{{ $page->facts->version }}"><input type="hidden" name="at" value="{{ $page->played->standing->second() }}"><div role="group"
    aria-label="{{ $label }}" {{ $attributes->class(['practice-form']) }}>{{ $slot }}</div></form>
