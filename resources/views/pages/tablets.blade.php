<x-layout :title="__('tablets.title')" at="kitchen">
    <div class="kitchen">
        <h1>{{ __('tablets.title') }}</h1>
        <x-kitchen.inside at="tablets" />
        <p class="soft">{{ __('tablets.how') }}</p>
        @if (config('lento.root_url') !== '')
            <details class="entry"><summary><b>{{ __('tablets.root') }}</b></summary>
                <p>{{ __('tablets.root_how', ['address' => config('lento.root_url')]) }}</p>
                <figure class="qr" data-qr="{{ config('lento.root_url') }}" aria-label="{{ __('tablets.qr_root') }}"></figure></details>
        @endif
        @if ($made)
            <div class="pairing" role="status">
                <p>{{ __('tablets.say', ['name' => $made['name'], 'address' => route('pair'), 'minutes' => $minutes]) }}</p>
                <p class="code">{{ $made['secret'] }}</p>
                <figure data-qr="{{ route('pair', $made['secret']) }}" aria-label="{{ __('tablets.qr') }}"></figure>
            </div>
        @endif
        <ul class="devices">
            @forelse ($tablets as $tablet)
                <li><b>{{ $tablet->name }}</b>
                    <span>{{ $tablet->token_hash === null ? __('tablets.waits') : ($tablet->seen_at === null ? __('tablets.paired')
                        : __('tablets.seen', ['at' => $tablet->seen_at->format('j F, H:i')])) }}</span>
                    <form method="post" action="{{ route('tablets.remove', $tablet->id) }}" class="remove">@csrf<button
                        class="btn btn-outline-dark" aria-label="{{ __('kitchen.remove', ['name' => $tablet->name]) }}">×</button></form>
                </li>
            @empty
                <li class="soft">{{ __('tablets.none') }}</li>
            @endforelse
        </ul>
        <form method="post" action="{{ route('tablets.store') }}" class="row-form">
            @csrf<x-once />
            <x-doors.field name="name" :label="__('tablets.name')" />
            <button class="btn btn-primary">{{ __('tablets.pair') }}</button>
        </form>
    </div>
</x-layout>
