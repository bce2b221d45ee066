<x-layout :title="__('compare.title')" at="compose">
    <div id="answer" class="compare-wrap">
        @fragment('answer')
        <form data-asks="#answer" class="compare columns-{{ count($page->columns) }}" method="get" action="{{ route('compare') }}"
            hx-get="{{ route('compare') }}" hx-trigger="submit, input delay:5ms" hx-target="#answer" hx-swap="innerMorph"
                hx-sync="this:replace">
            <header>
                <h1>{{ __('compare.heading') }}</h1>
                <p class="soft">{{ __('compare.legend') }}</p>
                @if ($page->another())<a class="btn btn-outline-dark" href="{{ route('compare', ['q' => $page->another()]) }}"
                    data-key="+">{{ __('compare.another') }}</a>@endif
                <noscript><button class="btn btn-dark">{{ __('compose.work_out') }}</button></noscript>
            </header>
            <div class="columns">
                @foreach ($page->columns as $i => $column)
                    <section aria-label="{{ __('compare.column', ['number' => $i + 1]) }}">
                        <input type="hidden" name="q[{{ $i }}]" value="{{ $column['address'] }}">
                        <h2>{{ $column['sheet'] ? App\Format\Words::wanted($column['sheet']) : __('compose.nothing') }}</h2>
                        <div class="changes-row">
                            @foreach (['ratio', 'school', 'colour', 'thickness', 'pan'] as $field)
                                <x-compare.change :page="$page" :column="$column" :i="$i" :field="$field" />
                            @endforeach
                        </div>
                        @if ($column['fault'] !== '')<p class="field-error"><x-icon.mind /> {{ $column['fault'] }}</p>@endif
                        @if ($column['sheet'])
                            <x-drawing.pot :picture="$column['pot']" :id="'pot-' . $i" />
                            <x-drawing.spoon :picture="$column['spoon']" :id="'spoon-' . $i" />
                            @if ($column['sheet']->question->base->hasRoux())<x-drawing.balance :sheet="$column['sheet']"
                                :colour="$column['colour']" :id="'balance-' . $i" />@endif
                        @endif
                    </section>
                @endforeach
            </div>
            <div class="table-scroll" tabindex="0" role="region" aria-label="{{ __('compare.figures') }}">
                <table class="figures">
                    <caption class="visually-hidden">{{ __('compare.figures') }}</caption>
                    <tbody>
                        @foreach ($page->rows() as $row)
                            <tr><th scope="row">{{ $row['name'] }}</th>@foreach ($row['cells'] as $cell)<td @if ($cell['differs'])
                                class="differs" @endif>@if ($cell['differs'])<span aria-label="{{ __('compare.differs') }}"
                                role="img">≠</span> @endif{{ $cell['text'] }}</td>@endforeach</tr>
                        @endforeach
                    </tbody>
                </table>
            </div>
            <div class="columns acts-row">
                @foreach ($page->columns as $i => $column)
                    <p><a class="btn btn-primary" href="{{ route('compose') }}?{{ $column['address'] }}">{{ __('compare.open') }}</a>
                        @if ($page->without($i))<a class="btn btn-outline-dark"
                        href="{{ route('compare', ['q' => $page->without($i)]) }}">{{ __('compare.remove') }}</a>@endif</p>
                @endforeach
            </div>
        </form>
        @endfragment
    </div>
</x-layout>
