<x-layout :title="__('family.make.title', ['name' => $page->from->name])" at="stove">
    <div id="answer">
        @fragment('answer')
        <form data-asks="#answer" class="folio supply make" method="get" action="{{ $page->from->where->makes }}" novalidate
            hx-get="{{ $page->from->where->makes }}" hx-trigger="submit, change, input delay:400ms" hx-target="#answer"
            hx-swap="innerMorph" hx-sync="this:replace">
            <p><a href="{{ $page->from->where->page }}">‹ {{ $page->from->name }}</a></p>
            <h1>{{ __('family.make.title', ['name' => $page->from->name]) }}</h1>
            <p>{{ $page->stands() }}</p>
            <div class="have-row">
                <p class="cell"><label class="lbl" for="sauce">{{ __('family.make.sauce') }}</label>
                    <select id="sauce" name="sauce" class="mid">@foreach ($page->sauces() as $id => $name)<option value="{{ $id }}"
                    @selected($id === $page->sauce)>{{ $name }}</option>@endforeach</select></p>
                <p class="cell"><label class="lbl" for="pan">{{ __('family.make.in') }}</label>
                    <select id="pan" name="pan" class="mid"><option value="">{{ __('family.make.another_pan') }}</option>
                    @if ($page->from->where->pan)<option value="same"
                    @selected($page->samePan)>{{ __('family.make.same_pan') }}</option>@endif</select></p>
                @unless ($page->samePan)<p class="cell"><label class="lbl" for="litres">{{ __('family.make.litres') }}</label>
                    <input id="litres" name="litres" class="mid" inputmode="decimal" maxlength="20" autocomplete="off"
                    value="{{ $page->litres }}" placeholder="{{ __('family.make.all') }}" @if ($page->fault) aria-invalid="true"
                    aria-describedby="litres-error" @endif></p>@endunless
            </div>
            @if ($page->fault)<p class="field-error" id="litres-error"><x-icon.mind /> {{ $page->fault->message() }}</p>@endif
            @if ($page->refusal !== '')<p class="line-down" role="alert">{{ __('family.cannot', ['reason' => $page->refusal]) }}</p>@endif
            <button class="btn btn-outline-dark work-out">{{ __('family.work_out') }}</button>
            @if ($page->derived)
                <dl class="facts">@foreach ($page->facts($page->derived) as $name => $fact)<dt>{{ $name }}</dt>
                    <dd>{{ $fact }}</dd>@endforeach</dl>
                <ol class="act-list">@foreach ($page->steps($page->derived) as $step)<li><b>{{ $step['title'] }}</b>
                    @if ($step['minutes'] !== '')<span class="soft">{{ $step['minutes'] }}</span>@endif @if ($step['cue'] !== '')<br><span
                    class="soft">{{ $step['cue'] }}</span>@endif @if ($step['caution'] !== '')<p
                    class="mind limit">{{ $step['caution'] }}</p>@endif</li>@endforeach</ol>
                <p>{{ $page->allergens($page->derived) }}</p>
            @endif
        </form>
        @if ($page->isReady())
            <form class="folio make-go" method="post" action="{{ $page->from->where->makes }}" data-once>
                @csrf<x-once />
                <input type="hidden" name="sauce" value="{{ $page->sauce }}"><input type="hidden" name="litres" value="{{ $page->litres }}">
                <input type="hidden" name="pan" value="{{ $page->samePan ? 'same' : '' }}">
                <button class="btn btn-primary">{{ __('family.make.start', ['name' => $page->names->within($page->sauce)]) }}</button>
            </form>
        @endif
        @endfragment
    </div>
</x-layout>
