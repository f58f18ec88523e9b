<?php

declare(strict_types=1);

namespace Underbolt\File;

use Underbolt\Advice\Caution;
use Underbolt\CutSheet\CheckLength;
use Underbolt\CutSheet\CutSheet;
use Underbolt\CutSheet\CutSheetLevel;
use Underbolt\CutSheet\Done;
use Underbolt\CutSheet\SheetHead;
use Underbolt\Measure\Length;
use Underbolt\Measure\LengthPrint;
use Underbolt\Measure\Unit;
use Underbolt\Pattern\Charts\Level;
use Underbolt\Pattern\Pieces\PieceSide;
use Underbolt\Work\PieceCut;
use Underbolt\Work\ShoppingNeed;
use Underbolt\Work\Steps\Applied;
use Underbolt\Work\Steps\Missing;
use Underbolt\Work\Steps\Saying;
use Underbolt\Work\Steps\Step;
use Underbolt\Work\Steps\StepAmount;
use Underbolt\Work\Steps\Traced;
use Underbolt\Work\Told\ToldStation;

/** A cut sheet as the open format writes it: in the make's unit, numbers to four decimals, null for what is not known. */
final readonly class CutSheetJson
{
    public const FORMAT = 'underbolt/sheet';

    public const VERSION = 1;

    private Unit $unit;

    private Unit $other;

    private Saying $spoken;

    private function __construct(private CutSheet $sheet, private SheetHead $head)
    {
        $this->unit = $sheet->plan->make->unit;
        $this->other = $this->unit === Unit::Centimetre ? Unit::Inch : Unit::Centimetre;
        $this->spoken = Saying::spoken($sheet->plan);
    }

    /** @return array<string, mixed> ready for `json_encode` */
    public static function of(CutSheet $sheet, SheetHead $head): array
    {
        return (new self($sheet, $head))->document();
    }

    /** @return array<string, mixed> */
    private function document(): array
    {
        $work = $this->sheet->work;
        $plan = $this->sheet->plan;

        return [
            'format' => self::FORMAT,
            'version' => self::VERSION,
            'unit' => $this->unit->value,
            'lang' => 'en',
            'head' => (array) $this->head,
            'headline' => $this->sheet->headline,
            'labels' => (object) array_combine(array_map($plan->nameOf(...), array_keys($plan->make->pattern->sizes)), array_map(static fn (string $name): string => (string) preg_replace('/^the /', '', $name), $plan->make->pattern->sizes)),
            'lines' => array_map($this->level(...), $this->sheet->levels),
            'steps' => array_map($this->step(...), $work->steps, array_keys($work->steps), $work->spoken()),
            'stations' => [
                'origin' => array_key_exists('bust', $plan->levels) ? 'underarm' : 'waist',
                'read_off' => $work->line->isFromNest ? 'nest' : 'plan',
                'front' => array_map($this->station(...), $work->line->front->stations),
                'back' => $work->line->isAlike ? null : array_map($this->station(...), $work->line->back->stations),
            ],
            'pieces_confirmed' => $work->pieces->areListed,
            'pieces' => array_map($this->piece(...), $this->sheet->pieces),
            'checks' => array_map(fn (CheckLength $check): array => ['what' => $check->what, 'length' => $this->figure($check->length)], $this->sheet->checks),
            'missing' => array_map(static fn (Missing $one): array => ['field' => $one->field, 'what_for' => $one->whatFor], $this->sheet->missing),
            'cautions' => array_map($this->caution(...), $this->sheet->cautions),
            'try_first' => [$this->sheet->toile],
            'buy' => array_map($this->need(...), $this->sheet->buy->needs),
        ];
    }

    /** @return array<string, mixed> */
    private function level(CutSheetLevel $level): array
    {
        return [
            'level' => $level->level->value,
            'front' => $this->sheet->plan->nameOf($level->frontSize),
            'back' => $this->sheet->plan->nameOf($level->backSize),
            'what' => array_map(static fn (Done $done): array => ['code' => $done->code, 'params' => (object) $done->params, 'text' => $done->text], $level->done),
            'as_cut' => $this->figure($level->plan?->asCut),
            'room' => $this->figure($level->plan?->easeAsCut),
        ];
    }

    /** @return array<string, mixed> */
    private function step(Step $step, int $at, string $spoken): array
    {
        return [
            'id' => $step->id,
            'n' => $at + 1,
            'kind' => $step->kind->value,
            'short' => $step->short,
            'text' => $step->text(),
            'say' => $spoken,
            'code' => $step->code,
            'params' => (object) $step->params,
            'needs' => $step->needs,
            'done_in' => null,
            ...($step->traces === [] ? [] : ['traces' => array_map($this->traced(...), $step->traces)]),
            'amounts' => array_map($this->amount(...), $step->amounts),
            'applies' => array_map($this->applied(...), $step->applied),
        ];
    }

    /** @return array<string, mixed> */
    private function traced(Traced $one): array
    {
        return ['pieces' => $one->pieces, 'side' => $one->side?->value, 'line' => $this->name($one->line), 'at' => $one->at, 'tissue' => $one->tissue];
    }

    /** @return array<string, mixed> */
    private function amount(StepAmount $amount): array
    {
        return [
            'at' => $amount->at(),
            'pieces' => $amount->pieces,
            'piece' => $amount->piece(),
            'side' => $amount->side?->value,
            'level' => $amount->level->value ?? $amount->stretch,
            'edge' => $amount->edge(),
            'how' => $amount->isSewn ? 'sewn' : 'cut',
            'from' => $amount->line === null ? ['step' => $amount->step] : ['line' => $this->name($amount->line)],
            'on' => $this->name($amount->on),
            'amount' => $this->figure($amount->amount),
            'per' => $amount->per,
            'total' => $this->figure($amount->total()),
            'shown' => LengthPrint::sentence($amount->amount->abs(), $this->unit),
            'other' => LengthPrint::sentence($amount->amount->abs(), $this->other),
        ];
    }

    /** @return array<string, mixed> */
    private function applied(Applied $one): array
    {
        return [
            'piece' => $one->piece,
            'edge' => $one->edge,
            'side' => $one->side?->value,
            ...($one->level === null ? ['stretch' => $one->stretch] : ['level' => $one->level->value]),
            'how' => $one->isSewn ? 'sewn' : 'cut',
            'from' => $one->line === null ? ['step' => $one->step] : ['line' => $this->sheet->plan->nameOf($one->line)],
            $one->isUp ? 'up' : 'amount' => $this->figure($one->amount),
            'between' => $one->between,
        ];
    }

    /** @return array<string, mixed> */
    private function station(ToldStation $one): array
    {
        $told = $one->told;
        $place = $told === null ? 'not known' : $this->spoken->place($told);
        $level = $one->station->level === null ? null : Level::from($one->station->level)->onPaper();

        return [
            'depth' => $this->figure($one->station->depth),
            'level' => $one->station->level,
            'from' => $one->station->from,
            'to' => $one->station->to,
            'move' => $this->figure($one->station->move),
            'told' => $told === null ? null : ['line' => $this->sheet->plan->nameOf($told->size), 'move' => $this->figure($told->move), 'on' => $told->isOn],
            'say' => $this->spoken->length($one->station->depth).' down'.($level === null ? '' : ", the {$level}").': '.($told?->isOn === true ? 'on ' : '').$place,
        ];
    }

    /** @return array<string, mixed> */
    private function piece(PieceCut $piece): array
    {
        return [
            'name' => $piece->piece->name,
            'times' => $piece->piece->times,
            'layer' => $piece->piece->layer->value,
            'cut_in' => [
                'frame' => $piece->frame === null ? null : $this->sheet->plan->nameOf($piece->frame),
                PieceSide::Front->value => $this->names($piece->front),
                PieceSide::Back->value => $this->names($piece->back),
            ],
            'amounts' => array_map(fn (array $one): array => ['step' => $one[0], ...$this->amount($one[1])], $piece->amounts),
        ];
    }

    /** @return array<string, mixed> */
    private function caution(Caution $caution): array
    {
        return [
            'code' => $caution->code->value,
            'params' => (object) [],
            'level' => $caution->level?->value,
            'weight' => $caution->code->stopsCut() ? 'settle' : 'mind',
            'short' => $caution->code->short(),
            'text' => $caution->text,
        ];
    }

    /** @return array<string, mixed> */
    private function need(ShoppingNeed $need): array
    {
        return ['name' => $need->name, 'view' => $need->view, 'width' => $this->figure($need->width), 'amount' => $this->figure($need->amount), 'text' => $need->text];
    }

    private function name(?int $size): ?string
    {
        return $size === null ? null : $this->sheet->plan->nameOf($size);
    }

    /**
     * @param  ?list<int>  $sizes
     * @return ?list<string>
     */
    private function names(?array $sizes): ?array
    {
        return $sizes === null ? null : array_map($this->sheet->plan->nameOf(...), $sizes);
    }

    private function figure(?Length $length): ?float
    {
        return $length === null ? null : LengthPrint::number($length, $this->unit);
    }
}
