@props(['page', 'kind'])
<input type="hidden" name="kind" value="{{ $kind }}"><input type="hidden" name="step" value="{{ $page->course->current }}"><input type="hidden" name="token" value="{{ Illuminate\Support\Str::uuid() }}">
