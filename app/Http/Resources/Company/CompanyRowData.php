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

#[OA\Schema(description: 'a wearer in a pattern, as it stands beside others')]
final readonly class CompanyRowData
{
    /**
     * @param  list<CompanySizeData>  $sizes
     * @param  list<int>  $steps
     * @param  list<string>  $drawn_in
     * @param  list<string>  $envelopes
     * @param  list<string>  $to_get
     * @param  list<NeedData>  $needs
     * @param  list<ReceiptLineData>  $receipt
     */
    private function __construct(
        #[OA\Property] public int $wearer_id,
        #[OA\Property] public string $wearer,
        #[OA\Property] public int $pattern_id,
        #[OA\Property] public string $pattern,
        #[OA\Property] public string $house,
        #[OA\Property] public ?int $card_id,
        #[OA\Property(format: 'date', nullable: true)] public ?string $card_taken_on,
        #[OA\Property(description: 'whole days since it was taken')] public ?int $card_age_days,
        #[OA\Property(description: 'worth taking anew')] public bool $is_card_old,
        #[OA\Property(description: 'the newest make of the two')] public ?int $make_id,
        #[OA\Property(ref: ChoicesDocument::class, description: 'that are this wearer\'s alone')] public stdClass $exception,
        #[OA\Property(description: 'why there is no plan')] public ?string $refused,
        #[OA\Property] public ?string $headline,
        #[OA\Property(description: 'from the top down', items: new OA\Items(ref: CompanySizeData::class))] public array $sizes,
        #[OA\Property] public ?string $frame,
        #[OA\Property(description: 'in words; null where none is made')] public ?string $adjustment,
        #[OA\Property(description: 'sizes between neighbouring levels', items: new OA\Items(type: 'integer'))] public array $steps,
        #[OA\Property(description: 'beside the blend', items: new OA\Items(type: 'string'))] public array $drawn_in,
        #[OA\Property(oneOf: [new OA\Schema(ref: CautionData::class), new OA\Schema(type: 'null')])] public ?CautionData $worst,
        #[OA\Property] public int $cautions,
        #[OA\Property(enum: ['by_hand', 'firm', 'near the edge', 'measure again'], nullable: true)] public ?string $sure,
        #[OA\Property(description: 'the measure that decides it')] public ?string $sure_of,
        #[OA\Property(description: 'a measure lies outside the chart')] public bool $is_outside,
        #[OA\Property(items: new OA\Items(type: 'string'))] public array $envelopes,
        #[OA\Property(description: 'of those, the ones that are not owned', items: new OA\Items(type: 'string'))] public array $to_get,
        #[OA\Property(items: new OA\Items(ref: NeedData::class))] public array $needs,
        #[OA\Property(description: 'what the sizes cost, in fit and work')] public ?float $cost,
        #[OA\Property(items: new OA\Items(ref: ReceiptLineData::class))] public array $receipt,
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
            sizes: $planned === null ? [] : CompanySizeData::all($planned),
            frame: $planned?->frame(),
            adjustment: $planned?->adjustment(),
            steps: $planned?->steps() ?? [],
            drawn_in: $planned?->drawnIn() ?? [],
            worst: $planned?->worst === null ? null : CautionData::of($planned->worst),
            cautions: $planned->cautions ?? 0,
            sure: $sure?->sure->value,
            sure_of: $sure?->point->words(),
            is_outside: $planned?->isOutside() ?? false,
            envelopes: array_map($name, $planned->envelopes ?? []),
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
