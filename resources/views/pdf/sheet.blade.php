<!doctype html>
<html lang="en"><head><meta charset="utf-8"><title>{{ $page->heading() }}</title><style>
@include('pdf.styles')
.whole > header { display: none; }
@if ($paper === 'slip')
@@page { margin: 4mm; }
body { font-size: 9.5pt; }
h1 { font-size: 15pt; }
@endif
</style></head><body><h1>{{ $page->heading() }}</h1><x-sheet.whole :page="$page" pdf />
<ul>@foreach ($page->sheet->warnings as $warning)<li>{{ App\Format\Words::warning($warning) }}</li>@endforeach</ul>
<p>{{ __('sheet.made', ['kitchen' => $kitchen, 'date' => now()->format('j.n.Y H:i')]) }}. {{ __('layout.local_code') }}</p></body></html>
