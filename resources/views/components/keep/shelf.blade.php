@props(['row', 'chosen'])
<li class="tub-row @if ($chosen) chosen @endif">
    <a href="{{ route('keep.tub', $row->id) }}" @if ($chosen) aria-current="true" @endif>
        <x-drawing.tub :drawing="$row->drawing()" :colour="$row->colour()" :ink="$row->ink()" :depth="$row->depth()" />
        <span class="tub-says">
            <b class="name">{{ $row->name() }}</b>
            <span class="tub-line">{{ $row->litres() }}@if ($row->next() !== ''), {{ $row->next() }}@endif</span>
            <span class="stands"><span class="tub-word is-{{ $row->sign() }}"><x-icon.sign :sign="$row->sign()" /> {{ $row->word() }}</span>
                <span class="read">@if ($row->read())<b>{{ App\Format\Degrees::number($row->read()) }}°</b>
                    <small>{{ $row->readAt() }}</small>@else<small>{{ __('keep.row.unread') }}</small>@endif</span></span>
        </span>
    </a>
</li>
