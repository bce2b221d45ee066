<x-door :title="__('doors.pair')">
    <p>{{ __('doors.pair_how') }}</p>
    <form method="post" action="{{ route('pair.store') }}" class="door-form">
        @csrf
        <x-doors.field name="code" :label="__('doors.code')" :value="$code" class="code" />
        <button class="btn btn-primary">{{ __('doors.pair') }}</button>
    </form>
</x-door>
