<?php

declare(strict_types=1);

namespace App\Http\Resources\Company;

use App\Http\RefusalResponse;
use App\Http\Resources\Plan\CautionData;
use App\Http\Resources\Plan\ChoicesDocument;
use App\Http\Resources\Plan\NeedData;
use App\Http\Resources\Plan\ReceiptLineData;
use App\Records\CompanyRow;
use Carbon\CarbonImmutable;
use OpenApi\Attributes as OA;
use stdClass;
use Underbolt\Advice\Headline;
use Underbolt\Company\Row;
use Underbolt\Measure\CardCheck;
use Underbolt\Pattern\Paper\Range;
use Underbolt\Planning\Choosing\ReceiptLine;
use Underbolt\Refusal;
use Underbolt\Sizing\Sure;

/** A wearer in a pattern, as it stands beside others. */
final readonly class CompanyRowData
{
    /**
     * @param  ?int  $card_age_days  whole days since it was taken
     * @param  bool  $is_card_old  worth taking anew
     * @param  ?int  $make_id  the newest make of the two
     * @param  ?string  $refused  why there is no plan
     * @param  ?string  $by_finished  what the finished garment alone would have cut, in words
     * @param  list<CompanySizeData>  $sizes  from the top down
     * @param  ?string  $adjustment  in words; null where none is made
     * @param  list<int>  $steps  sizes between neighbouring levels
     * @param  list<string>  $drawn_in  beside the blend
     * @param  ?value-of<Sure>  $sure
     * @param  ?string  $sure_of  the measure that decides it
     * @param  bool  $is_outside  a measure lies outside the chart
     * @param  list<string>  $envelopes
     * @param  list<string>  $to_get  of those, the ones that are not owned
     * @param  list<NeedData>  $needs
     * @param  list<ReceiptLineData>  $receipt
     */
    private function __construct(
        public int $wearer_id,
        public string $wearer,
        public int $pattern_id,
        public string $pattern,
        public string $house,
        public ?int $card_id,
        #[OA\Property(format: 'date', nullable: true)] public ?string $card_taken_on,
        public ?int $card_age_days,
        public bool $is_card_old,
        public ?int $make_id,
        #[OA\Property(ref: ChoicesDocument::class, description: 'that are this wearer\'s alone')] public stdClass $exception,
        public ?string $refused,
        public ?string $headline,
        public ?string $by_finished,
        public array $sizes,
        public ?string $frame,
        public ?string $adjustment,
        public array $steps,
        public array $drawn_in,
        public ?CautionData $worst,
        public int $cautions,
        public ?string $sure,
        public ?string $sure_of,
        public bool $is_outside,
        public array $envelopes,
        public array $to_get,
        public array $needs,
        #[OA\Property(description: 'what the sizes cost, in fit and work')] public ?float $cost,
        public array $receipt,
    ) {
    }

    public static function of(CompanyRow $row, CarbonImmutable $today): self
    {
        $planned = $row->planned instanceof Row ? $row->planned : null;
        $sure = $planned?->leastSure();
        $name = static fn (Range $range): string => $range->name;

        return new self(
            wearer_id: $row->wearer->id,
            wearer: $row->wearer->name,
            pattern_id: $row->pattern->id,
            pattern: $row->pattern->name,
            house: $row->pattern->house,
            card_id: $row->card?->id,
            card_taken_on: $row->card?->taken_on->toDateString(),
            card_age_days: $row->card?->ageInDays($today),
            is_card_old: $row->card !== null && CardCheck::isOld($row->card->taken_on, $today),
            make_id: $row->make?->id,
            exception: $row->exception,
            refused: self::refused($row->planned),
            headline: $planned === null ? null : Headline::of($planned->plan),
            by_finished: $planned?->byFinished(),
            sizes: $planned === null ? [] : CompanySizeData::all($planned),
            frame: $planned?->namedFrame(),
            adjustment: $planned?->adjustment(),
            steps: $planned?->steps() ?? [],
            drawn_in: $planned?->drawnIn() ?? [],
            worst: $planned?->worst === null ? null : CautionData::of($planned->worst),
            cautions: $planned->cautions ?? 0,
            sure: $sure?->sure->value,
            sure_of: $sure?->point->words(),
            is_outside: $planned?->isOutside() ?? false,
            envelopes: array_map($name, $planned?->namedEnvelopes() ?? []),
            to_get: array_map($name, $planned?->toGet() ?? []),
            needs: array_map(NeedData::of(...), $planned->needs ?? []),
            cost: $planned?->cost,
            receipt: array_map(static fn (ReceiptLine $line): ReceiptLineData => new ReceiptLineData($line->what, $line->cost), $planned->receipt ?? []),
        );
    }

    private static function refused(Row|Refusal|null $planned): ?string
    {
        return match (true) {
            $planned === null => 'Not measured yet.',
            $planned instanceof Refusal => RefusalResponse::sentence($planned->faults()[0]->message),
            default => null,
        };
    }
}
