<x-door :title="__('doors.first')">
    <p>{{ __('doors.first_how') }}</p>
    <form method="post" action="{{ route('first-run.store') }}" class="first-run">
        @csrf
        <fieldset class="door-form"><legend>{{ __('doors.first_owner') }}</legend>
            <x-doors.field name="code" :label="__('doors.first_code')" :note="__('doors.first_code_how')" class="code" />
            <x-doors.field name="owner" :label="__('people.name')" complete="name" />
            <x-doors.field name="login" :label="__('doors.login')" complete="username" />
            <x-doors.field name="password" :label="__('doors.password')" type="password" complete="new-password"
                :note="__('doors.password_how')" />
        </fieldset>
        <fieldset class="door-form"><legend><b>{{ __('doors.first_step', ['n' => 1]) }}</b> {{ __('doors.first_kitchen') }} <span
            class="soft">{{ __('doors.skip') }}</span></legend>
            <x-doors.field name="kitchen" :label="__('kitchen.settings.name')" />
            <x-doors.field name="cooks" :label="__('kitchen.settings.cooks')" />
            <x-doors.choice name="measures" :label="__('kitchen.settings.measures')" :options="__('kitchen.measures')" value="metric" />
            <x-doors.choice name="degrees" :label="__('kitchen.settings.degrees')" :options="__('kitchen.degrees')" value="c" />
        </fieldset>
        <fieldset class="door-form"><legend><b>{{ __('doors.first_step', ['n' => 2]) }}</b> {{ __('doors.first_pan') }} <span
            class="soft">{{ __('doors.skip') }}</span></legend>
            <x-doors.field name="pan_name" :label="__('kitchen.pans.name')" />
            <x-doors.field name="diameter_mm" :label="__('kitchen.pans.diameter_mm')" />
            <x-doors.field name="height_mm" :label="__('kitchen.pans.height_mm')" />
        </fieldset>
        <fieldset class="door-form"><legend><b>{{ __('doors.first_step', ['n' => 3]) }}</b> {{ __('doors.first_ring') }} <span
            class="soft">{{ __('doors.skip') }}</span></legend>
            <x-doors.field name="ring_name" :label="__('kitchen.hobs.name')" />
            <x-doors.choice name="kind" :label="__('kitchen.hobs.kind')" :options="__('kitchen.kinds')" value="gas" />
            <x-doors.field name="power_w" :label="__('kitchen.hobs.power_w')" />
        </fieldset>
        <fieldset class="door-form"><legend><b>{{ __('doors.first_step', ['n' => 4]) }}</b> {{ __('doors.first_sauce') }} <span
            class="soft">{{ __('doors.skip') }}</span></legend>
            <x-doors.choice name="sauce" :label="__('compose.sauce')"
                :options="['' => __('doors.first_sauce_later'), ...App\Format\Words::bases()]" value="" />
            <x-doors.field name="litres" :label="__('doors.first_litres')" />
        </fieldset>
        <button class="btn btn-primary">{{ __('doors.first_go') }}</button>
    </form>
</x-door>
