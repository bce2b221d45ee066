@include('pdf.fonts')
@@page { margin: 14mm; }
body { margin: 0; font-family: atkinson; font-size: 10pt; line-height: 1.25; color: #000; }
h1, h2, h3 { font-family: young; font-weight: 400; margin: 4mm 0 1mm; line-height: 1.1; }
h1 { font-size: 20pt; margin-top: 0; }
h2 { font-size: 15pt; }
h3 { font-size: 12pt; }
h4 { font-size: 10pt; margin: 2mm 0 0.5mm; }
p { margin: 1mm 0; }
ul, ol { margin: 0; padding: 0; list-style: none; }
ol { padding-left: 6mm; list-style: decimal; }
li { margin: 0.6mm 0; page-break-inside: avoid; }
table { width: 100%; border-collapse: collapse; margin: 2mm 0; }
th, td { text-align: left; vertical-align: top; padding: 1mm 2mm 1mm 0; border-bottom: 0.2mm solid #888; }
.n { text-align: right; white-space: nowrap; }
thead { display: table-header-group; }
tr { page-break-inside: avoid; }
.visually-hidden { display: none; }
.caution { font-weight: 700; }
.tickbox { display: inline-block; width: 2.6mm; height: 2.6mm; border: 0.3mm solid #000; }
