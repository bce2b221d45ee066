@props(['page'])
<div class="keep">
    @foreach ($page->keeping()->ways() as $i => $keep)
        <x-stove.tap :page="$page" kind="kept" :fields="['choice' => $keep['kept']]" :key="(string) ($i + 1)"
            aria-pressed="{{ $keep['chosen'] ? 'true' : 'false' }}"><b><kbd
            aria-hidden="true">{{ $i + 1 }}</kbd> {{ $keep['name'] }}</b><span>{{ $keep['how'] }}</span></x-stove.tap>
    @endforeach
    <p class="soft">{{ $page->keeping()->guidance() }}</p>
</div>
