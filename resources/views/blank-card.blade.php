@use('Underbolt\Measure\DressStand')
@use('Underbolt\Measure\Point')
<!doctype html>
<html lang="en">
<head>
<meta charset="utf-8">
<title>Measure card</title>
<style>
    @page { margin: 10mm 14mm; }
    body { font-family: 'DejaVu Sans', sans-serif; font-size: 8.5pt; color: #14233f; }
    h1 { font-size: 14pt; margin: 0 0 2mm; }
    .head td { padding: 1mm 4mm 3mm 0; }
    .blank { border-bottom: 0.3mm solid #14233f; width: 46mm; }
    .points { width: 100%; border-collapse: collapse; }
    .points td { border-top: 0.2mm solid #c6cedb; padding: 0.8mm 2mm 0.8mm 0; vertical-align: middle; }
    .stand { width: 9.3mm; height: 15mm; }
    .box { border: 0.35mm solid #14233f; width: 22mm; height: 11mm; }
    b { font-size: 10.5pt; }
</style>
</head>
<body>
<h1>Measure card, {{ $title }}</h1>
<table class="head"><tr>
    <td>Name</td><td class="blank"></td><td>Date</td><td class="blank" style="width: 26mm"></td>
    <td>Worn underneath</td><td class="blank" style="width: 34mm"></td>
</tr></table>
<p>Unit: &nbsp; cm &nbsp; / &nbsp; in &nbsp;&nbsp; Snug, not tight, standing easily. Take each twice; if the two lie more than 1 cm (3/8 in) apart, take it once more. Leave out what can't be taken.</p>
<table class="points">
@foreach ($guides as $guide)
    <tr>
        <td style="width: 12mm"><img class="stand" alt="" src="data:image/svg+xml;base64,{{ base64_encode(view('stand', ['stand' => DressStand::with($guide->tape), 'width' => DressStand::WIDTH, 'height' => DressStand::HEIGHT])->render()) }}"></td>
        <td><b>{{ $guide->name }}</b><br>{{ $guide->where }} {{ $guide->mistake }}@if ($guide->point === Point::Hip) <br>☐ round a board held upright against the tummy @endif</td>
        <td style="width: 24mm"><div class="box"></div></td>
        <td style="width: 24mm"><div class="box"></div></td>
    </tr>
@endforeach
</table>
</body>
</html>
