<x-layout :title="__('keep.label.title')" at="keep">
    <div class="folio labels-page is-{{ $page->layout }}">
        <h1>{{ __('keep.label.title') }}</h1>
        @if ($page->labels === [])<p>{{ __('keep.label.none') }} <a href="{{ route('keep') }}">{{ __('keep.title.page') }}</a></p>
        @else
        <p class="label-tools">
            @foreach (App\Pages\Keep\LabelsPage::LAYOUTS as $layout)<a
                @class(['btn', $layout === $page->layout ? 'btn-dark' : 'btn-outline-dark'])
                href="{{ route('keep.labels', ['tubs' => $page->asked, 'layout' => $layout]) }}"
                @if ($layout === $page->layout) aria-current="true" @endif>{{ __('keep.label.' . $layout) }}</a>@endforeach
            <button type="button" class="btn btn-primary" data-print data-key="p">{{ trans_choice('keep.label.print', count($page->labels),
                ['count' => count($page->labels)]) }}</button>
            <a class="btn btn-outline-dark"
                href="{{ route('keep.labels.pdf', ['tubs' => $page->asked, 'layout' => $page->layout]) }}">PDF</a>
        </p>
        <div class="labels">@foreach ($page->labels as $label)<article class="label"><x-keep.label-parts :label="$label" />
            </article>@endforeach</div>
        @endif
    </div>
</x-layout>
