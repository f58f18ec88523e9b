@use('App\Paper\CutSheetPdf')
@use('Underbolt\CutSheet\CutFrom')
@use('Underbolt\CutSheet\StepKey')
@use('Underbolt\Measure\LengthPrint')
@use('Underbolt\Work\EntryWords')
@use('Underbolt\Work\Pictures\SitsPicture')
@use('Underbolt\Work\Pictures\StepPicture')
@use('Underbolt\Work\Steps\StepKind')
<!doctype html>
<html lang="en">
<head>
<meta charset="utf-8">
<title>Cut sheet, {{ $paper->title() }}</title>
<style>
    @page { margin: 11mm 14mm 17mm; }
    body { font-family: 'DejaVu Sans', sans-serif; font-size: 9pt; line-height: 1.15; color: #000; }
    h1 { font-size: 15pt; line-height: 1.15; margin: 1mm 0 2mm; }
    h2 { font-size: 10.5pt; margin: 2.4mm 0 0.6mm; border-bottom: 0.4mm solid #000; page-break-after: avoid; }
    p { margin: 0 0 0.6mm; }
    table { border-collapse: collapse; width: 100%; }
    th { text-align: left; font-size: 8pt; padding: 0.6mm 3mm 0.6mm 0; vertical-align: bottom; }
    td { padding: 0.7mm 3mm 0.7mm 0; vertical-align: top; border-top: 0.15mm solid #777; }
    .levels tr, .stations tr, .pieces tr, .whole { page-break-inside: avoid; }
    .step { position: relative; border-top: 0.15mm solid #777; padding: 0.8mm 0 0.8mm 13mm; }
    .asked { page-break-after: avoid; }
    .small { font-size: 8pt; color: #333; }
    .box { position: absolute; left: 0; top: 1mm; width: 3.6mm; height: 3.6mm; border: 0.35mm solid #000; line-height: 3.6mm; text-align: center; }
    .picture { float: right; margin-left: 2mm; }
    .number { position: absolute; left: 6.5mm; top: 0.4mm; font-weight: bold; font-size: 11pt; }
    .line { position: absolute; right: 0; width: 66mm; }
    .line h2 { margin-top: 3mm; }
    .beside { margin-right: 70mm; }
    .amount { font-weight: bold; font-size: 11pt; line-height: 1.15; }
    .amount .small { font-weight: normal; font-size: 8pt; }
    .columns > tbody > tr > td, .columns > tr > td { border: 0; padding: 0 5mm 0 0; width: 50%; }
    .how { margin: 0.4mm 0 0; font-size: 9pt; line-height: 1.15; }
    .level { font-size: 12pt; font-weight: bold; }
    .stops { font-weight: bold; }
    .pieces, .buy { font-size: 8.5pt; line-height: 1.1; }
    .pieces td:first-child, .pieces td:nth-child(2) { white-space: nowrap; }
    .pieces td { padding: 0.4mm 3mm 0.4mm 0; }
    .stations { font-size: 11pt; line-height: 1.2; }
    .stations td, .stations th { padding: 0.3mm 2mm 0.3mm 0; white-space: nowrap; line-height: 1.1; }
    .stations th { font-size: 8pt; }
    .stations .small { font-size: 8pt; }
@if ($isClose)
    @page { margin: 9mm 14mm 15mm; }
    body, .how, .pieces, .buy, .stations, .amount { line-height: 1; }
    h1 { margin: 0 0 1mm; }
    h2 { margin-top: 1.6mm; }
    td { padding: 0.4mm 3mm 0.4mm 0; }
    .pieces td, .stations td { padding-top: 0.1mm; padding-bottom: 0.1mm; }
    .how { margin: 0.1mm 0 0; }
@endif
    .verdict { border: 0.4mm solid #000; height: 15mm; padding: 1.5mm; page-break-inside: avoid; }
</style>
</head>
<body>
@php($whole = fn (string $text) => str_replace(' ', "\u{00A0}", $text))
@php($short = fn (string $text) => mb_strlen($text) < 12 ? $whole($text) : $text)
@php($say = fn ($length) => $length === null ? '' : $whole(LengthPrint::sentence($length, $unit)))
@php($bare = fn ($length) => $whole(LengthPrint::bare($length, $unit)))
@php($small = fn ($length) => $length === null ? '' : $whole(LengthPrint::sentence($length, $other)))
<p><b>{{ $paper->make->card->wearer->name }}</b>, card of {{ $paper->make->card->taken_on->format('j F Y') }}@if ($paper->make->card->foundation !== ''), over {{ $paper->make->card->foundation }}@endif
 · <b>{{ $paper->make->pattern->name }}</b>@if ($paper->make->pattern->house !== ''), {{ $paper->make->pattern->house }}@endif
@if (($from = CutFrom::words($plan, $sheet->buy)) !== []) · {{ implode(', ', $from) }}@endif
 · printed {{ $today->format('j F Y') }}</p>
<h1>{{ $sheet->headline }}</h1>
@if ($sheet->cautions !== [])
<p>{{ count($sheet->cautions) === 1 ? 'One caution stands' : count($sheet->cautions).' cautions stand' }} below the pieces: read them before you cut.</p>
@endif

<h2>Which lines to follow</h2>
<table>
    <tr><th></th><th>Front</th><th>Back</th><th>Change there</th>@if ($isFinishedKnown)<th>Finished as cut</th><th>Room in it</th><th></th>@endif</tr>
@foreach ($sheet->levels as $level)
    <tr>
        <td class="level">{{ $level->level->value }}</td>
        <td class="level">{{ $short($level->front) }}@if ($level->frontAlso !== null) <span class="small">{{ $level->frontAlso }}</span>@endif</td>
        <td class="level">{{ $short($level->isAlike() ? 'the same' : $level->back) }}@if (! $level->isAlike() && $level->backAlso !== null) <span class="small">{{ $level->backAlso }}</span>@endif</td>
        <td>{{ $level->done === [] ? 'as printed' : implode('; ', array_map(fn ($done) => $done->text, $level->done)) }}</td>
@if ($isFinishedKnown)
        <td><b>{{ $say($level->plan?->asCut) }}</b><br><span class="small">{{ $small($level->plan?->asCut) }}</span></td>
        <td><b>{{ $say($level->plan?->easeAsCut) }}</b><br><span class="small">{{ $small($level->plan?->easeAsCut) }}</span></td>
        <td>@if ($level->plan !== null && ($sits = SitsPicture::of($level->plan)) !== null)<img src="data:image/svg+xml;base64,{{ base64_encode($sits->svg()) }}" width="40" height="32" alt="" style="margin: -1mm 0">@endif</td>
@endif
    </tr>
@endforeach
</table>

@if ($sheet->checks !== [])
<p>Before the first cut hold the tape against the paper: @foreach ($sheet->checks as $check){{ $loop->first ? '' : ' · ' }}{{ $check->what }} <b>{{ $say($check->length) }}</b> <span class="small">{{ $small($check->length) }}</span>@endforeach.</p>
@endif

@if ($picture !== null)
<div class="line">
<h2>The line to cut</h2>
<img src="data:image/svg+xml;base64,{{ base64_encode($picture->svg()) }}" width="{{ (int) ($picture::WIDTH * CutSheetPdf::PICTURE) }}" height="{{ (int) ($picture->height() * CutSheetPdf::PICTURE) }}" alt="">
<p class="small">{{ $picture->note() }}</p>
</div>
@endif
<h2 class="{{ $beside > 0 ? 'beside' : '' }}">Steps</h2>
@foreach ($sheet->work->steps as $number => $step)
<div class="step{{ count($step->how) > 4 ? '' : ' whole' }}{{ $number < $beside ? ' beside' : '' }}">
<div class="box">{{ isset($paper->make->done->{StepKey::of($step)}) ? '✓' : '' }}</div><div class="number">{{ $number + 1 }}</div>
@php($drawn = $picture !== null && $step->kind === StepKind::Draw ? null : StepPicture::of($step, $unit))
@if ($drawn !== null)
<img class="picture" src="data:image/svg+xml;base64,{{ base64_encode($drawn->svg()) }}" width="84" height="67" alt="">
@endif
<div class="asked"><b>{{ $step->short }}</b>@if ($step->pieces() !== [] && $step->kind !== StepKind::Trace) <span class="small">On {{ implode(', ', $step->pieces()) }}.</span>@endif</div>
@php($onLines = array_filter($step->amounts, fn ($one) => ! $plan->make->canBeDone($one->amount)))
@foreach (array_diff_key($step->amounts, $onLines) as $one)
<div class="amount">{{ $say($one->amount->abs()) }} <span class="small">{{ $small($one->amount->abs()) }}</span> {{ $one->way() }}@if ($one->on !== null), on {{ $plan->lineOf($one->on) }}@endif <span class="small">{{ $one->at() }}, {{ $one->edge() }}@if ($one->total()->compare($one->amount) !== 0), {{ $say($one->total()->abs()) }} in all @endif</span></div>
@endforeach
@if ($onLines !== [])
<div><b>{{ implode('; ', array_map(fn ($one) => "{$one->at()}, {$one->edge()}: ".EntryWords::amount($one, $plan), $onLines)) }}</b></div>
@endif
@foreach ($isClose ? [implode(' ', $step->how)] : $step->how as $how)
<div class="how">{{ $how }}</div>
@endforeach
</div>
@endforeach
@if ($below > 0)
<div style="height: {{ $below }}px"></div>
@endif
<p class="small">{{ $sheet->work->why }} Trace, never cut the master; one change at a time, so that you can step back.</p>

@if ($stations !== [])
<div class="whole">
<h2>Marks on the paper {{ $plan->paper() }}{{ $isFromNest ? ', read off the pattern’s own lines' : '' }}{{ $unlike ? '' : ', front and back alike' }}</h2>
<p class="small">Down from the {{ array_key_exists('bust', $plan->levels) ? 'underarm' : 'waist' }}; each move is told from the printed line named beside it. Read down a column, then the next.</p>
<table class="columns"><tr>
@foreach ($stations as $side => $column)
<td>
<table class="stations">
    <tr><th>{{ $unlike ? ['front, ', 'back, '][$side] : '' }}down, {{ $unit->value }}</th><th>line</th><th>move each edge, {{ $unit->value }}</th></tr>
@foreach ($column as $row)
@php($station = $row->first->station)
@php($told = $row->first->told)
    <tr>
        <td><b>{{ $station->level === 'bust' ? 'underarm ' : ($station->level === null ? '' : $station->level.' ') }}</b>{{ $bare($station->depth) }}{{ $row->until === null ? '' : ($row->isToHem ? ' to hem' : ' to '.$bare($row->until->station->depth)) }} <span class="small">{{ $row->until === null ? $small($station->depth) : '' }}</span></td>
        <td>{{ $told === null ? '' : $plan->nameOf($told->size) }}</td>
        <td><b>{{ $told === null ? 'not known' : ($told->isOn || ! $plan->make->canBeDone($told->move) ? 'on '.$plan->lineOf($told->size) : ($told->move->isPositive() ? 'out ' : 'in ').$bare($told->move->abs())) }}</b> <span class="small">{{ $told === null || $told->isOn || $told->move->isZero() ? '' : $small($told->move->abs()) }}</span></td>
    </tr>
@endforeach
</table>
</td>
@endforeach
</tr></table>
</div>
@endif

<h2>Pieces</h2>
@if ($sheet->pieces !== [])
<table class="pieces">
    <tr><th>Piece</th><th>cut in</th><th>how many</th><th>its changes</th></tr>
@foreach ($sheet->pieces as $piece)
@php($names = fn (?array $sizes) => implode(' – ', array_map($plan->nameOf(...), $sizes ?? [])))
    <tr>
        <td><b>{{ $piece->piece->name }}</b></td>
        <td>{{ $piece->sizes() === [] ? 'as it is' : $names($piece->sizes()) }}@if ($piece->back !== null && $piece->back !== $piece->sizes()), back {{ $names($piece->back) }}@endif</td>
        <td>{{ $piece->piece->times }}@if ($piece->piece->timesLining !== null) + {{ $piece->piece->timesLining }} of lining @endif</td>
        <td>{{ implode(', ', $piece->changes($plan)) }}</td>
    </tr>
@endforeach
</table>
@else
<p>No pieces are listed yet: the last step says what follows front and back.</p>
@endif
@foreach ($sheet->missing as $one)
<p class="small">{{ $one->asked() }} is not known yet: for {{ $one->whatFor }}.</p>
@endforeach

@if ($sheet->cautions !== [])
<h2>Before you cut</h2>
@foreach ($sheet->cautions as $caution)
<p class="{{ $caution->code->stopsCut() ? 'stops' : '' }}">{{ $caution->code->stopsCut() ? '!' : '·' }} {{ $caution->text }}</p>
@endforeach
@endif
@if (! $isClose)
<h2>Try first</h2>
<p>{{ $sheet->toile }}</p>
@endif

<table class="columns whole"><tr><td>
@if ($sheet->buy->needs !== [])
<h2>To buy, for the largest size cut</h2>
@foreach ($sheet->buy->purchases() as $one)
<p class="buy"><b>{{ $one->ways[0]->name }}</b>@if ($one->ways[0]->view !== null) for view {{ $one->ways[0]->view }}@endif: {{ implode(', or ', array_map(fn ($need) => ($need->text ?? $say($need->amount)).($need->width === null ? '' : ' of '.LengthPrint::sentence($need->width, $paper->make->pattern->unit).' width'), $one->ways)) }}</p>
@endforeach
@endif
</td><td>
@if ($isClose)
<h2>Try first</h2>
<p>{{ $sheet->toile }}</p>
@else
<h2>How it wore</h2>
<div class="verdict small">Tight, right or loose at bust, waist and hip; what to change next time.</div>
@endif
</td></tr></table>
</body>
</html>
