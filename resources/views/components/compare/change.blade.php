@props(['page', 'column', 'i', 'field'])
@php($options = App\Pages\Compose\Options::ofField($field, $column['fields'][$field], $page->kitchen))
<label><span class="lbl">{{ in_array($field, ['ratio', 'school'], true) ? __("schools.$field.q") : __("compare.fields.$field") }}</span>
    <select name="set[{{ $i }}][{{ $field }}]" class="mid">
        @foreach ($options->names as $value => $name)<option value="{{ $value }}"
            @selected($options->isChosen($value))>{{ $name }}</option>@endforeach
        @unless ($options->isKnown())<option value="{{ $options->typed }}" selected>{{ $options->typed }}</option>@endunless
    </select>
</label>
