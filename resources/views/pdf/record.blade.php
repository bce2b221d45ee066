<!doctype html>
<html lang="en"><head><meta charset="utf-8"><title>{{ $page->title() }}</title><style>
@include('pdf.fonts')
@@page { size: A4; margin: 16mm 15mm; }
body { font-family: atkinson; font-size: 10pt; color: #000; }
h1 { font-family: young; font-weight: 400; font-size: 20pt; margin: 0 0 4mm; }
h2 { font-family: young; font-weight: 400; font-size: 14pt; margin: 5mm 0 1mm; }
h2 small { font-family: atkinson; font-size: 9pt; }
ul { margin: 0; padding: 0; list-style: none; }
table { width: 100%; border-collapse: collapse; margin: 2mm 0; }
th, td { text-align: left; vertical-align: top; padding: 1mm 2mm 1mm 0; border-bottom: 0.2mm solid #888; }
thead { display: table-header-group; }
tr { page-break-inside: avoid; }
.gone td { text-decoration: line-through; }
.rules, .certifies { font-size: 8.5pt; }
.certifies { margin-top: 6mm; }
</style></head><body><h1>{{ $page->title() }}</h1><x-keep.record :page="$page" pdf /></body></html>
