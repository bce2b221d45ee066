@props(['page'])
{{-- On the screen, on paper and as a PDF. --}}
<h1>{{ __('family.shopping_title') }}: {{ $page->service->title() }}</h1>
<p>{{ $page->service->summary() }} · {{ $page->total() }}</p>
<table>
    <thead><tr><th scope="col">{{ __('family.column.what') }}</th><th scope="col" class="n">{{ __('family.column.need') }}</th>
        <th scope="col">{{ __('family.column.buy') }}</th><th scope="col" class="n">{{ __('family.column.cost') }}</th>
        <th scope="col">{{ __('family.column.allergens') }}</th><th scope="col">{{ __('family.column.for') }}</th></tr></thead>
    <tbody>
        @foreach ($page->shopping->lines ?? [] as $line)
            <tr><td><span class="tickbox" aria-hidden="true">☐</span> <b>{{ $page->name($line) }}</b></td>
                <td class="n">{{ $page->needed($line) }}</td><td>{{ $page->bought($line) }}</td>
                <td class="n">{{ $page->cost($line) }}</td><td>{{ $page->allergens($line) }}</td>
                <td class="soft">{{ $page->for($line) }}</td></tr>
        @endforeach
    </tbody>
</table>
<h2>{{ __('family.set_out_title') }}</h2>
<div class="set-out">
    @foreach ($page->pots() as $node)
        <section>
            <h3>{{ $page->service->name($node->planned->key) }} <span
                class="soft">{{ App\Format\Litres::of($node->made)->text() }}</span></h3>
            <ul>@foreach ($page->setOut($node) as [$amount, $what])<li><span class="tickbox"
                aria-hidden="true">☐</span> <b>{{ $amount }}</b> {{ $what }}</li>@endforeach</ul>
        </section>
    @endforeach
</div>
