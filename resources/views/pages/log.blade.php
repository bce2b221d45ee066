<x-layout :title="__('log.title')" at="log">
    <div class="log">
        <h1>{{ __('log.title') }}</h1>
        <nav class="inside" aria-label="{{ __('compose.ways.label') }}"><a href="{{ route('supply') }}">{{ __('compose.ways.supply') }}</a>
            <a href="{{ route('sauces.index') }}">{{ __('sauces.title') }}</a>
            <a href="{{ route('assay') }}">{{ __('compose.ways.assay') }}</a></nav>
        @unless ($page->search->isEmpty() && $page->found === 0)
            <form class="looked-for" method="get" action="{{ route('log') }}" role="search">
                <div class="words"><label for="words">{{ __('log.words') }}</label>
                    <input class="form-control" type="search" id="words" name="words" value="{{ $page->search->fields['words'] }}"
                    maxlength="80" autocomplete="off"></div>
                <div><label for="sauce">{{ __('log.sauce') }}</label><select class="form-select" id="sauce" name="sauce">
                    <option value="">{{ __('log.any') }}</option>@foreach ($page->sauces() as $id => $name)<option value="{{ $id }}"
                    @selected($id === $page->search->fields['sauce'])>{{ $name }}</option>@endforeach</select></div>
                <div><label for="cook">{{ __('log.cook') }}</label><select class="form-select" id="cook" name="cook">
                    <option value="">{{ __('log.any') }}</option>@foreach (App\Log\LogSearch::cooks() as $cook)<option
                    @selected($cook === $page->search->fields['cook'])>{{ $cook }}</option>@endforeach</select></div>
                <div class="came-out"><label for="came">{{ __('log.came') }}</label><select class="form-select" id="came" name="came">
                    <option value="">{{ __('log.any') }}</option>@foreach (App\Log\LogSearch::CAME as $came)<option value="{{ $came }}"
                    @selected($came === $page->search->fields['came'])>{{ __('log.came_is.' . $came) }}</option>@endforeach</select></div>
                <div><label for="from">{{ __('log.from') }}</label>
                    <input class="form-control" type="date" id="from" name="from" value="{{ $page->search->fields['from'] }}"></div>
                <div><label for="to">{{ __('log.to') }}</label>
                    <input class="form-control" type="date" id="to" name="to" value="{{ $page->search->fields['to'] }}"></div>
                <button class="btn btn-outline-dark">{{ __('log.search') }}</button>
            </form>
            <p class="found" role="status">{{ trans_choice('log.found', $page->found,
                ['count' => $page->found]) }} @unless ($page->search->isEmpty())<a
                href="{{ route('log') }}">{{ __('log.all') }}</a>@endunless</p>
        @endunless
        @forelse ($page->days as $day => $entries)
            <section>
                <h2>{{ $day }}</h2>
                <ol>
                    @foreach ($entries as $entry)
                        <li>
                            <a href="{{ route('log.show', $entry->id) }}"
                                aria-label="{{ __('log.open', ['name' => $entry->name, 'time' => $entry->startedAt->format('H:i')]) }}">
                                <time>{{ $entry->startedAt->format('H:i') }}</time>
                                <span class="who"><b>{{ $entry->name }}</b> @if ($entry->cook)<span
                                    class="soft">{{ __('log.by', ['cook' => $entry->cook]) }}</span>@endif</span>
                                @if ($entry->isClosed())<x-drawing.volume-bar :entry="$entry" />@else<span></span>@endif
                                <span class="came"><b>{{ $entry->outcome() }}</b>
                                    @if ($entry->isClosed() && $entry->hasPlan())<span>{{ $entry->volumeVerdict() }},
                                    {{ $entry->spoonVerdict() }}</span>@endif</span>
                                <span class="took">{{ __('log.minutes', ['taken' => $entry->minutesTaken(),
                                    'planned' => round($entry->plannedMinutes())]) }}</span>
                                @if ($entry->taste !== '')<span class="taste">{{ $entry->taste }}</span>@endif
                            </a>
                        </li>
                    @endforeach
                </ol>
            </section>
        @empty
            @if ($page->search->isEmpty())<div class="empty"><p>{{ __('log.empty') }}</p><p class="soft">{{ __('log.empty_hint') }}</p>
                </div>@endif
        @endforelse
        @if ($page->newer() !== null || $page->older() !== null)
            <nav class="leaves" aria-label="{{ __('log.pages') }}">
                @if ($page->newer() !== null)<a class="btn btn-outline-dark" rel="prev"
                    href="{{ route('log', $page->newer()) }}">‹ {{ __('log.newer') }}</a>@endif
                @if ($page->older() !== null)<a class="btn btn-outline-dark" rel="next"
                    href="{{ route('log', $page->older()) }}">{{ __('log.older') }} ›</a>@endif
            </nav>
        @endif
        <section class="files" id="files">
            <h2>{{ __('log.files') }}</h2>
            @if ($page->found > 0)
                <div><h3>{{ __('log.files_out') }}</h3><p class="soft">{{ __('log.files_out_says') }}</p>
                    <p class="taps"><a class="btn btn-outline-dark" href="{{ route('log.out', ['csv', ...$page->search->asked()]) }}"
                    download>CSV</a> <a class="btn btn-outline-dark" href="{{ route('log.out', ['json', ...$page->search->asked()]) }}"
                    download>JSON</a></p></div>
            @endif
            @if ($takes)<form method="post" action="{{ route('log.in') }}" enctype="multipart/form-data">
                @csrf
                <h3><label for="file">{{ __('log.files_in') }}</label></h3>
                <p class="soft">{{ __('log.files_in_says', ['most' => App\Http\Controllers\LogFileController::MOST_MEGABYTES]) }}</p>
                <p class="taps"><input class="form-control" type="file" id="file" name="file"
                    accept=".csv,.json,text/csv,application/json" @error('file') aria-invalid="true" aria-describedby="file-error"
                    @enderror> <button class="btn btn-outline-dark">{{ __('log.files_take') }}</button></p>
                @if (request()->query('large') === '1')<p class="field-error" id="file-error" role="alert"><x-icon.mind
                    /> {{ App\Http\Controllers\LogFileController::tooBig()->getMessage() }}</p>@endif
                @error('file')<p class="field-error" id="file-error" role="alert"><x-icon.mind /> {{ $message }}</p>@enderror
                @if (session('taken'))<p class="taken" role="status">{{ session('taken') }}</p>@endif
            </form>@endif
            @if ($imports !== [])
                <div><h3>{{ __('log.imports') }}</h3><p class="soft">{{ __('log.imports_say') }}</p>
                    <ul class="devices">@foreach ($imports as $import)<li><b>{{ $import->name }}</b>
                        <span>{{ trans_choice('log.import', $import->pots_count, ['count' => $import->pots_count,
                            'at' => $import->created_at->format('j F, H:i'),
                            'by' => $import->by === '' ? __('audit.nobody') : $import->by]) }},
                            {{ __($import->teaches ? 'log.teaches' : 'log.teaches_not') }}</span>
                        <form method="post" action="{{ route('imports.teach', $import->id) }}">@csrf<button class="btn btn-outline-dark"
                            >{{ __($import->teaches ? 'log.teach_no_more' : 'log.teach') }}</button></form>
                        <form method="post" action="{{ route('imports.back', $import->id) }}" data-sure="{{ __('log.take_back_sure') }}"
                            >@csrf<button class="btn btn-outline-dark">{{ __('log.take_back') }}</button></form></li>@endforeach</ul></div>
            @endif
        </section>
    </div>
</x-layout>
