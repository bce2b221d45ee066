<x-layout :title="__('family.supply_title')" at="family">
    <div id="answer">
        @fragment('answer')
        <form data-asks="#answer" class="folio supply" method="get" action="{{ route('supply') }}" novalidate hx-get="{{ route('supply') }}"
            hx-trigger="submit, change, input delay:400ms" hx-target="#answer" hx-swap="innerMorph" hx-sync="this:replace">
            <p><a href="{{ route('family') }}">‹ {{ __('family.service') }}</a></p>
            <h1>{{ __('family.supply_title') }}</h1>
            <x-keep.there :sauce="$page->reading->base->value" :liquid="$page->reading->liquid" />
            <div class="have-row">
                <p class="cell"><label class="lbl" for="base">{{ __('family.supply_base') }}</label>
                    <select id="base" name="base" class="mid">@foreach ($page->bases() as $id => $name)<option value="{{ $id }}"
                    @selected($id === $page->reading->base->value)>{{ $name }}</option>@endforeach</select></p>
                @if (count($page->liquids()) > 1)<p class="cell"><label class="lbl" for="liquid">{{ __('family.field.liquid') }}</label>
                    <select id="liquid" name="liquid" class="mid">@foreach ($page->liquids() as $id => $name)<option value="{{ $id }}"
                    @selected($id === $page->reading->liquid)>{{ $name }}</option>@endforeach</select></p>@endif
                <p class="cell"><label class="lbl" for="litres">{{ __('family.supply_litres') }}</label>
                    <input id="litres" name="litres" class="mid" inputmode="decimal" maxlength="20" autocomplete="off"
                    value="{{ $page->fields->litres }}" @if ($page->fault('litres')) aria-invalid="true" aria-describedby="litres-error"
                    @endif></p>
            </div>
            @if ($page->fault('litres'))<p class="field-error" id="litres-error"><x-icon.mind /> {{ $page->fault('litres') }}</p>@endif
            @if ($page->refusal !== '')<p class="line-down" role="alert">{{ __('family.cannot', ['reason' => $page->refusal]) }}</p>@endif
            <button class="btn btn-outline-dark work-out">{{ __('family.work_out') }}</button>
            <details class="more" @if ($page->fields->short !== []) open @endif>
                <summary>{{ __('family.supply_limits') }}</summary>
                <p class="soft">{{ __('family.supply_limits_hint') }}</p>
                <div class="short">
                    @foreach ($page->reading->counted as $id => $measure)
                        <p class="cell"><label class="lbl" for="short-{{ $id }}">{{ App\Format\Words::ingredient($id) }},
                            {{ __('units.part.' . $measure->value) }}</label>
                            <input id="short-{{ $id }}" name="short[{{ $id }}]" class="mid" inputmode="decimal" maxlength="12"
                            autocomplete="off" value="{{ $page->fields->short[$id] ?? '' }}" @if ($page->fault("short.$id"))
                            aria-invalid="true" aria-describedby="short-{{ $id }}-error" @endif></p>
                        @if ($page->fault("short.$id"))<p class="field-error" id="short-{{ $id }}-error"><x-icon.mind
                            /> {{ $page->fault("short.$id") }}</p>@endif
                    @endforeach
                </div>
            </details>
            @if ($page->shares !== [])
                <section class="split">
                    <h2>{{ __('family.supply_split') }}</h2>
                    <ul>@foreach ($page->shares as $share)<li><b>{{ $page->names->name($share->derivative->id) }}</b>
                        {{ $page->gets($share) }}@if ($share->made) <span
                        class="soft">· {{ __('family.sheet_takes',
                        ['litres' => App\Format\Litres::of($share->made->taken->volume())->text(),
                        'parent' => $page->baseName()]) }}</span>@endif @if ($page->ranOut($share) !== '')<span
                        class="soft">· {{ $page->ranOut($share) }}</span>@endif</li>@endforeach</ul>
                    <p class="soft">{{ $page->left() }} {{ __('family.supply_fair') }}</p>
                </section>
            @endif
            @foreach ($page->keptUnseen() as $field => $typed)<input type="hidden" name="{{ $field }}" value="{{ $typed }}">@endforeach
            @if ($page->possible !== [])
            <table class="possible">
                <thead><tr><th scope="col">{{ __('family.column.sauce') }}</th>
                    <th scope="col" class="n">{{ __('family.column.makes') }}</th><th scope="col">{{ __('family.column.for') }}</th>
                    <th scope="col">{{ __('family.supply_wish') }}</th></tr></thead>
                <tbody>
                    @foreach ($page->possible as $possible)
                        @php($id = $possible->derivative->id)
                        <tr>
                            <td><a href="{{ route('family.show', $id) }}"><b>{{ $page->names->name($id) }}</b></a> <span
                                class="soft">{{ $page->names->story($id) }}</span></td>
                            <td class="n"><b>{{ App\Format\Litres::of($possible->made->volume())->text() }}</b></td>
                            <td class="soft">{{ $page->limited($possible) }}</td>
                            <td><span class="wished lbl" aria-hidden="true">{{ __('family.supply_wish') }}</span>
                                <input id="wish-{{ $id }}" name="wish[{{ $id }}]" class="mid" inputmode="decimal" maxlength="12"
                                autocomplete="off" aria-label="{{ $page->names->name($id) }}, {{ __('family.supply_wish') }}"
                                value="{{ $page->fields->wishes[$id] ?? '' }}" @if ($page->fault("wish.$id")) aria-invalid="true"
                                aria-describedby="wish-{{ $id }}-error" @endif>@if ($page->fault("wish.$id"))<span class="field-error"
                                id="wish-{{ $id }}-error"><x-icon.mind /> {{ $page->fault("wish.$id") }}</span>@endif</td>
                        </tr>
                    @endforeach
                </tbody>
            </table>
            @endif
        </form>
        @endfragment
    </div>
</x-layout>
