@props(['page', 'label'])
<ol class="ticks" aria-label="{{ $label }}">
    @foreach ($page->ticks()->ticks() as $one)
        <li class="{{ $one['done'] ? 'done' : ($one['next'] ? 'next' : 'ahead') }}">
            <x-stove.form :page="$page" :kind="$one['done'] ? 'unpoured' : 'poured'" :fields="['pour' => $one['id']]">
                <button class="tick" aria-pressed="{{ $one['done'] ? 'true' : 'false' }}">
                    <svg viewBox="0 0 24 24" width="26" height="26" aria-hidden="true">
                        <rect x="2" y="2" width="20" height="20" rx="2" class="box"/>
                        <path d="M6 12.500l4.500 4.500L18.500 7" class="mark"/></svg>
                    <b>{{ $one['amount'] }}</b> <span>{{ $one['about'] }}</span>
                </button>
            </x-stove.form>
        </li>
    @endforeach
</ol>
