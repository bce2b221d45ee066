@props(['page'])
<div class="score-actions">
    @if ($page->looksFurther())
        <p class="looking">{{ __('score.looking', ['left' => $page->left, 'of' => App\Score\KeepScore::ROUNDS]) }}</p>
        <form method="post" action="{{ route('score.stop', $page->serviceId) }}" hx-post="{{ route('score.stop', [$page->serviceId,
            'zoom' => $page->asked->zoom]) }}" hx-target="#answer" hx-swap="innerMorph">@csrf
            <button class="btn btn-outline-dark">{{ __('score.stop') }}</button></form>
        <noscript><form method="post" action="{{ route('score.better', $page->serviceId) }}">@csrf
            <button class="btn btn-dark">{{ __('score.look_further') }}</button></form></noscript>
    @endif
    @if ($page->picture)
        <nav class="zoom" aria-label="{{ __('score.zoom') }}"><span class="lbl" aria-hidden="true">{{ __('score.zoom') }}</span>
            @foreach (App\Pages\Score\ScorePage::ZOOMS as $zoom)<a class="btn btn-outline-dark" href="{{ route('score',
                [$page->serviceId, 'zoom' => $zoom]) }}" @if ($zoom === $page->asked->zoom) aria-current="true" @endif>{{ __('score.times',
                ['zoom' => $zoom]) }}</a>@endforeach</nav>
    @endif
    @if ($page->picture)<a class="btn btn-outline-dark" href="{{ route('score', [$page->serviceId, 'zoom' => $page->asked->zoom,
        'evenings' => 1]) }}#evenings">{{ __('score.evenings.ask') }}</a>@endif
    <a class="btn btn-outline-dark" href="{{ route('services.show', $page->serviceId) }}">{{ __('score.to_family') }}</a>
    @if ($page->picture)<button type="button" class="btn btn-outline-dark" data-print data-key="p"><kbd aria-hidden="true">P</kbd>
        {{ __('sheet.print') }}</button>
        <p class="files soft">{{ __('score.as_file') }}
            @foreach (App\Http\Controllers\ScoreFileController::FORMATS as $format)<a href="{{ route('score.file',
                [$page->serviceId, $format]) }}">{{ __('score.files.' . $format) }}</a>@endforeach</p>@endif
</div>
