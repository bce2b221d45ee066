@props(['page'])
{{-- On the screen, on paper and as a PDF. --}}
<h1>{{ __('family.pass_title') }}: {{ $page->title() }}</h1>
<p>{{ $page->summary() }} · {{ $page->kitchen->name() }}</p>
<section>
    <h2>{{ __('family.pass_ladles') }}</h2>
    <table>
        <thead><tr><th scope="col">{{ __('family.column.from') }}</th><th scope="col">{{ __('family.column.sauce') }}</th>
            <th scope="col" class="n">{{ __('family.field.litres') }}</th>
            <th scope="col" class="n">{{ __('family.column.ladle') }}</th>
            <th scope="col"><span class="visually-hidden">{{ __('family.next_act.ladle') }}</span></th></tr></thead>
        <tbody>
            @foreach ($page->flow->nodes ?? [] as $node)
                @foreach ($node->branches as $branch)
                    <tr><td>{{ $page->name($node->planned->key) }}</td>
                        <td><b>{{ $page->name($branch->to) }}</b>@if ($page->flow->node($branch->to)->isServedAsItIs()) <span
                        class="soft">{{ __('family.as_it_is') }}</span>@endif</td>
                        <td class="n">{{ App\Format\Litres::of($branch->taken)->text() }}</td>
                        <td class="n"><b>{{ App\Format\Ladlefuls::text($branch->taken) }}</b></td>
                        <td class="tickbox" aria-hidden="true">☐</td></tr>
                @endforeach
            @endforeach
        </tbody>
    </table>
    <p class="soft">{{ __('family.column.ladle') }} {{ __('family.ladle_size') }}</p>
</section>
<section>
    <h2>{{ __('family.pass_sauces') }}</h2>
    <table>
        <thead><tr><th scope="col">{{ __('family.column.sauce') }}</th><th scope="col">{{ __('family.column.covers') }}</th>
            <th scope="col" class="n">{{ __('family.column.makes') }}</th><th scope="col">{{ __('family.column.keep') }}</th>
            <th scope="col">{{ __('family.column.allergens') }}</th></tr></thead>
        <tbody>
            @foreach ($page->columns() as $column)
                <tr>
                    <td><b>{{ $column->name }}</b>@if ($column->correction !== '')<br>{{ $column->correction }}@endif</td>
                    <td>@foreach ($column->rows as $wish)<span>{{ $wish['covers'] === '' ? '' : __('family.covers_for',
                        ['covers' => $wish['covers']]) }}@if ($wish['for'] !== '')
                        {{ $wish['for'] }}@endif</span>@if (! $loop->last)<br>@endif @endforeach</td>
                    <td class="n">{{ $column->makes }}</td>
                    <td>{{ $page->heldAt($column) }}</td>
                    <td>{{ $column->allergens }}</td>
                </tr>
                @foreach ($column->cautions as $caution)<tr class="caution-row"><td colspan="5">{{ $caution }}</td></tr>@endforeach
            @endforeach
        </tbody>
    </table>
</section>
