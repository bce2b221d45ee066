@props(['page'])
@php($salt = $page->seasoning())
<div class="season">
    <p class="huge">{{ $salt->amount }}</p>
    <p>{{ $salt->why }}</p>
    <div class="tastes">
        <p class="lbl">{{ __('stove.taste_ask') }}</p>
        <div class="taps">
            @foreach (Lento\Course\Taste::cases() as $i => $taste)
                <x-stove.tap :page="$page" kind="tasted" :fields="['choice' => $taste->value]" :key="(string) ($i + 1)"><kbd
                    aria-hidden="true">{{ $i + 1 }}</kbd> {{ __('stove.taste_is.' . $taste->value) }}</x-stove.tap>
            @endforeach
        </div>
    </div>
</div>
