@php($cuts = ['atkinson' => ['atkinson-hyperlegible-next-400' => 400, 'atkinson-hyperlegible-next-700' => 700],
    'young' => ['young-serif-400' => 400]])
@foreach ($cuts as $family => $files)@foreach ($files as $file => $weight)
@@font-face { font-family: {{ $family }}; font-weight: {{ $weight }}; src: url("file://{{ resource_path("fonts/$file.ttf") }}"); }
@endforeach @endforeach
