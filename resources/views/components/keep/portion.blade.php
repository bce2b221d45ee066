@props(['page', 'row', 'i'])
@php
    $faults = $page->asked->faults;
    $portion = $page->portionOf($i);
    $forecast = $portion?->forecast($page->from->facts->lot, $page->asked->temperature);
@endphp
<fieldset class="portion"><legend @if ($i === 0) class="visually-hidden" @endif>{{ $i === 0 ? __('keep.put.row', ['n' => 1])
    : __('keep.put.another') }}</legend>
    <p class="cell"><label class="lbl" for="rows-{{ $i }}-litres">{{ __('keep.put.litres') }}</label><input id="rows-{{ $i }}-litres"
        name="rows[{{ $i }}][litres]" class="mid" inputmode="decimal" maxlength="20" autocomplete="off" value="{{ $row['litres'] }}"
        @if (isset($faults["rows.$i.litres"])) aria-invalid="true" @endif>
        <x-keep.fault :fault="$faults['rows.' . $i . '.litres'] ?? null" /></p>
    <p class="cell"><label class="lbl" for="rows-{{ $i }}-count">{{ __('keep.put.count') }}</label><input id="rows-{{ $i }}-count"
        name="rows[{{ $i }}][count]" class="mid" inputmode="numeric" maxlength="3" autocomplete="off" value="{{ $row['count'] }}"
        placeholder="1" @if (isset($faults["rows.$i.count"])) aria-invalid="true" @endif>
        <x-keep.fault :fault="$faults['rows.' . $i . '.count'] ?? null" /></p>
    <p class="cell"><label class="lbl" for="rows-{{ $i }}-vessel">{{ __('keep.put.vessel') }}</label><select id="rows-{{ $i }}-vessel"
        name="rows[{{ $i }}][vessel]" class="mid">@foreach ($page->vessels as $id => $vessel)<option value="{{ $id }}"
        @selected((string) $id === $row['vessel'])>{{ $vessel->name }}</option>@endforeach</select>
        <x-keep.fault :fault="$faults['rows.' . $i . '.vessel'] ?? null" /></p>
    <p class="cell"><label class="lbl" for="rows-{{ $i }}-spot">{{ __('keep.put.spot') }}</label><select id="rows-{{ $i }}-spot"
        name="rows[{{ $i }}][spot]" class="mid">@foreach ($page->spots() as $spot => $name)<option value="{{ $spot }}"
        @selected($spot === $row['spot'])>{{ $name }}</option>@endforeach</select>
        <x-keep.fault :fault="$faults['rows.' . $i . '.spot'] ?? null" /></p>
    @if ($portion)
        <div class="foreseen">
            <div class="drawn">@foreach ($page->drawn($portion) as $drawing)<x-drawing.tub :drawing="$drawing"
                :colour="$page->from->facts->colour" :ink="$page->ink()" :depth="$page->depth($portion)" />@endforeach
                <p>{{ $page->each($portion) }}</p></div>
            <div>
                @if ($forecast)
                    <p role="status" class="verdict {{ $forecast->should() ? 'is-tick' : 'is-late' }}"><x-icon.sign
                        :sign="$forecast->should() ? 'tick' : 'late'" /> {{ $page->verdict($forecast) }}</p>
                    <ul class="stages">@foreach ($page->foreseen($forecast) as $line)<li>{{ $line }}</li>@endforeach</ul>
                    @unless ($forecast->should())
                        @php($instead = $page->instead($portion, $i))
                        @if ($instead === [])<p>{{ __('keep.put.no_way') }}</p>
                        @else<h2>{{ __('keep.put.instead') }}</h2>
                        <ul class="instead">@foreach ($instead as $way)<li><a class="btn {{ $loop->first ? 'btn-primary'
                            : 'btn-outline-dark' }}" href="{{ route('pots.keep', [$page->from->pot, ...$way['query']]) }}">{{
                            $way['words'] }}</a></li>@endforeach</ul>@endif
                    @endunless
                @else<p>{{ $page->hot() }}</p>@endif
            </div>
        </div>
    @endif
</fieldset>
