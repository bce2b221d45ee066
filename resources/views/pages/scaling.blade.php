<x-layout :title="__('family.scaling')" at="family">
    <article class="folio scaling">
        <p class="noprint"><a href="{{ route('services.show', $page->service->serviceId) }}">‹ {{ $page->service->title() }}</a></p>
        <h1>{{ __('family.scale_title', ['factor' => $page->factor]) }}</h1>
        <p class="soft">{{ __('family.scale_hint') }}</p>
        <form method="get" action="{{ route('services.scaling', $page->service->serviceId) }}" class="factor noprint">
            <label class="lbl" for="factor">{{ __('family.scale_factor') }}</label>
            <input id="factor" name="factor" class="mid" inputmode="decimal" maxlength="20" autocomplete="off" value="{{ $page->factor }}"
                @if ($page->fault()) aria-invalid="true" aria-describedby="factor-error" @endif>
            <button class="btn btn-outline-dark">{{ __('family.work_out') }}</button>
            @if ($page->fault())<p class="field-error" id="factor-error"><x-icon.mind /> {{ $page->fault() }}</p>@endif
        </form>
        @if ($page->refusal !== '')<p class="line-down" role="alert">{{ __('family.cannot', ['reason' => $page->refusal]) }}</p>@endif
        <div class="scaled">
            @foreach ($page->scaling->pots ?? [] as $pot)
                <section>
                    <h2>{{ $page->service->name($pot->key) }}</h2>
                    <table>
                        <thead><tr><th scope="col"><span class="visually-hidden">{{ __('family.column.amount') }}</span></th>
                            <th scope="col" class="n">{{ __('family.column.before') }}</th>
                            <th scope="col" class="n">{{ __('family.column.after') }}</th>
                            <th scope="col" class="n"><span class="visually-hidden">{{ __('family.scale_factor') }}</span></th></tr></thead>
                        <tbody>@foreach ($page->lines($pot) as [$what, $before, $after, $times])<tr><th scope="row">{{ $what }}</th>
                            <td class="n">{{ $before }}</td><td class="n"><b>{{ $after }}</b></td><td class="n soft">{{ $times }}</td>
                            </tr>@endforeach</tbody>
                    </table>
                </section>
            @endforeach
        </div>
    </article>
</x-layout>
