<x-layout :title="__('family.acts.title', ['name' => $page->name])" at="family">
    <article class="folio acts-page">
        <p><a href="{{ route('family.show', $page->sauce) }}">‹ {{ $page->name }}</a></p>
        <h1>{{ __('family.acts.title', ['name' => $page->name]) }}</h1>
        <p class="soft">{{ __('family.acts.hint') }} {{ ucfirst($page->perLitre()) }}.</p>
        @if ($errors->any())<p class="field-error" role="alert"><x-icon.mind /> {{ $errors->first() }}</p>@endif
        <ol class="own-acts">
            @foreach ($page->acts() as $i => $act)
                <li>
                    <form method="post" action="{{ route('family.acts', $page->sauce) }}" id="act-{{ $i }}">
                        @csrf<input type="hidden" name="at" value="{{ $i }}">
                        <p><b>{{ $i + 1 }}. {{ $act['title'] }}</b> <span class="soft">{{ $act['about'] }}</span></p>
                        <div class="act-doses">
                            @foreach ($act['doses'] as $d => $dose)
                                <label class="cell"><span class="lbl">{{ $dose['name'] }}, {{ $dose['unit'] }}</span><input
                                    name="dose[{{ $d }}][amount]" class="mid" inputmode="decimal" autocomplete="off" maxlength="12"
                                    value="{{ $dose['amount'] }}"></label>
                            @endforeach
                            <label class="cell"><span class="lbl">{{ __('family.acts.minutes') }}</span><input name="minutes" class="mid"
                                inputmode="decimal" autocomplete="off" maxlength="12" value="{{ $act['minutes'] }}"></label>
                            @if ($act['share'] !== '')<label class="cell"><span class="lbl">{{ __('family.acts.share') }}</span><input
                                name="share" class="mid" inputmode="decimal" autocomplete="off" maxlength="12"
                                value="{{ $act['share'] }}"></label>@endif
                            @if ($act['most'] !== '')<label class="cell"><span class="lbl">{{ __('family.acts.most') }}</span><input
                                name="most" class="mid" inputmode="decimal" autocomplete="off" maxlength="12"
                                value="{{ $act['most'] }}"></label>@endif
                        </div>
                        <div class="act-keys">
                            <button class="btn btn-outline-dark" name="op" value="change">{{ __('family.acts.change') }}</button>
                            <button class="btn btn-outline-dark" name="op" value="up"
                                aria-label="{{ __('family.acts.up', ['n' => $i + 1]) }}">↑</button>
                            <button class="btn btn-outline-dark" name="op" value="down"
                                aria-label="{{ __('family.acts.down_of', ['n' => $i + 1]) }}">↓</button>
                            <button class="btn btn-outline-dark" name="op" value="remove"
                                aria-label="{{ __('family.acts.remove', ['n' => $i + 1]) }}">✕</button>
                        </div>
                    </form>
                </li>
            @endforeach
        </ol>
        <form method="post" action="{{ route('family.acts', $page->sauce) }}" class="act-new">
            @csrf<input type="hidden" name="op" value="add">
            <h2>{{ __('family.acts.add') }}</h2>
            <div class="act-doses">
                <label class="cell"><span class="lbl">{{ __('family.acts.kind') }}</span><select name="kind" class="mid">
                    @foreach ($page->kinds() as $kind => $name)<option value="{{ $kind }}"
                    @selected(old('kind') === $kind)>{{ $name }}</option>@endforeach</select></label>
                <label class="cell"><span class="lbl">{{ __('family.acts.in') }}</span><select name="vessel" class="mid"><option
                    value="">{{ __('family.acts.usual_vessel') }}</option>
                    @foreach (App\Kitchen\OwnActs::VESSELS as $vessel)<option value="{{ $vessel }}"
                    @selected(old('vessel') === $vessel)>{{ __('family.acts.vessel.' . $vessel) }}</option>@endforeach</select></label>
                <label class="cell"><span class="lbl">{{ __('family.acts.where') }}</span><select name="at" class="mid">
                    @foreach ($page->acts() as $i => $act)<option
                    value="{{ $i }}">{{ __('family.acts.before', ['n' => $i + 1]) }}</option>@endforeach<option
                    value="{{ count($page->acts()) }}" selected>{{ __('family.acts.at_the_end') }}</option></select></label>
                <label class="cell"><span class="lbl">{{ __('family.acts.minutes') }}</span><input name="minutes" class="mid"
                    inputmode="decimal" autocomplete="off" maxlength="12" value="{{ old('minutes') }}"></label>
                <label class="cell"><span class="lbl">{{ __('family.acts.share') }}</span><input name="share" class="mid"
                    inputmode="decimal" autocomplete="off" maxlength="12" value="{{ old('share') }}"></label>
                <label class="cell"><span class="lbl">{{ __('family.acts.most') }}</span><input name="most" class="mid"
                    inputmode="decimal" autocomplete="off" maxlength="12" value="{{ old('most') }}"></label>
            </div>
            @for ($d = 0; $d < App\Kitchen\OwnActs::DOSES; $d++)
                <div class="more-row">
                    <select name="dose[{{ $d }}][what]" class="mid" aria-label="{{ __('compose.extra.what', ['n' => $d + 1]) }}"><option
                        value="">{{ __('compose.extra.nothing') }}</option>
                        @foreach ($page->larder() as $id => $name)<option value="{{ $id }}"
                        @selected(old("dose.$d.what") === $id)>{{ $name }}</option>@endforeach</select>
                    <input name="dose[{{ $d }}][amount]" class="small" inputmode="decimal" autocomplete="off" maxlength="12"
                        value="{{ old("dose.$d.amount") }}" aria-label="{{ __('compose.extra.amount', ['n' => $d + 1]) }}">
                    <select name="dose[{{ $d }}][measure]" class="mid" aria-label="{{ __('compose.extra.unit', ['n' => $d + 1]) }}">
                        @foreach (App\Kitchen\OwnActs::MEASURES as $measure)<option value="{{ $measure }}"
                        @selected(old("dose.$d.measure") === $measure)>{{ __('units.part.' . $measure) }}</option>@endforeach</select>
                </div>
            @endfor
            <button class="btn btn-primary">{{ __('family.acts.add') }}</button>
        </form>
        <form method="post" action="{{ route('family.acts.reset', $page->sauce) }}">@csrf<button
            class="btn btn-outline-dark">{{ __('family.acts.reset') }}</button></form>
    </article>
</x-layout>
