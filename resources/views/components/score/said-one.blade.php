@props(['page', 'one', 'last'])
<div class="said-one"><p><b>{{ $one['what'] }}</b> @if ($one['by'] !== '')<span class="soft">{{ $one['by'] }}</span>@endif
    @if ($one['cost'] !== '')<span class="cost">{{ $one['cost'] }}</span>@endif</p>
    @if ($last)<x-score.unsay :page="$page" :place="$one['place']" :mark="$one['mark']" data-key="u"><kbd aria-hidden="true">U</kbd>
        {{ __('score.undo') }}</x-score.unsay>
    @else<x-score.unsay :page="$page" :place="$one['place']" :mark="$one['mark']">{{ __('score.let_go') }}<span
        class="visually-hidden">: {{ $one['what'] }}</span></x-score.unsay>@endif</div>
