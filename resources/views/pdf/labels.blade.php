<!doctype html>
<html lang="en"><head><meta charset="utf-8"><title>{{ __('keep.label.title') }}</title><style>
@include('pdf.fonts')
@@page { margin: 0; @if ($page->layout === 'roll') size: 90mm 58mm; @else size: A4; @endif }
body { margin: 0; font-family: atkinson; color: #000; }
.label { position: relative; width: 90mm; height: 57.9mm; overflow: hidden; page-break-inside: avoid; }
.label div { position: absolute; }
.on-name { left: 4mm; top: 2.5mm; width: 58mm; height: 11mm; overflow: hidden; font-family: young; font-size: 15pt; line-height: 0.95; }
.on-nth { right: 4mm; top: 3mm; width: 26mm; text-align: right; font-size: 9pt; }
.on-litres { right: 4mm; top: 7.5mm; width: 26mm; text-align: right; font-size: 13pt; font-weight: 700; }
.on-made { left: 4mm; top: 14mm; font-size: 8.5pt; }
.on-band { left: 0; top: 19mm; width: 90mm; height: 11mm; background: #000; }
.on-what { left: 4mm; top: 22.6mm; color: #fff; font-size: 10pt; }
.on-big { right: 4mm; top: 17.4mm; width: 66mm; text-align: right; color: #fff; font-size: 21pt; font-weight: 700; }
.on-contains { left: 4mm; top: 31.5mm; width: 58mm; height: 10mm; font-size: 10pt; font-weight: 700; line-height: 0.9; }
.on-may { left: 4mm; top: 41.2mm; width: 58mm; font-size: 7pt; line-height: 1; }
.on-figures { left: 4mm; top: 45.5mm; width: 60mm; font-size: 8pt; line-height: 1; }
.on-foot { left: 4mm; top: 51.5mm; width: 58mm; border-top: 0.25mm solid #000; padding-top: 0.8mm; font-size: 8pt; }
.on-qr { right: 3mm; top: 31.5mm; width: 24mm; height: 24mm; }
.on-qr img { width: 24mm; height: 24mm; }
.sheet { position: relative; width: 210mm; height: 296mm; }
.sheet .cell { position: absolute; width: 89.8mm; height: 57.8mm; border: 0.1mm dashed #999; }
.next { page-break-after: always; }
</style></head><body>
@if ($page->layout === 'roll')
@foreach ($page->labels as $label)<div @class(['label', 'next' => ! $loop->last])><x-keep.label-parts :label="$label" pdf />
</div>@endforeach
@else
@foreach (array_chunk($page->labels, 10) as $sheet)<div @class(['sheet', 'next' => ! $loop->last])>@foreach ($sheet as $label)<div
    class="cell" style="{{ $page->place($loop->index) }}"><div class="label"><x-keep.label-parts :label="$label" pdf />
    </div></div>@endforeach
</div>@endforeach
@endif
</body></html>
