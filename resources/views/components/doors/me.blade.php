{{-- Who Lento takes this for, and the way to be somebody else. --}}
@php($me = app(App\People\Here::class)->isEntered() ? app(App\People\Here::class)->presence() : null)
@if ($me?->isDemo)
    <details class="me"><summary><b>{{ __('doors.demo') }}</b> {{ $me->name }}</summary>
        <div class="card"><p>{{ __('doors.demo_as') }}</p></div></details>
@elseif ($me !== null && $me->name !== '')
    <details class="me"><summary>{{ $me->name }}</summary>
        <div class="card">
            @if ($me->through !== '')<form method="post" action="{{ route('who.leave') }}">@csrf<button
                class="btn btn-outline-dark">{{ __('doors.switch') }}</button></form>
            @else<a class="btn btn-outline-dark" href="{{ route('kitchens') }}">{{ __('kitchens.title') }}</a>
            <form method="post" action="{{ route('sign-out') }}" data-leaves>@csrf<button
                class="btn btn-outline-dark">{{ __('doors.sign_out') }}</button></form>@endif
        </div></details>
@endif
