@props(['page', 'column', 'i', 'field'])
@php
    $chosen = $column['fields'][$field];
    $options = match ($field) {
        'colour' => array_map(fn ($c) => [$c->value, __('compose.colour.' . $c->value)], Lento\Roux\Colour::cases()),
        'thickness' => array_map(fn ($c) => [$c->value, __('thickness.class.' . $c->value)], Lento\Thickness\ThicknessClass::askable()),
        'pan' => [['', __('compose.other_pan')], ...array_map(fn ($p) => [(string) $p->id, $p->name], array_values($page->kitchen->pans))],
        default => array_map(fn ($c) => [$c, __('schools.' . $field)[$c][0]], App\Kitchen\Choices::all()[$field]),
    };
    $same = fn (string $value): bool => is_numeric($value) && $field === 'ratio' ? (float) str_replace(',', '.',
        $chosen) === (float) $value : $value === $chosen;
    $label = in_array($field, ['ratio', 'school'], true) ? __('schools.' . $field . '.q') : __('compare.fields.' . $field);
@endphp
<label><span class="lbl">{{ $label }}</span>
    <select name="set[{{ $i }}][{{ $field }}]" class="mid">
        @foreach ($options as [$value, $name])<option value="{{ $value }}" @selected($same($value))>{{ $name }}</option>@endforeach
        @unless (array_filter($options, fn ($o) => $same($o[0])))<option value="{{ $chosen }}" selected>{{ $chosen }}</option>@endunless
    </select>
</label>
