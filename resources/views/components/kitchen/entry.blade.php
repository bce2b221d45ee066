@props(['section', 'id' => null, 'name', 'line' => ''])
@php($open = $errors->any() && session('section') === $section && (string) old('id') === (string) $id)
<details class="entry" name="{{ $section }}" @if ($open) open @endif>
    <summary>{{ $drawing ?? '' }}<b>{{ $name }}</b> <span class="soft">{{ $line }}</span></summary>
    <div class="row-line">
        <form method="post" action="{{ route('kitchen.store', $section) }}" class="row-form" aria-label="{{ $name }}">
            @csrf<x-once />
            @if ($id)<input type="hidden" name="id" value="{{ $id }}">@endif
            {{ $slot }}
            <button class="btn {{ $id ? 'btn-outline-dark' : 'btn-primary' }}">{{ __($id ? 'kitchen.save' : 'kitchen.add') }}</button>
        </form>
        @if ($id)<x-kitchen.remove :section="$section" :id="$id" :name="$name" />@endif
    </div>
</details>
