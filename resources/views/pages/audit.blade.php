<x-layout :title="__('audit.title')" at="kitchen">
    <div class="kitchen">
        <h1>{{ __('audit.title') }}</h1>
        <x-kitchen.inside at="audit" />
        <p class="soft">{{ __('audit.how') }}</p>
        <ol class="audit">
            @forelse ($lines as $line)
                <li><p><time datetime="{{ $line->iso }}">{{ $line->at }}</time> <b>{{ $line->by }}</b> {{ $line->what }}</p>
                    @if ($line->changes !== [])<dl>@foreach ($line->changes as $change)<div><dt>{{ $change['field'] }}</dt>
                        <dd>@if ($change['before'] !== '')<del>{{ $change['before'] }}</del> @endif @if ($change['after'] !== '')<ins>{{
                        $change['after'] }}</ins>@endif</dd></div>@endforeach</dl>@endif</li>
            @empty
                <li class="soft">{{ __('audit.empty') }}</li>
            @endforelse
        </ol>
        @if ($older !== null)<p><a class="btn btn-outline-dark"
            href="{{ route('audit', ['before' => $older]) }}">{{ __('audit.older') }}</a></p>@endif
    </div>
</x-layout>
