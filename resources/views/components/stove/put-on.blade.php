<form method="post" action="{{ route('pots.free') }}" class="put-on" data-once>
    @csrf<x-once />
    <label for="free-name">{{ __('stove.free_name') }}</label>
    <div class="with-unit"><input id="free-name" name="name" class="mid" maxlength="60" autocomplete="off"
        value="{{ old('name') }}"><button class="btn btn-outline-dark">{{ __('stove.free') }}</button></div>
    <x-stove.error name="name" />
</form>
