<x-layout :title="__('learning.title')" at="kitchen">
    <div class="learning">
        <a class="back" href="{{ route('kitchen') }}">‹ {{ __('kitchen.title') }}</a>
        <h1>{{ __('learning.title') }}</h1>
        <p class="soft">{{ __('learning.how') }}</p>
        @unless ($page->learns)<p class="caution"><x-icon.mind /> <span>{{ __('learning.off') }}</span></p>@endunless
        @forelse ($page->figures as $i => $figure)
            <section class="figure">
                <div><h2>{{ $figure['title'] }}</h2><p>{{ $figure['says'] }}</p></div>
                <div class="scroll" tabindex="0" role="group" aria-label="{{ $figure['title'] }}"><x-drawing.shrinking-bands
                    :drawing="$figure['drawing']" :says="__('learning.drawing_says', ['title' => $figure['title'],
                    'says' => $figure['says']])" :id="'figure-' . $i" /></div>
            </section>
        @empty
            <p>{{ __('learning.nothing') }}</p>
        @endforelse
        @if ($page->pots !== [])
            <h2 id="pots">{{ __('learning.from_these') }}</h2>
            <ul class="lessons">
                @foreach ($page->pots as $pot)
                    <li @class(['out' => $pot['left_out']])>
                        <a href="{{ route('log.show', $pot['id']) }}">{{ $pot['name'] }}</a>
                        <span>{{ $pot['date'] }}@if ($pot['left_out']), {{ __('learning.left_out') }}@endif</span>
                        <span>{{ $pot['teaches'] }}</span>
                        @if (app(App\People\Here::class)->may(App\People\Place::Learning))<form method="post"
                            action="{{ route('learning.update', $pot['id']) }}">@csrf<button class="btn btn-outline-dark"
                            aria-label="{{ __($pot['left_out'] ? 'learning.take_in'
                            : 'learning.leave_out') }}: {{ $pot['name'] }}, {{ $pot['date'] }}">{{ __($pot['left_out']
                            ? 'learning.take_in' : 'learning.leave_out') }}</button></form>@endif
                    </li>
                @endforeach
            </ul>
        @endif
    </div>
</x-layout>
