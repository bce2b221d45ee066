@props(['page', 'kind', 'fields' => []])
{{-- One event: posted as a form, or taken by the page and held while the line is down. --}}
<form method="post" action="/pots/{{ $page->potId }}/events" data-stove {{ $attributes }}>
    @csrf
    <input type="hidden" name="kind" value="{{ $kind }}"><input type="hidden" name="step" value="{{ $page->course->step()->id }}">
    <input type="hidden" name="token" value="{{ Illuminate\Support\Str::uuid() }}">
        <input type="hidden" name="v" value="{{ App\Records\EventCodec::VERSION }}">
    @foreach ($fields as $name => $value)<input type="hidden" name="{{ $name }}" value="{{ $value }}">@endforeach
    {{ $slot }}
</form>
