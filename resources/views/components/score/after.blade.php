@props(['page'])
<section class="score-after" aria-labelledby="after-title">
    <h2 id="after-title">{{ __('score.after.title') }}</h2>
    <div class="columns">
    @foreach (['sauces' => $page->sauces(), 'hands' => $page->handsHad(), 'longer' => $page->tookLonger()] as $what => $rows)
        @if ($rows !== [])<table><caption>{{ __('score.after.' . $what) }}</caption>
            <thead><tr><th scope="col"><span class="visually-hidden">{{ __('score.after.' . $what) }}</span></th>
                <th scope="col">{{ __('score.after.told') }}</th><th scope="col">{{ __('score.after.was') }}</th>
                <th scope="col">{{ __('score.after.by') }}</th></tr></thead>
            <tbody>@foreach ($rows as $row)<tr><th scope="row">{{ $row['what'] }}</th><td>{{ $row['told'] }}</td>
                <td>{{ $row['was'] }}</td><td>{{ $row['by'] }}</td></tr>@endforeach</tbody></table>@endif
    @endforeach
    </div>
</section>
