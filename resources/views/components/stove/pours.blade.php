@props(['page'])
<div class="pours">
    <x-drawing.stair :sheet="$page->sheet" :colour="$page->colour()" id="stair" :next="$page->course->nextPour()" :done="$page->course->poured" />
    <ol aria-label="{{ __('stove.pours') }}">
        @foreach ($page->pours() as $i => $pour)
            <li class="{{ $pour['done'] ? 'done' : ($pour['next'] ? 'next' : 'ahead') }}">
                <form method="post" action="{{ route('pots.events', $page->potId) }}" data-stove>
                    @csrf <x-stove.event :kind="$pour['done'] ? 'unpoured' : 'poured'" :page="$page" /><input type="hidden" name="pour" value="{{ $i }}">
                    <button class="tick" aria-pressed="{{ $pour['done'] ? 'true' : 'false' }}">
                        <svg viewBox="0 0 24 24" width="26" height="26" aria-hidden="true"><rect x="2" y="2" width="20" height="20" rx="2" class="box"/><path d="M6 12.500l4.500 4.500L18.500 7" class="mark"/></svg>
                        <b>{{ $pour['amount'] }}</b> <span>{{ __('stove.lands', ['celsius' => $pour['celsius']]) }}@if ($pour['slack']), {{ __('stove.slack') }}@endif</span>
                    </button>
                </form>
            </li>
        @endforeach
    </ol>
</div>
