<x-layout :title="__('kitchens.title')" at="kitchen">
    <div class="kitchen">
        <h1>{{ __('kitchens.title') }}</h1>
        <x-kitchen.inside at="kitchens" />
        <ul class="devices">
            @forelse ($mine as $member)
                <li><b>{{ $member->galley->name() }}</b>
                    <span>{{ __('people.roles.' . $member->role->value) }}@if ($member->galley->house) · {{ $member->galley->house
                    }}@endif</span>
                    @if ($member->galley_id === $at->id)<span class="saved">{{ __('kitchens.here') }}</span>@else<form method="post"
                        data-leaves action="{{ route('kitchens.enter', $member->galley_id) }}">@csrf<button class="btn btn-dark"
                        >{{ __('kitchens.enter', ['name' => $member->galley->name()]) }}</button></form>@endif</li>
            @empty
                <li class="soft">{{ __('kitchens.no_account') }}</li>
            @endforelse
        </ul>
        @if ($opens)
            <section class="kitchen-section"><header><h2>{{ __('kitchens.house') }}</h2><p class="soft">{{ __('kitchens.house_how') }}</p>
                @if (session('saved') === 'house')<p class="saved" role="status">{{ __('kitchen.saved') }}</p>@endif</header>
                <form method="post" action="{{ route('kitchens.house') }}" class="row-form">@csrf
                    <x-doors.field name="house" :label="__('kitchens.house_name')" :value="$at->house" />
                    <button class="btn btn-outline-dark">{{ __('kitchen.save') }}</button></form></section>
            <section class="kitchen-section"><header><h2>{{ __('kitchens.new') }}</h2></header>
                <form method="post" action="{{ route('kitchens.store') }}" class="row-form">@csrf<x-once />
                    <x-doors.field name="name" :label="__('kitchen.settings.name')" />
                    <button class="btn btn-primary">{{ __('kitchens.open') }}</button></form></section>
        @endif
    </div>
</x-layout>
