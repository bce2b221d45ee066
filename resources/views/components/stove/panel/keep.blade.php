@props(['page'])
<div class="keep">
    @foreach ($page->keeping()->ways() as $i => $keep)
        <x-stove.tap :page="$page" kind="kept" :fields="['choice' => $keep['kept']]" :key="(string) ($i + 1)"
            aria-pressed="{{ $keep['chosen'] ? 'true' : 'false' }}"><b><kbd
            aria-hidden="true">{{ $i + 1 }}</kbd> {{ $keep['name'] }}</b><span>{{ $keep['how'] }}</span></x-stove.tap>
    @endforeach
    @if ($page->mayPutAway())<a class="btn btn-outline-dark" href="{{ route('pots.keep', $page->potId) }}">{{
        __('keep.put_away') }}</a>@endif
    <p class="soft">{{ $page->keeping()->guidance() }}</p>
</div>
