<x-layout :title="__('sheet.title')" at="compose">
    <div class="paper paper-{{ $paper }}">
        <p class="paper-acts">
            <button type="button" class="btn btn-primary" data-print data-key="p">{{ __('sheet.print') }}</button>
            <a class="btn btn-outline-dark" href="{{ route('sheet', [...$question, 'paper' => $paper === 'slip' ? 'a4'
                : 'slip']) }}">{{ __('sheet.paper_' . ($paper === 'slip' ? 'a4' : 'slip')) }}</a>
            <a class="btn btn-outline-dark" href="{{ route('sheet.pdf', [...$question, 'paper' => $paper]) }}">PDF</a>
            @foreach (App\Http\Responses\RecipeFile::FORMATS as $format)<a class="btn btn-outline-dark" download
                href="{{ route('sheet.file', ['format' => $format, ...$question]) }}">{{ __('recipe.as_' . $format) }}</a> @endforeach
            @foreach ($scaled as $way)<a class="btn btn-outline-dark"
                href="{{ route('sheet', [...$way['address'], ...$paper === 'slip' ? ['paper' => 'slip'] : []]) }}">{{ $way['name'] }}</a>
            @endforeach
            <a class="btn btn-outline-dark" href="{{ route('compose', $question) }}">{{ __('sheet.back') }}</a>
        </p>
        <x-compose.covers :action="route('sheet')" :fields="[...$covers, ...$paper === 'slip' ? ['paper' => 'slip'] : []]" />
        {{-- The page carries its recipe for whatever reads it when it is saved. --}}
        <script type="application/ld+json">{!! $page->recipe()->script() !!}</script>
        <article class="sheet-of-paper">
            <h1>{{ $page->heading() }}</h1>
            @if ($paper === 'a4')
                <div class="drawings">
                    <x-drawing.pot :picture="$page->pot()" id="pot" />
                    @if ($page->stair())<x-drawing.stair :picture="$page->stair()" id="stair" />@endif
                </div>
            @endif
            <x-sheet.whole :page="$page" />
            <ul class="plain minds">
                @foreach ($page->sheet->warnings as $warning)<li>{{ App\Format\Words::warning($warning) }}</li>@endforeach
            </ul>
            <p class="soft">{{ __('sheet.made', ['kitchen' => $kitchen,
                'date' => now()->format('j.n.Y H:i')]) }}. {{ __('layout.local_code') }}</p>
        </article>
    </div>
</x-layout>
