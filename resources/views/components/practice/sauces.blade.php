@props(['choices'])
<select id="sauce" name="sauce" class="mid" @error('sauce') aria-invalid="true" aria-describedby="sauce-fault" @enderror>
    <optgroup label="{{ __('practice.choose.bases') }}">@foreach ($choices->bases as $id => $name)<option value="{{ $id }}"
        @selected($id === old('sauce'))>{{ $name }}</option>@endforeach</optgroup>
    <optgroup label="{{ __('practice.choose.others') }}">@foreach ($choices->others as $id => $name)<option value="{{ $id }}"
        @selected($id === old('sauce'))>{{ $name }}</option>@endforeach</optgroup>
</select>
