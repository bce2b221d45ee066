<x-layout :title="__('bin.title')" at="kitchen">
    <div class="kitchen">
        <h1>{{ __('bin.title') }}</h1>
        <x-kitchen.inside at="bin" />
        @if (session('saved'))<p class="saved" role="status">{{ __('bin.put_back') }}</p>@endif
        @error('bin')<p class="field-error" role="alert"><x-icon.mind /> {{ $message }}</p>@enderror
        <ul class="devices">
            @forelse ($thrown as $one)
                <li><b>{{ $one->name }}</b> <span>{{ __('bin.line', ['kind' => __('audit.of.' . $one->kind),
                    'at' => Carbon\CarbonImmutable::parse($one->at, 'UTC')->timezone(config('app.timezone'))->format('j F, H:i'),
                    'by' => $one->by === '' ? __('audit.nobody') : $one->by]) }}</span>
                    <form method="post" action="{{ route('bin.back', [$one->kind, $one->id]) }}">@csrf<button class="btn btn-outline-dark"
                        aria-label="{{ __('bin.back_name', ['name' => $one->name]) }}">{{ __('bin.back') }}</button></form></li>
            @empty
                <li class="soft">{{ __('bin.empty') }}</li>
            @endforelse
        </ul>
    </div>
</x-layout>
