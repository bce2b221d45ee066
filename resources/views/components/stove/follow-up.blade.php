@props(['page'])
@php($open = $page->course->openRescue())
@if ($open)
    {{-- A remedy was done: whoever did it says how it went. --}}
    <section class="follow-up" aria-label="{{ __('rescue.title') }}">
        <p>{{ __('rescue.open', ['what' => App\Format\EventWords::rescued($open)]) }}</p>
        <div class="taps">
            @foreach (Lento\Course\FollowUp::cases() as $how)
                <x-stove.tap :page="$page" kind="followed-up"
                    :fields="['choice' => $how->value, 'rescue' => $open->id]">{{ __('rescue.follow.' . $how->value) }}</x-stove.tap>
            @endforeach
            <a class="btn btn-outline-dark" href="{{ route('rescue.show', [$open->fault->value, 'pot' => $page->potId,
                'n' => 1]) }}">{{ __('rescue.another') }}</a>
        </div>
    </section>
@endif
