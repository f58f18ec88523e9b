<?php

declare(strict_types=1);

namespace App\Http\Resources\Nest;

use App\Models\Make;
use App\Models\Nest;
use OpenApi\Attributes as OA;
use Underbolt\Planning\Advice\Headline;
use Underbolt\Planning\Plan;

#[OA\Schema]
final readonly class MakeNestData
{
    /** Seams that differ by more than the printed ones do and this don't go together, in millimetres (common practice, no published source). */
    private const MOST_DIFFERENCE_MM = 3.0;

    /** An armhole that grows by more needs its sleeve to follow, in millimetres (likewise). */
    private const MOST_ARMHOLE_MM = 5.0;

    /**
     * @param  list<NestLineData>  $pieces
     * @param  list<string>  $says
     */
    public function __construct(
        #[OA\Property] public string $wearer,
        #[OA\Property] public string $pattern,
        #[OA\Property] public int $pattern_id,
        #[OA\Property] public string $headline,
        #[OA\Property(items: new OA\Items(ref: NestLineData::class))] public array $pieces,
        #[OA\Property(description: 'what the lengths of the seams say', items: new OA\Items(type: 'string'))] public array $says,
    ) {
    }

    public static function of(Make $make, Plan $plan): self
    {
        $pieces = array_values($make->pattern->nests()->get()->sortByDesc('piece')->map(static fn (Nest $nest): NestLineData => NestLineData::of($nest, $plan))->all());

        return new self(
            $make->card->wearer->name,
            $make->pattern->name,
            $make->pattern_id,
            Headline::of($plan),
            $pieces,
            [...self::seams($pieces), ...self::armholes($pieces)],
        );
    }

    /**
     * @param  list<NestLineData>  $pieces
     * @return list<string>
     */
    private static function seams(array $pieces): array
    {
        [$one, $other] = [...$pieces, null, null];
        if ($one?->length_mm === null || $other?->length_mm === null) {
            return [];
        }
        $apart = $one->length_mm - $other->length_mm;
        $beyond = $apart - (($one->printed_length_mm ?? 0.0) - ($other->printed_length_mm ?? 0.0));

        return [match (true) {
            abs($beyond) > self::MOST_DIFFERENCE_MM => sprintf('The %s seam comes out %.1f mm %s against the other than it is printed: true it before you cut.', $one->piece, abs($beyond), $beyond > 0 ? 'longer' : 'shorter'),
            abs($apart) < 0.1 => 'Front and back go together: their side seams are equally long.',
            default => sprintf('Front and back go together: the %s seam is %.1f mm longer, and was printed %.1f mm longer.', $apart > 0 ? $one->piece : $other->piece, abs($apart), abs($apart - $beyond)),
        }];
    }

    /**
     * @param  list<NestLineData>  $pieces
     * @return list<string>
     */
    private static function armholes(array $pieces): array
    {
        $says = [];
        foreach ($pieces as $piece) {
            if (abs($piece->armhole_change_mm ?? 0.0) > self::MOST_ARMHOLE_MM) {
                $says[] = sprintf('The %s armhole gets %.1f mm %s: the sleeve must follow.', $piece->piece, abs((float) $piece->armhole_change_mm), $piece->armhole_change_mm > 0 ? 'longer' : 'shorter');
            }
        }

        return $says;
    }
}
