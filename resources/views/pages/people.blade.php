<x-layout :title="__('people.title')" at="kitchen">
    <div class="kitchen">
        <h1>{{ __('people.title') }}</h1>
        <x-kitchen.inside at="people" />
        <p class="soft">{{ __('people.how') }} {{ __('people.roles_say') }}</p>
        @foreach ([...$people, null] as $person)
            @php($key = (string) $person?->id)
            @php($mine = $errors->any() && session('person', '') === $key)
            <details class="entry" id="person-{{ $key }}" @if ($mine) open @endif>
                <summary><b>{{ $person?->name ?? __('people.new') }}</b> <span class="soft">@if ($person){{ __('people.roles.'
                    . $person->role->value) }}@if ($person->account) · {{ $person->account->login }}@endif @if ($person->pin_hash) ·
                    {{ __('people.has_pin') }}@endif @endif</span>
                    @if ($person && session('saved') === $person->id)<span class="saved"
                        role="status">{{ __('kitchen.saved') }}</span>@endif</summary>
                <div class="row-line">
                    <form method="post" action="{{ route('people.store') }}" class="row-form" aria-label="{{ $person?->name
                        ?? __('people.new') }}">
                        @csrf<x-once />
                        @if ($person)<input type="hidden" name="id" value="{{ $person->id }}">@endif
                        <x-doors.field name="name" :id="'name-' . $key" :mine="$mine" :label="__('people.name')"
                            :value="$person?->name" />
                        <div class="cell"><label class="lbl" for="role-{{ $key }}">{{ __('people.role') }}</label>
                            <select id="role-{{ $key }}" name="role" class="mid">@foreach ($roles as $role)<option
                                value="{{ $role->value }}" @selected(($person?->role->value ?? 'cook')
                                === $role->value)>{{ __('people.roles.' . $role->value) }}
                                </option>@endforeach</select></div>
                        <x-doors.field name="pin" :id="'pin-' . $key" :mine="$mine" type="password" :label="__('people.pin')"
                            :note="__('people.pin_how')" />
                        @if (! $person?->account_id)<x-doors.field name="login" :id="'login-' . $key" :mine="$mine"
                            :label="__('doors.login')" :note="__('people.login_how')" />@endif
                        <x-doors.field name="password" :id="'password-' . $key" :mine="$mine" type="password" complete="new-password"
                            :label="__($person?->account_id ? 'people.new_password' : 'doors.password')"
                            :note="__('doors.password_how')" />
                        <button class="btn {{ $person ? 'btn-outline-dark' : 'btn-primary' }}">{{ __($person ? 'kitchen.save'
                            : 'kitchen.add') }}</button>
                    </form>
                    @if ($person && $person->id !== $me)<form method="post" class="remove"
                        action="{{ route('people.remove', $person->id) }}">@csrf<button class="btn btn-outline-dark"
                        aria-label="{{ __('kitchen.remove', ['name' => $person->name]) }}">×</button></form>@endif
                </div>
            </details>
        @endforeach
        @if (auth()->check())
            <section class="kitchen-section" aria-labelledby="own-title">
                <header><h2 id="own-title">{{ __('people.own') }}</h2>@if (session('saved') === 'password')<p class="saved"
                    role="status">{{ __('kitchen.saved') }}</p>@endif</header>
                <form method="post" action="{{ route('password') }}" class="row-form">@csrf
                    <x-doors.field name="old_password" type="password" complete="current-password" :label="__('people.old_password')" />
                    <x-doors.field name="new_password" type="password" complete="new-password" :label="__('people.new_password')"
                        :note="__('doors.password_how')" />
                    <button class="btn btn-outline-dark">{{ __('kitchen.save') }}</button>
                </form>
                <form method="post" action="{{ route('sign-out.everywhere') }}" data-leaves>@csrf<button
                    class="btn btn-outline-dark">{{ __('people.out_everywhere') }}</button></form>
            </section>
        @endif
    </div>
</x-layout>
