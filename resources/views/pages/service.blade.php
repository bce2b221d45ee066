<x-layout :title="$page->title()" at="family">
    <p id="line-down" class="line-down" role="alert" hidden>{{ __('compose.line_down') }}</p>
    <x-keep.soon />
    <form id="cook" method="post" action="{{ route('services.cook', $page->serviceId) }}">@csrf<x-once /></form>
    {{-- What another tablet changes is heard here; what is being typed is not touched (asks.js). --}}
    <div data-hears hx-get="{{ route('services.show', $page->serviceId) }}" hx-trigger="lento:happened from:document" hx-target="#answer"
        hx-swap="innerMorph"></div>
    <div id="answer">
        @fragment('answer')
        <form id="service" class="service" method="post" action="{{ route('services.update', $page->serviceId) }}" novalidate
            autocomplete="off" data-turns data-asks="#answer"
            hx-post="{{ route('services.update', $page->serviceId) }}" hx-trigger="submit, change, input delay:500ms" hx-target="#answer"
                hx-swap="innerMorph" hx-sync="this:replace">
            @csrf<input type="hidden" name="saw" value="{{ $page->saw() }}">
            @foreach ($clashes ?? [] as $clash)<p class="line-down" role="alert">{{ $clash }}</p>@endforeach
            <header class="service-head">
                <h1>{{ $page->title() }}</h1>
                <p class="totals" aria-live="polite">{{ $page->totals() }}</p>
                <x-family.about :page="$page" />
                <details class="add" @if ($page->fields->wishes === []) open @endif>
                    <summary class="btn btn-outline-dark" data-key="+">{{ __('family.add_sauce') }} <kbd aria-hidden="true">+</kbd>
                        </summary>
                    @php($new = count($page->fields->wishes))
                    <div class="fields">
                        <label class="lbl" for="wishes-{{ $new }}-sauce">{{ __('family.field.sauce') }}</label>
                        <select id="wishes-{{ $new }}-sauce" name="wishes[{{ $new }}][sauce]" class="mid">
                            <option value="">{{ __('family.no_sauce') }}</option>
                            @foreach ($page->options->sauces() as $id => $name)<option value="{{ $id }}">{{ $name }}</option>@endforeach
                        </select>
                        <div class="much"><x-family.number :page="$page" :row="$new" name="covers"
                            :value="$page->covers() > 0 ? (string) $page->covers() : '24'" :label="__('family.field.covers')" /> <span
                            class="times" aria-hidden="true">×</span> <x-family.number :page="$page" :row="$new" name="each" value=""
                            :label="__('family.field.each')" :placeholder="$page->portion()" /></div>
                    </div>
                </details>
                <button class="btn btn-outline-dark work-out">{{ __('family.work_out') }}</button>
            </header>
            @if ($page->refusal !== '')<p class="line-down" role="alert">{{ __('family.cannot', ['reason' => $page->refusal]) }}</p>@endif
            @php($columns = $page->columns())
            @foreach ($page->leftOut($columns) as $i => $wish)
                <section class="left-out" aria-label="{{ $wish['sauce'] }}">
                    <h2>{{ $page->catalogue->has($wish['sauce']) ? $page->name($wish['sauce']) : $wish['sauce'] }}</h2>
                    <x-family.wish :page="$page" :row="$i" :wish="$wish" :open="$page->fault('wishes.' . $i . '.sauce') !== null" />
                    </section>
            @endforeach
            @if ($drawing = $page->picture?->drawing())
                @php($number = 0)
                @php($todo = true)
                @foreach ($drawing->rows as $i => $row)
                    <figure class="flow-row">
                        <x-drawing.flow :row="$row" :page="$page" :id="'flow-' . $i" :scale="$drawing->scale" />
                        <div class="ends">
                            @foreach ($row->pans as $pan)
                                @if ($pan->isEnd && isset($columns[$pan->sauce->key]))
                                    @php($column = $columns[$pan->sauce->key])
                                    @php($acts = in_array($column->action->kind, ['cook', 'ladle'], true))
                                    @php($number += $acts ? 1 : 0)
                                    <x-family.column :column="$column" :page="$page"
                                        :number="$acts && $number <= 9 ? (string) $number : null" :primary="$acts && $todo" />
                                    @php($todo = $todo && ! $acts)
                                @endif
                            @endforeach
                        </div>
                    </figure>
                @endforeach
                <p class="soft scale-note">{{ __('family.scale_note', ['px' => round(
                    $drawing->scale)]) }} {{ __('family.thin_note') }}</p>
                <section class="bases" aria-labelledby="bases-title">
                    <h2 id="bases-title">{{ __('family.bases_title') }}</h2>
                    <ul>@foreach ($page->bases() as $card)<x-family.base :card="$card" :page="$page" />@endforeach</ul>
                </section>
            @elseif ($page->fields->wishes === [])
                <p class="empty">{{ __('family.none') }}</p>
            @endif
        </form>
        @endfragment
    </div>
    <nav class="service-links" aria-label="{{ __('family.service') }}">
        @foreach (['pass', 'shopping', 'scaling'] as $what)<a class="btn btn-outline-dark"
            href="{{ route('services.' . $what, $page->serviceId) }}">{{ __('family.' . $what) }}</a>@endforeach
        <a class="btn btn-outline-dark" href="{{ route('supply') }}">{{ __('family.supply') }}</a>
        <a class="btn btn-outline-dark" href="{{ route('family.tree') }}">{{ __('family.tree_link') }}</a>
        <form method="post" action="{{ route('services.store') }}">@csrf<x-once /><button
            class="btn btn-outline-dark">{{ __('family.new_service') }}</button></form>
        <form method="post" action="{{ route('services.store') }}">@csrf<x-once /><input type="hidden" name="copy"
            value="{{ $page->serviceId }}"><button class="btn btn-outline-dark">{{ __('family.copy_service') }}</button></form>
        <x-archive-it kind="services" :id="$page->serviceId" :name="$page->title()" />
    </nav>
    @if (count($services) > 1)<nav class="other-services" aria-label="{{ __('family.services') }}">
        <ul>@foreach ($services as $one)<li><a href="{{ route('services.show', $one['id']) }}" @if ($one['id'] === $page->serviceId)
        aria-current="page" @endif>{{ $one['name'] === '' ? __('family.untitled') : $one['name'] }}</a></li>@endforeach</ul></nav>@endif
</x-layout>
