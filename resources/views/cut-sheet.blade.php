@use('Underbolt\Measure\LengthPrint')
<!doctype html>
<html lang="en">
<head>
<meta charset="utf-8">
<title>Cut sheet, {{ $paper->title() }}</title>
<style>
    @page { margin: 12mm 14mm 14mm; }
    body { font-family: 'DejaVu Sans', sans-serif; font-size: 9.5pt; line-height: 1.25; color: #000; }
    h1 { font-size: 15pt; line-height: 1.2; margin: 1mm 0 3mm; }
    h2 { font-size: 11pt; margin: 3mm 0 0.6mm; border-bottom: 0.4mm solid #000; page-break-after: avoid; }
    p { margin: 0 0 0.6mm; }
    table { border-collapse: collapse; width: 100%; }
    th { text-align: left; font-size: 8pt; padding: 0.6mm 3mm 0.6mm 0; vertical-align: bottom; }
    td { padding: 0.9mm 3mm 0.9mm 0; vertical-align: top; border-top: 0.15mm solid #777; }
    tr { page-break-inside: avoid; }
    .small { font-size: 7.5pt; color: #333; }
    .box { width: 6mm; }
    .box div { width: 3.6mm; height: 3.6mm; border: 0.35mm solid #000; margin-top: 0.4mm; line-height: 3.6mm; text-align: center; }
    .number { width: 7mm; font-weight: bold; font-size: 11pt; }
    .amount { width: 30mm; font-weight: bold; font-size: 11pt; white-space: nowrap; }
    .how { margin: 0.5mm 0 0; padding-left: 4mm; }
    .level { font-size: 12pt; font-weight: bold; }
    .stops { font-weight: bold; }
    .pieces, .buy { font-size: 8.5pt; line-height: 1.25; }
    .pieces td { padding: 0.4mm 3mm 0.4mm 0; }
    .stations { font-size: 8pt; line-height: 1.2; }
    .stations td, .stations th { padding: 0.4mm 1.5mm 0.4mm 0; }
    .stations th { font-size: 7pt; }
    .stations .small { font-size: 6pt; }
    .verdict { border: 0.4mm solid #000; height: 24mm; padding: 1.5mm; page-break-inside: avoid; }
</style>
</head>
<body>
@php($whole = fn (string $text) => str_replace(' ', "\u{00A0}", $text))
@php($say = fn ($length) => $length === null ? '' : $whole(LengthPrint::sentence($length, $unit)))
@php($small = fn ($length) => $length === null ? '' : $whole(LengthPrint::sentence($length, $other)))
<p><b>{{ $paper->make->card->wearer->name }}</b>, card of {{ $paper->make->card->taken_on->format('j F Y') }}@if ($paper->make->card->foundation !== ''), over {{ $paper->make->card->foundation }}@endif
 · <b>{{ $paper->make->pattern->name }}</b>@if ($paper->make->pattern->house !== ''), {{ $paper->make->pattern->house }}@endif
@if ($plan->make->choices->view !== null) · view {{ $plan->make->choices->view }}@endif
@if ($plan->make->choices->fit !== null) · fit {{ $plan->make->choices->fit }}@endif
@if ($plan->cup !== null && $plan->make->pattern->hasCups()) · cup {{ $plan->cup->letter }}@endif
 · printed {{ $today->format('j F Y') }}</p>
<h1>{{ $sheet->headline }}</h1>
@if ($cautions !== [])
<p>{{ count($cautions) === 1 ? 'One caution stands' : count($cautions).' cautions stand' }} below the pieces: read them before you cut.</p>
@endif

<h2>Which lines to follow</h2>
<table>
    <tr><th></th><th>Front</th><th>Back</th><th>What is done there</th>@if ($isFinishedKnown)<th>Finished as cut</th><th>Room in it</th>@endif</tr>
@foreach ($sheet->levels as $level)
    <tr>
        <td class="level">{{ $level->plan->facts->level->value }}</td>
        <td class="level">{{ $level->front }}</td>
        <td class="level">{{ $level->isAlike() ? 'the same' : $level->back }}</td>
        <td>{{ $level->done === [] ? 'as printed' : implode('; ', $level->done) }}</td>
@if ($isFinishedKnown)
        <td><b>{{ $say($level->plan->asCut) }}</b><br><span class="small">{{ $small($level->plan->asCut) }}</span></td>
        <td><b>{{ $say($level->plan->easeAsCut) }}</b><br><span class="small">{{ $small($level->plan->easeAsCut) }}</span></td>
@endif
    </tr>
@endforeach
</table>

<h2>Steps, one tracing each</h2>
@if ($sheet->steps === [])
<p>Nothing to change: trace the line and cut.</p>
@endif
<table>
@foreach ($sheet->steps as $number => $one)
    <tr>
        <td class="box"><div>{{ isset($paper->make->done->{$one->key}) ? '✓' : '' }}</div></td>
        <td class="number">{{ $number + 1 }}</td>
        <td>{{ $one->step->text }}@if ($one->step->pieces !== []) <span class="small">On {{ implode(', ', $one->step->pieces) }}.</span>@endif
@if ($one->step->how !== [])
            <ol class="how">
@foreach ($one->step->how as $how)
                <li>{{ $how }}</li>
@endforeach
            </ol>
@endif
        </td>
        <td class="amount">@if ($one->step->amount !== null){{ $say($one->step->amount->abs()) }}<br><span class="small">{{ $small($one->step->amount->abs()) }}</span>@endif</td>
    </tr>
@endforeach
</table>
<p class="small">{{ $why }} Trace, never cut the master; one change at a time, so that you can step back.</p>

@if ($stations !== [])
<h2>Stations on the paper {{ $plan->paper() }}{{ $isFromNest ? ', read off the pattern’s own lines' : '' }}{{ $unlike ? '' : ', front and back alike' }}</h2>
<table class="stations">
    <tr>
@foreach ($stations as $side => $column)
        <th>{{ $unlike ? ['front, ', 'back, '][$side] : '' }}below the underarm</th><th>from</th><th>towards</th><th>move each edge</th>
@endforeach
    </tr>
@for ($row = 0; $row < max(array_map(count(...), $stations)); $row++)
    <tr>
@foreach ($stations as $column)
@php($station = ($column[$row] ?? null)?->station)
@php($until = ($column[$row] ?? null)?->until)
        <td>{{ $station === null ? '' : $say($station->depth) }}{{ $until === null ? '' : ' to '.$say($until) }} <span class="small">{{ $station === null ? '' : $small($station->depth) }}{{ $until === null ? '' : ' to '.$small($until) }}</span> <b>{{ $station?->level === 'bust' ? 'underarm' : $station?->level }}</b></td>
        <td>{{ $station?->from }}</td>
        <td>{{ $station?->to === $station?->from ? '' : $station?->to }}</td>
        <td><b>{{ $station === null ? '' : ($station->move === null ? 'not known' : $whole($plan->make->signed($station->move))) }}</b> <span class="small">{{ $station?->move === null || $station->move->isZero() ? '' : $small($station->move->abs()) }}</span></td>
@endforeach
    </tr>
@endfor
</table>
@endif

@if ($pieces !== [])
<h2>Pieces</h2>
<table class="pieces">
    <tr><th>Piece</th><th>cut in</th><th>how many</th><th>its changes</th></tr>
@foreach ($pieces as $piece)
    <tr>
        <td><b>{{ $piece->piece->name }}</b></td>
        <td>{{ $piece->sizes === [] ? 'as it is' : implode(' – ', array_map($plan->nameOf(...), $piece->sizes)) }}@if ($piece->back !== null), back {{ implode(' – ', array_map($plan->nameOf(...), $piece->back)) }}@endif</td>
        <td>{{ $piece->piece->times }}</td>
        <td>{{ implode(', ', $piece->changes) }}</td>
    </tr>
@endforeach
</table>
@else
<h2>Pieces</h2>
<p>Not listed yet: what is done to front and back is done to lining, facing and band where they share the seam.</p>
@endif

@if ($cautions !== [])
<h2>Before you cut</h2>
@foreach ($cautions as $caution)
<p class="{{ $caution->code->stopsCut() ? 'stops' : '' }}">{{ $caution->code->stopsCut() ? '!' : '·' }} {{ $caution->text }}</p>
@endforeach
@endif
<h2>Try first</h2>
<p>{{ $sheet->toile }}</p>

@if ($needs !== [])
<h2>To buy, for the largest size cut</h2>
@foreach ($needs as $need)
<p class="buy"><b>{{ $need->name }}</b>@if ($need->view !== null) for view {{ $need->view }}@endif: {{ $need->text ?? $say($need->amount) }}{{ $need->width === null ? '' : ' of '.LengthPrint::sentence($need->width, $paper->make->pattern->unit).' width' }}</p>
@endforeach
@endif

<h2>How it wore</h2>
<div class="verdict small">Tight, right or loose at bust, waist and hip; what to change next time.</div>
</body>
</html>
