<x-layout :title="$page->set->title" at="practice">
    <div class="practice-choose">
        <h1>{{ $page->set->title }}</h1>
        <p class="lead">{{ $page->line }}</p>
        <div>
            <form method="post" action="{{ route('practice.take', $page->set->id) }}">@csrf<x-once /><p class="taps"><button
                class="btn btn-primary go">{{ __('practice.exercise.begin') }}</button></p></form>
            @if ($page->maySee())
                <h2>{{ __('practice.exercise.who') }}</h2>
                @if ($page->done() === [])<p class="soft">{{ __('practice.exercise.nobody') }}</p>@endif
                <ul class="rows">@foreach ($page->done() as $one)<li><b>{{ $one['cook'] }}</b> {{ $one['came'] }} <span>{{
                    $one['cause'] }}</span>
                    </li>@endforeach</ul>
            @endif
        </div>
        <div class="side">
            <h2>{{ __('practice.exercise.link') }}</h2>
            <svg class="qr" viewBox="0 0 {{ $page->qr->size }} {{ $page->qr->size }}" role="img"
                aria-label="{{ __('elsewhere.qr') }}"><rect
                width="{{ $page->qr->size }}" height="{{ $page->qr->size }}" fill="#fff"/><path d="{{ $page->qr->path }}"
                    fill="#000"/></svg>
            <p><a href="{{ $page->address }}">{{ $page->address }}</a></p>
            <p><a href="{{ route('practice.exercises') }}">{{ __('practice.exercise.title') }}</a></p>
        </div>
    </div>
</x-layout>
