@props(['page', 'pdf' => false])
{{-- The record of a day: the same lines on the screen, on paper and in the document. --}}
@foreach ($page->record->batches as $batch)
<section class="batch">
    <h2>{{ $batch->row->name }} <small>{{ $batch->row->code }}, {{ __('keep.record.made',
        ['at' => $batch->row->madeAt()->format('D j M, H:i')]) }}@if ($batch->row->cook !== ''), {{ $batch->row->cook }}@endif</small></h2>
    <ul class="gates">@foreach ($page->gates($batch) as $gate)<li class="is-{{ $gate['sign'] }}">@unless ($pdf)<x-icon.sign
        :sign="$gate['sign']" /> @endunless{{ $gate['tub'] }}: {{ $gate['words'] }}</li>@endforeach</ul>
    <table><thead><tr><th scope="col">{{ __('keep.record.at') }}</th><th scope="col">{{ __('keep.record.in') }}</th>
        <th scope="col">{{ __('keep.record.what') }}</th><th scope="col">{{ __('keep.record.by') }}</th></tr></thead>
        <tbody>@foreach ($batch->lines as $line)<tr @class(['gone' => ! $line->counts, 'addition' => $line->isAddition])>
            <td>{{ $line->event->at->format('H:i') }}</td><td>{{ $line->nth }}</td>
            <td>{{ $line->what() }}@unless ($line->counts) <em>{{ __('keep.said.gone') }}</em>@endunless @if ($line->isAddition)
                <em>{{ __('keep.record.addition', ['at' => $line->saidAt->format('D j M, H:i')]) }}</em>@elseif ($line->heldUntil())
                <em>{{ __('keep.record.held', ['at' => $line->heldUntil()->format('H:i')]) }}</em>@endif</td>
            <td>{{ $line->event->by }}</td></tr>@endforeach</tbody></table>
    <p class="rules">{{ $page->rules($batch) }}</p>
</section>
@endforeach
@if ($page->record->batches === [])<p class="empty">{{ __('keep.record.empty') }}</p>@endif
<p class="certifies">{{ __('keep.record.certifies_nothing') }}</p>
@if ($page->sealed() !== '')<p class="sealed"><b>{{ $page->sealed() }}</b></p>@endif
