<x-layout :title="__('rescue.title')" at="rescue">
    <div class="rescue">
        @if ($trouble->patient)
            <p class="about">{{ __('rescue.about', ['name' => $trouble->name]) }}</p>
            <h1>{{ __('rescue.ask') }}</h1>
            <ul class="faults">
                @foreach (App\Pages\Rescue\RescuePage::first() as $i => $fault)
                    <li><a class="btn btn-outline-dark" href="{{ route('rescue.show', [$fault->value, ...$trouble->query]) }}"
                        data-key="{{ $i + 1 }}"><x-icon.fault :fault="$fault->value" /><span><b><kbd
                        aria-hidden="true">{{ $i + 1 }}</kbd> {{ App\Format\RemedyWords::name($fault) }}</b>
                        <small>{{ App\Format\RemedyWords::shows($fault) }}</small></span></a></li>
                @endforeach
            </ul>
            <h2>{{ __('rescue.other') }}</h2>
            <ul class="faults others">
                @foreach (App\Pages\Rescue\RescuePage::others() as $fault)
                    <li><a class="btn btn-outline-dark" href="{{ route('rescue.show', [$fault->value,
                        ...$trouble->query]) }}"><span><b>{{ App\Format\RemedyWords::name($fault) }}</b>
                        <small>{{ App\Format\RemedyWords::shows($fault) }}</small></span></a></li>
                @endforeach
            </ul>
            @if ($trouble->pot)<a class="btn btn-outline-dark close" href="{{ route('pots.show', $trouble->pot) }}"
                data-key="t">{{ __('rescue.close') }}</a>@endif
        @else
            <h1>{{ __('rescue.which') }}</h1>
            <ul class="faults which">
                @foreach ($tickets as $i => $ticket)
                    <li><a class="btn btn-outline-dark" href="{{ route('rescue', ['pot' => $ticket->potId]) }}" @if ($i < 9)
                        data-key="{{ $i + 1 }}" @endif><x-icon.burner :mark="$ticket->mark" /><span><b>@if ($i < 9)<kbd
                        aria-hidden="true">{{ $i + 1 }}</kbd>@endif {{ $ticket->name }}</b>
                        <small>{{ $ticket->whereabouts() }}</small></span></a></li>
                @endforeach
            </ul>
            <h2>{{ __('rescue.somebody') }}</h2>
            <p class="soft">{{ __('rescue.somebody_hint') }}</p>
            <form method="get" action="{{ route('rescue') }}" class="somebody" novalidate>
                <div>
                    <label for="rescue-sauce">{{ __('rescue.sauce') }}</label>
                    <select id="rescue-sauce" name="sauce" class="mid">@foreach (Lento\Compose\Base::cases() as $base)<option
                        value="{{ $base->value }}" @selected(($trouble->query['sauce'] ?? 'veloute') === $base->value)>{{ __('sauces.'
                        . $base->value) }}</option>@endforeach
                        @foreach ($derivatives as $id => $name)<option value="{{ $id }}"
                        @selected(($trouble->query['sauce'] ?? '') === $id)>{{ $name }}</option>@endforeach</select>
                </div>
                <div>
                    <label for="rescue-amount">{{ __('rescue.litres') }}</label>
                    <input id="rescue-amount" name="amount" class="mid" inputmode="decimal" autocomplete="off"
                        value="{{ $trouble->query['amount'] ?? '3' }}" @if ($trouble->faults !== []) aria-invalid="true"
                        aria-describedby="rescue-amount-error" @endif>
                </div>
                <div>
                    <label for="rescue-stage">{{ __('rescue.stage_ask') }}</label>
                    <select id="rescue-stage" name="stage" class="mid">@foreach (Lento\Rescue\Stage::cases() as $stage)<option
                        value="{{ $stage->value }}"
                        @selected(($trouble->query['stage'] ?? 'simmering') === $stage->value)>{{ __('rescue.stage.' . $stage->value)
                        }}</option>@endforeach</select>
                </div>
                <button class="btn btn-primary go">{{ __('rescue.go') }}</button>
                @foreach ($trouble->faults as $i => $fault)<p class="field-error" @if ($i === 0) id="rescue-amount-error" @endif
                    role="alert"><x-icon.mind /> <span>{{ $fault->message() }}</span></p>@endforeach
            </form>
        @endif
    </div>
</x-layout>
