@props(['row', 'cook', 'page'])
<span class="at">{{ $row['at'] }}</span>
<span class="letter" aria-hidden="true">{{ $row['letter'] }}</span>
<a class="what" href="{{ route('score', [$page->serviceId, 'zoom' => $page->asked->zoom, 'note' => $row['id']]) }}#note"
    data-note="{{ $row['id'] }}">@if ($cook !== '')<b>{{ $cook }}:</b> @endif{{ $row['what'] }}, {{ $row['pot'] }}
    <span class="soft">{{ $row['where'] }}@if ($row['until'] !== ''), –{{ $row['until'] }}@endif</span></a>
