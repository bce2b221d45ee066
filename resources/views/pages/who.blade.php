<x-door :title="__('doors.who')">
    <p class="soft">{{ $tablet->name }} · {{ $galley->name() }}</p>
    @error('pin')<p class="field-error" role="alert"><x-icon.mind /> {{ $message }}</p>@enderror
    <ul class="people">
        @forelse ($members as $member)
            <li>
                @if (! $galley->asksForPins())
                    <form method="post" action="{{ route('who.say') }}">@csrf
                        <input type="hidden" name="member" value="{{ $member->id }}">
                        <button class="btn btn-dark name">{{ $member->name }}</button>
                    </form>
                @endif
                @if ($member->pin_hash !== null)
                    <details @if (session('who') === $member->id) open @endif>
                        <summary class="btn btn-outline-dark">{{ $galley->asksForPins() ? $member->name : __('doors.with_pin',
                            ['name' => $member->name]) }}</summary>
                        <form method="post" action="{{ route('who.say') }}" class="pin">@csrf
                            <input type="hidden" name="member" value="{{ $member->id }}">
                            <label class="lbl" for="pin-{{ $member->id }}">{{ __('doors.pin') }}</label>
                            <input id="pin-{{ $member->id }}" name="pin" type="password" inputmode="numeric" class="mid" maxlength="8"
                                autocomplete="off">
                            <button class="btn btn-primary">{{ __('doors.its_me') }}</button>
                        </form>
                    </details>
                @elseif ($galley->asksForPins())
                    <p class="soft">{{ __('doors.pin_none', ['name' => $member->name]) }}</p>
                @endif
            </li>
        @empty
            <li>{{ __('doors.nobody_yet') }}</li>
        @endforelse
    </ul>
    <p><a class="plain" href="{{ route('sign-in') }}">{{ __('doors.with_account') }}</a></p>
</x-door>
