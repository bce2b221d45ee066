<x-layout :title="__('log.beside_title', ['name' => $page->name()])" at="log">
    <div class="course beside">
        <a class="back" href="{{ route('log.show', $pot) }}">‹ {{ __('log.beside_back') }}</a>
        <h1>{{ __('log.beside_title', ['name' => $page->name()]) }}</h1>
        @foreach (['first' => $page->first, 'second' => $page->second] as $which => $one)
            <section>
                <h2><a href="{{ route('log.show',
                    $one->entry->id) }}">{{ $one->entry->startedAt->format('l j F Y, H:i') }}</a>@if ($one->entry->cook), {{ __('log.by',
                    ['cook' => $one->entry->cook]) }}@endif <small>({{ __('log.' . $which) }})</small></h2>
                <div class="scroll" tabindex="0" role="group"
                    aria-label="{{ __('log.' . $which) }}: {{ __('log.course') }}"><x-drawing.course :page="$one"
                    :drawing="$page->drawings[$loop->index]" :id="'course-' . $which" /></div>
            </section>
        @endforeach
        <table class="rows against-rows">
            <thead><tr><td></td><th scope="col">{{ __('log.first') }}</th><th scope="col">{{ __('log.second') }}</th>
                <th scope="col">{{ __('log.difference') }}</th></tr></thead>
            <tbody>
                @foreach ($page->rows as $row)
                    <tr><th scope="row">{{ $row['name'] }}</th><td>{{ $row['first'] }}</td><td>{{ $row['second'] }}</td>
                        <td>{{ $row['difference'] }}</td></tr>
                @endforeach
            </tbody>
        </table>
        <div class="levels">
            @foreach (['first' => $page->first, 'second' => $page->second] as $which => $one)
                @if ($one->sauce && count($one->sauce->curve->gone) > 2)
                    <figure><h2>{{ __('log.level') }}: {{ __('log.' . $which) }}</h2>
                        <x-drawing.forecast :curve="$one->sauce->curve" :now="$one->sauce->reckoning->seconds" value="depth"
                        :id="'level-' . $which" /></figure>
                @endif
            @endforeach
        </div>
    </div>
</x-layout>
