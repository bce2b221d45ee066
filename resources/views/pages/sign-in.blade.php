<x-door :title="__('doors.sign_in')">
    <form method="post" action="{{ route('sign-in') }}" class="door-form">
        @csrf
        <x-doors.field name="login" :label="__('doors.login')" complete="username" />
        <x-doors.field name="password" :label="__('doors.password')" type="password" complete="current-password" />
        <button class="btn btn-primary">{{ __('doors.sign_in') }}</button>
    </form>
    <p class="soft">{{ __('doors.lost') }}</p>
    <p><a class="plain" href="{{ route('pair') }}">{{ __('doors.pair_link') }}</a></p>
</x-door>
