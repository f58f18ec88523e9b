<?php

declare(strict_types=1);

namespace App\Paper;

use App\Records\CompanyRow;
use Carbon\CarbonImmutable;
use Underbolt\Company\ClothSum;
use Underbolt\Company\NamedCount;
use Underbolt\Company\Row;
use Underbolt\Company\SizeCount;
use Underbolt\Company\Sums;
use Underbolt\Measure\Length;
use Underbolt\Measure\LengthPrint;
use Underbolt\Measure\Unit;
use Underbolt\Pattern\Charts\Level;
use Underbolt\Pattern\Paper\Range;
use Underbolt\Refusal;
use Underbolt\Work\Purchase;
use Underbolt\Work\ShoppingNeed;

/** A company sheet as lines of text: what a spreadsheet, a CSV file and the printed page have in common. */
final readonly class CompanyTable
{
    public const HEAD = ['wearer', 'bust', 'waist', 'hip', 'frame', 'bust adjustment', 'steps', 'drawn in', 'worst caution', 'sure', 'card', 'envelope', 'cloth and notions'];

    /** What cloth is bought by, in nanometres. */
    private const CLOTH_UNITS = ['cm' => ['m', 1_000_000_000], 'in' => ['yd', 914_400_000]];

    /**
     * @param  list<list<string>>  $lines  one a wearer, as HEAD says
     * @param  list<string>  $sums  a sentence each
     * @param  list<string>  $cloths  each cloth in one width, with what it is measured in
     * @param  list<list<?float>>  $amounts  of each, by wearer; null where it isn't needed or not printed
     */
    private function __construct(public array $lines, public array $sums, public Sums $counted, public array $cloths, public array $amounts)
    {
    }

    /** @param  iterable<CompanyRow>  $rows */
    public static function of(iterable $rows, Unit $unit, CarbonImmutable $today): self
    {
        $lines = $planned = [];
        foreach ($rows as $row) {
            $lines[] = self::line($row, $unit, $today);
            $planned[] = $row->planned;
        }

        $counted = Sums::of($planned);

        return new self(
            lines: $lines,
            sums: self::sums($counted, $unit),
            counted: $counted,
            cloths: array_map(static fn (ClothSum $cloth): string => self::cloth($cloth, $unit).', '.self::CLOTH_UNITS[$unit->value][0], $counted->cloth),
            amounts: array_map(static fn ($one): array => array_map(static fn (ClothSum $cloth): ?float => self::amount($one, $cloth, $unit), $counted->cloth), $planned),
        );
    }

    /** How much of a cloth a wearer needs. */
    private static function amount(Row|Refusal|null $planned, ClothSum $cloth, Unit $unit): ?float
    {
        foreach ($planned instanceof Row ? $planned->needs : [] as $need) {
            $isSame = [$need->name, $need->view, $need->width?->nanometres] === [$cloth->name, $cloth->view, $cloth->width?->nanometres];
            if ($isSame && $need->amount !== null) {
                return round($need->amount->nanometres / self::CLOTH_UNITS[$unit->value][1], 4);
            }
        }

        return null;
    }

    private static function cloth(ClothSum $cloth, Unit $unit): string
    {
        return $cloth->name.($cloth->view === null ? '' : ", view {$cloth->view}").($cloth->width === null ? '' : ' of '.self::say($cloth->width, $unit).' width');
    }

    /** @return list<string> */
    private static function line(CompanyRow $row, Unit $unit, CarbonImmutable $today): array
    {
        $age = $row->card === null ? 'none' : "{$row->card->taken_on->toDateString()}, {$row->card->ageInDays($today)} days old";
        if (! $row->planned instanceof Row) {
            $reason = $row->planned === null ? 'not measured yet' : $row->planned->faults()[0]->message;

            return [$row->wearer->name, '', '', '', '', '', '', '', $reason, '', $age, '', ''];
        }
        $plan = $row->planned->plan;
        $isNamed = $row->planned->areSizesNamed();
        $sizes = array_map(static function (Level $level) use ($plan, $isNamed): string {
            $at = $plan->at($level);

            return $at === null || ! $isNamed ? '' : $plan->make->pattern->shortNameOf($at->size);
        }, Level::cases());
        $sure = $row->planned->leastSure();

        return [
            $row->wearer->name,
            ...$sizes,
            $row->planned->namedFrame() ?? '',
            $row->planned->adjustment() ?? '',
            implode(', ', $row->planned->steps()),
            implode('; ', $row->planned->drawnIn()),
            $row->planned->worst === null ? '' : $row->planned->worst->text,
            $sure === null ? '' : str_replace('_', ' ', $sure->sure->value),
            $age,
            implode(', ', array_map(static fn (Range $range): string => $range->owned ? $range->name : "{$range->name} (to get)", $row->planned->namedEnvelopes())),
            implode('; ', array_map(static fn (Purchase $one): string => self::purchase($one, $unit), Purchase::all($row->planned->needs))),
        ];
    }

    /** A cloth is bought in one of its widths. */
    private static function purchase(Purchase $one, Unit $unit): string
    {
        $ways = implode(' or ', array_map(static fn (ShoppingNeed $need): string => self::need($need, $unit), $one->ways));

        return count($one->ways) > 1 ? "one of these widths: {$ways}" : $ways;
    }

    private static function need(ShoppingNeed $need, Unit $unit): string
    {
        $amount = $need->text ?? ($need->amount === null ? '' : self::say($need->amount, $unit));

        return trim("{$need->name} {$amount}").($need->width === null ? '' : ' of '.self::say($need->width, $unit).' width');
    }

    /** @return list<string> */
    private static function sums(Sums $sums, Unit $unit): array
    {
        $count = static fn (NamedCount $count): string => "{$count->name}: {$count->wearers}".($count->toGet ? ' (to get)' : '');

        return array_values(array_filter([
            'Planned: '.$sums->planned,
            self::listed('Sizes', array_map(static fn (SizeCount $size): string => "{$size->size}: ".implode(', ', array_map(
                static fn (string $level, int $many): string => "{$level} {$many}",
                array_keys($size->levels),
                $size->levels,
            )), $sums->sizes)),
            self::listed('Envelopes', array_map($count, $sums->envelopes)),
            self::listed('Cloth in all', array_map(
                static fn (ClothSum $cloth): string => self::cloth($cloth, $unit).': '.LengthPrint::cloth($cloth->amount, $unit)." for {$cloth->wearers}".($cloth->unknown === 0 ? '' : ", {$cloth->unknown} of them not printed"),
                $sums->cloth,
            )),
            self::listed('Notions', array_map($count, $sums->notions)),
        ], static fn (?string $sum): bool => $sum !== null));
    }

    /** @param  list<string>  $parts */
    private static function listed(string $what, array $parts): ?string
    {
        return $parts === [] ? null : "{$what} – ".implode('; ', $parts);
    }

    private static function say(Length $length, Unit $unit): string
    {
        return LengthPrint::sentence($length, $unit);
    }
}
