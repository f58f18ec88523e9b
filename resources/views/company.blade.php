<!doctype html>
<html lang="en">
<head>
<meta charset="utf-8">
<title>Company sheet, {{ $pattern->name }}</title>
<style>
    @page { margin: 10mm 11mm 12mm; }
    body { font-family: 'DejaVu Sans', sans-serif; font-size: 8pt; line-height: 1.25; color: #000; }
    h1 { font-size: 14pt; margin: 0 0 2mm; }
    h2 { font-size: 10pt; margin: 3mm 0 0.6mm; }
    p { margin: 0 0 0.8mm; }
    table { border-collapse: collapse; width: 100%; }
    th { text-align: left; font-size: 7pt; padding: 0.6mm 2mm 0.6mm 0; vertical-align: bottom; border-bottom: 0.4mm solid #000; }
    td { padding: 0.9mm 2mm 0.9mm 0; vertical-align: top; border-bottom: 0.15mm solid #777; }
    tr { page-break-inside: avoid; }
    .who, .size { font-weight: bold; }
    .size { font-size: 11pt; white-space: nowrap; }
</style>
</head>
<body>
<h1>{{ $pattern->name }} for {{ count($table->lines) }}</h1>
<p>@if ($pattern->house !== ''){{ $pattern->house }} · @endif printed {{ $today->format('j F Y') }}</p>
<table>
    <thead><tr>@foreach (App\Paper\CompanyTable::HEAD as $head)<th>{{ $head }}</th>@endforeach</tr></thead>
    <tbody>
@foreach ($table->lines as $line)
    <tr>@foreach ($line as $place => $text)<td @class(['who' => $place === 0, 'size' => $place >= 1 && $place <= 3])>{{ $text }}</td>@endforeach</tr>
@endforeach
    </tbody>
</table>
<h2>In all</h2>
@foreach ($table->sums as $sum)
<p>{{ $sum }}</p>
@endforeach
</body>
</html>
