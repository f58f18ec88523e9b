<?php

declare(strict_types=1);

namespace Underbolt\File;

use Underbolt\Advice\Headline;
use Underbolt\Company\ClothSum;
use Underbolt\Company\NamedCount;
use Underbolt\Company\Row;
use Underbolt\Company\SizeCount;
use Underbolt\Company\Sums;
use Underbolt\Fault;
use Underbolt\Measure\Length;
use Underbolt\Measure\LengthPrint;
use Underbolt\Measure\Unit;
use Underbolt\Pattern\Paper\Range;
use Underbolt\Refusal;
use Underbolt\Work\ShoppingNeed;

/** Rows of a company and their sums as the command prints them: one object a line, figures in the pattern's unit. */
final class CompanyJson
{
    /**
     * @param  string  $who  whose row it is
     * @return array<string, mixed> ready for `json_encode`
     */
    public static function row(string $who, Row|Refusal $row): array
    {
        if ($row instanceof Refusal) {
            return ['who' => $who, 'error' => array_map(static fn (Fault $fault): string => $fault->line(), $row->faults())];
        }
        $sure = $row->leastSure();

        return [
            'who' => $who,
            'headline' => Headline::of($row->plan),
            'sizes' => (object) $row->sizes(),
            'frame' => $row->frame(),
            'bust_adjustment' => $row->adjustment(),
            'steps' => $row->steps(),
            'drawn_in' => $row->drawnIn(),
            'cautions' => $row->cautions,
            'worst_caution' => $row->worst === null ? null : ['code' => $row->worst->code->value, 'text' => $row->worst->text],
            'sure' => $sure?->sure->value,
            'sure_of' => $sure?->point->value,
            'envelopes' => array_map(static fn (Range $range): array => ['name' => $range->name, 'owned' => $range->owned], $row->envelopes),
            'needs' => array_map(static fn (ShoppingNeed $need): array => self::need($need, $row->plan->make->unit), $row->needs),
            'cost' => $row->cost,
        ];
    }

    /** @return array<string, mixed> likewise */
    public static function sums(Sums $sums, Unit $unit): array
    {
        return ['sums' => [
            'planned' => $sums->planned,
            'sizes' => array_map(static fn (SizeCount $count): array => ['size' => $count->size, ...$count->levels], $sums->sizes),
            'envelopes' => array_map(self::counted(...), $sums->envelopes),
            'cloth' => array_map(static fn (ClothSum $cloth): array => [
                'name' => $cloth->name,
                'view' => $cloth->view,
                'width' => self::figure($cloth->width, $unit),
                'amount' => self::figure($cloth->amount, $unit),
                'wearers' => $cloth->wearers,
                'unknown' => $cloth->unknown,
            ], $sums->cloth),
            'notions' => array_map(self::counted(...), $sums->notions),
        ]];
    }

    /** @return array<string, mixed> */
    private static function need(ShoppingNeed $need, Unit $unit): array
    {
        return [
            'name' => $need->name,
            'view' => $need->view,
            'width' => self::figure($need->width, $unit),
            'amount' => self::figure($need->amount, $unit),
            'text' => $need->text,
        ];
    }

    /** @return array<string, mixed> */
    private static function counted(NamedCount $count): array
    {
        return ['name' => $count->name, 'wearers' => $count->wearers, 'to_get' => $count->toGet];
    }

    private static function figure(?Length $length, Unit $unit): ?float
    {
        return $length === null ? null : LengthPrint::number($length, $unit);
    }
}
