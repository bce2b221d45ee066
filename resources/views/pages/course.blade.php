<x-layout :title="$page->entry->name" at="log">
    <div class="course">
        <a class="back" href="{{ route('log') }}">‹ {{ __('log.back') }}</a>
        <h1>{{ $page->entry->name }} <small>{{ $page->entry->startedAt->format('l j F, H:i') }}@if ($page->entry->cook), {{ __('log.by',
            ['cook' => $page->entry->cook]) }}@endif</small></h1>
        <dl class="against">
            <div><dt>{{ __('log.planned') }}</dt><dd>{{ $page->entry->planned() }}</dd>@if ($page->entry->foreseen() !== '')<dd
                class="soft">{{ $page->entry->foreseen() }}</dd>@endif</div>
            <div><dt>{{ __('log.outcome') }}</dt><dd>{{ $page->entry->outcome() }}</dd>
                <dd class="soft">{{ $page->entry->volumeVerdict() }}@if ($page->entry->isClosed()),
                {{ $page->entry->spoonVerdict() }}@endif</dd></div>
            @if ($page->nextTime() !== [])<div>
                <dt>{{ __('log.next_time') }}</dt>@foreach ($page->nextTime() as $line)<dd>{{ $line }}</dd>@endforeach</div>@endif
            @if ($page->entry->change !== '')<div><dt>{{ __('log.change') }}</dt><dd class="tasted">{{ $page->entry->change }}</dd>
                </div>@endif
            @if ($page->entry->kept() !== '')<div><dt>{{ __('log.kept') }}</dt><dd>{{ $page->entry->kept() }}</dd>
                <dd><a href="{{ route('pots.make', $page->entry->id) }}">{{ __('family.make.of_it') }}</a></dd>
                <dd><a href="{{ route('pots.keep', $page->entry->id) }}">{{ __('keep.put_away') }}</a></dd></div>@endif
            @if ($page->entry->taste !== '')<div><dt>{{ __('log.taste') }}</dt><dd class="tasted">{{ $page->entry->taste }}</dd></div>@endif
        </dl>
        <x-keep.left :pot="$page->entry->id" />
        <h2 id="course">{{ __('log.course') }}</h2>
        <div class="scroll" tabindex="0" role="group" aria-label="{{ __('log.course') }}"><x-drawing.course :page="$page" id="course" />
            </div>
        <div class="rows-and-level">
            <table class="rows">
                <thead><tr><th scope="col">{{ __('log.at') }}</th><th scope="col">{{ __('log.step') }}</th>
                    <th scope="col">{{ __('log.took') }}</th><th scope="col">{{ __('log.plan') }}</th></tr></thead>
                <tbody>
                    @foreach ($page->rows as $row)
                        <tr @class(['note' => $row['note']])><td><time>{{ $row['time'] }}</time></td><td>{{ $row['name'] }}</td>
                            <td>{{ $row['minutes'] }}</td><td>{{ $row['planned'] }}</td></tr>
                    @endforeach
                </tbody>
            </table>
            @if ($page->sauce && count($page->sauce->curve->gone) > 2)
                <figure>
                    <h2>{{ __('log.level') }}</h2>
                    <x-drawing.forecast :curve="$page->sauce->curve" :now="$page->sauce->reckoning->seconds" value="depth" id="level" />
                    <figcaption class="soft">{{ __('log.level_says') }}</figcaption>
                </figure>
            @endif
        </div>
        @if ($others !== [])
            <section class="others">
                <h2>{{ __('log.beside') }}</h2>
                <ul>@foreach ($others as $other)<li><a class="btn btn-outline-dark"
                    href="{{ route('log.beside', [$pot, $other->id]) }}"><b>{{ $other->startedAt->format('j F, H:i') }}</b>
                    <span>{{ $other->outcome() }}</span></a></li>@endforeach</ul>
            </section>
        @endif
        <form method="post" action="{{ route('log.note', $pot) }}" class="after-note" id="note" data-once>
            @csrf
            <input type="hidden" name="token" value="{{ Illuminate\Support\Str::uuid() }}">
            <p id="half-written" role="status" hidden>{{ __('log.half_written') }}</p>
            <label for="text">{{ __('log.note') }}</label>
            <textarea class="form-control" id="text" name="text" maxlength="500" rows="2" aria-describedby="text-hint" @error('text')
                aria-invalid="true" @enderror>{{ old('text') }}</textarea>
            <p class="soft" id="text-hint">{{ __('log.note_hint') }}</p>
            @error('text')<p class="field-error" role="alert"><x-icon.mind /> {{ $message }}</p>@enderror
            <button class="btn btn-outline-dark">{{ __('log.note_keep') }}</button>
        </form>
        <x-archive-it kind="pots" :id="$pot->id" :name="$pot->name" />
        @if ($ending)
            <form method="post" action="{{ route('pots.events', $pot) }}" class="reopen" data-once>
                @csrf
                <input type="hidden" name="kind" value="undone"><input type="hidden" name="step" value="0">
                    <input type="hidden" name="token" value="{{ Illuminate\Support\Str::uuid() }}">
                    <input type="hidden" name="undoes" value="{{ $ending->id }}">
                <button class="btn btn-outline-dark" data-key="u">{{ __('log.reopen') }}</button>
            </form>
        @endif
    </div>
</x-layout>
