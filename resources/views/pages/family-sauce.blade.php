<x-layout :title="$page->name()" at="family">
    <article class="folio sauce-page">
        <nav class="lineage noprint" aria-label="{{ __('family.parent_of') }}"><a
            href="{{ route('family.tree') }}">‹ {{ __('family.tree_link') }}</a>
            @foreach ($page->lineage() as $id) @unless ($loop->first)<span
            aria-hidden="true">→</span>@endunless @if ($id === $page->sauce)<b
            aria-current="page">{{ $page->names->name($id) }}</b>@else<a
            href="{{ route('family.show', $id) }}">{{ $page->names->name($id) }}</a>@endif @endforeach</nav>
        <h1>{{ $page->name() }} @if ($page->names->french($page->sauce) !== '')<i lang="fr"
            class="soft">{{ $page->names->french($page->sauce) }}</i>@endif</h1>
        <p class="story">{{ $page->names->story($page->sauce) }} @if ($page->own())<span
            class="soft">{{ __('family.own_based', ['name' => $page->names->name($page->own()->basedOn)]) }}</span>@endif</p>
        <div id="answer">
            @fragment('answer')
            <form data-asks="#answer" class="how-many noprint" method="get" action="{{ route('family.show', $page->sauce) }}" novalidate
                hx-get="{{ route('family.show', $page->sauce) }}" hx-trigger="submit, change, input delay:400ms" hx-target="#answer"
                hx-swap="innerMorph" hx-sync="this:replace">
                <p class="cell"><label class="lbl" for="litres">{{ __('family.sheet_litres') }}</label>
                    <input id="litres" name="litres" class="big" inputmode="decimal" maxlength="20" autocomplete="off"
                    value="{{ $page->litres }}" @if ($page->fault) aria-invalid="true" aria-describedby="litres-error" @endif></p>
                @if (count($page->liquids()) > 1)<p class="cell"><label class="lbl" for="liquid">{{ __('family.field.liquid') }}</label>
                    <select id="liquid" name="liquid" class="mid">@foreach ($page->liquids() as $id => $name)<option value="{{ $id }}"
                    @selected($id === $page->liquid)>{{ $name }}</option>@endforeach</select></p>@endif
                <button class="btn btn-outline-dark work-out">{{ __('family.work_out') }}</button>
                @if ($page->fault)<p class="field-error" id="litres-error"><x-icon.mind /> {{ $page->fault->message() }}</p>@endif
            </form>
            <x-compose.covers :action="route('family.show', $page->sauce)" :fields="['liquid' => $page->liquid]" />
            @if ($page->refusal !== '')<p class="line-down" role="alert">{{ __('family.cannot', ['reason' => $page->refusal]) }}</p>@endif
            @if ($page->derived())
                <p class="takes"><b>{{ $page->takes() }}</b> → <b>{{ App\Format\Litres::of($page->derived()->volume())->text() }}</b></p>
                <div class="sheet-cols">
                    <section>
                        <h2>{{ __('family.sheet_order') }}</h2>
                        <ol class="act-list">@foreach ($page->steps() as $step)<li><b>{{ $step['title'] }}</b>
                            @if ($step['minutes'] !== '')<span
                            class="soft">{{ $step['minutes'] }}</span>@endif @if ($step['cue'] !== '')<br><span
                            class="soft">{{ $step['cue'] }}</span>@endif @if ($step['caution'] !== '')<p
                            class="mind limit">{{ $step['caution'] }}</p>@endif</li>@endforeach</ol>
                    </section>
                    <section>
                        <h2>{{ __('family.sheet_facts') }}</h2>
                        <dl class="facts">@foreach ($page->facts() as $name => $value)<dt>{{ $name }}</dt>
                            <dd>{{ $value }}</dd>@endforeach</dl>
                        <p>{{ $page->allergens() }}</p>
                    </section>
                </div>
            @elseif ($page->allergens() !== '')
                <p>{{ $page->allergens() }}</p>
            @endif
            @if ($page->recipe())
                <script type="application/ld+json">{!! $page->recipe()->script() !!}</script>
                <p class="links noprint">@foreach (App\Http\Responses\RecipeFile::FORMATS as $format)<a download
                    href="{{ route('family.file', ['format' => $format, ...$page->asked()]) }}">{{ __('recipe.as_' . $format) }}</a>
                    @endforeach</p>
            @endif
            <p class="links noprint">@if ($page->baseQuestion() !== [])<a
                href="{{ route('sheet', $page->baseQuestion()) }}">{{ $page->isBase() ? __('family.to_sheet') : __('family.to_sheet')
                . ': ' . $page->names->name($page->catalogue->root($page->sauce)->value, $page->liquid) }}</a> <a
                href="{{ route('compose', $page->baseQuestion()) }}">{{ __('family.to_compose') }}</a>@endif</p>
            <form class="noprint" method="post" action="{{ route('family.cook', $page->sauce) }}">@csrf<x-once />
                <input type="hidden" name="liquid" value="{{ $page->liquid }}">
                <input type="hidden" name="litres" value="{{ $page->litres }}">
                <button class="btn btn-primary" data-key="enter">{{ __('family.cook_it') }}</button></form>
            @endfragment
        </div>
        <section>
            <h2>{{ __('family.children') }}</h2>
            @if ($page->children() === [])<p class="soft">{{ __('family.no_children') }}</p>@else<ul
                class="children">@foreach ($page->children() as $child)<li><a
                href="{{ route('family.show', $child) }}"><b>{{ $page->names->name($child) }}</b>
                @if ($page->names->french($child) !== '')<i lang="fr">{{ $page->names->french($child) }}</i>@endif</a>
                </li>@endforeach</ul>@endif
        </section>
        <details class="own noprint" @if ($errors->any()) open @endif>
                <summary class="btn btn-outline-dark">{{ $page->own() ? __('family.own_change') : __('family.own_title') }}</summary>
                <form method="post" action="{{ route('family.own', $page->sauce) }}">
                    @csrf @if (!$page->own())<x-once />@endif
                    <p class="cell"><label class="lbl" for="own-name">{{ __('family.own_name') }}</label>
                        <input id="own-name" name="name" class="mid" maxlength="60" required
                        value="{{ old('name', $page->own()?->name) }}" @error('name') aria-invalid="true"
                        aria-describedby="own-name-error" @enderror></p>
                    @error('name')<p class="field-error" id="own-name-error"><x-icon.mind /> {{ $message }}</p>@enderror
                    <p class="cell"><label class="lbl" for="own-story">{{ __('family.own_story') }}</label>
                        <input id="own-story" name="story" class="mid" maxlength="300" value="{{ old('story', $page->own()?->story) }}"></p>
                    <p class="cell"><label class="lbl" for="own-class">{{ __('family.field.thickness') }}</label>
                        <select id="own-class" name="class" class="mid">@foreach ($page->classes() as $class)<option
                        value="{{ $class->value }}" @selected(old('class',
                        $page->usualClass()->value) === $class->value)>{{ __('thickness.class.'
                        . $class->value) }}</option>@endforeach</select></p>
                    <fieldset class="amounts"><legend class="lbl">{{ __('family.per_litre',
                        ['parent' => $page->names->within($page->derivative()->parent ?? $page->sauce)]) }}</legend>
                        @foreach ($page->doses() as [$dose, $house])
                            <p class="cell"><label class="lbl"
                                for="own-{{ $dose->ingredient }}">{{ App\Format\Words::ingredient($dose->ingredient) }},
                                {{ __('units.part.' . $dose->measure->value) }}@if ($house !== '') <span
                                class="soft">({{ __('compose.usually', ['usual' => $house]) }})</span>@endif</label>
                                <input id="own-{{ $dose->ingredient }}" name="amounts[{{ $dose->ingredient }}]" class="mid"
                                inputmode="decimal" maxlength="12"
                                value="{{ old('amounts.' . $dose->ingredient, App\Typed\TypedNumber::plain($dose->perLitre)) }}"
                                @error('amounts.' . $dose->ingredient) aria-invalid="true"
                                aria-describedby="own-{{ $dose->ingredient }}-error" @enderror></p>
                            @error('amounts.' . $dose->ingredient)<p class="field-error"
                                id="own-{{ $dose->ingredient }}-error"><x-icon.mind /> {{ $message }}</p>@enderror
                        @endforeach
                        @foreach ($page->more() as $id => $grams)<p class="cell">
                            <label class="lbl" for="own-extra-{{ $id }}">{{ App\Format\Words::ingredient($id) }}, g</label>
                            <input id="own-extra-{{ $id }}" name="extra[{{ $id }}]" class="mid" inputmode="decimal" maxlength="12"
                            value="{{ old('extra.' . $id, App\Typed\TypedNumber::plain($grams)) }}"></p>@endforeach
                        <p class="cell"><label class="lbl" for="own-more">{{ __('family.own_more') }}</label>
                            <input id="own-more" name="more" class="mid" inputmode="decimal" maxlength="12" value="{{ old('more') }}"
                            @error('more') aria-invalid="true" aria-describedby="own-more-error" @enderror></p>
                        @error('more')<p class="field-error" id="own-more-error"><x-icon.mind /> {{ $message }}</p>@enderror
                        <p class="cell"><label class="lbl" for="own-more-what">{{ __('family.own_more_what') }}</label>
                            <select id="own-more-what" name="more_what" class="mid" @error('more_what') aria-invalid="true"
                            aria-describedby="own-more-what-error" @enderror><option value="">
                            </option>@foreach (App\Http\Requests\OwnSauceRequest::addable() as $id)<option value="{{ $id }}"
                            @selected(old('more_what') === $id)>{{ App\Format\Words::ingredient($id) }}</option>@endforeach</select></p>
                        @error('more_what')<p class="field-error" id="own-more-what-error"><x-icon.mind /> {{ $message }}</p>@enderror
                    </fieldset>
                    <button class="btn btn-primary">{{ __('family.own_save') }}</button>
                </form>
                @if ($page->own())<p><a href="{{ route('family.acts', $page->sauce) }}">{{ __('family.acts.link') }}</a></p>
                <form method="post" action="{{ route('family.remove', $page->sauce) }}">@csrf<button
                    class="btn btn-outline-dark">{{ __('family.own_remove') }}</button></form>
                <x-archive-it kind="own" :id="(int) substr($page->sauce, 10)" :name="$page->name()" />@endif
            </details>
    </article>
</x-layout>
