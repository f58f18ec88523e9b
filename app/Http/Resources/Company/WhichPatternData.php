<?php

declare(strict_types=1);

namespace App\Http\Resources\Company;

use App\Models\Pattern;
use App\Models\User;
use App\Models\Wearer;
use App\Records\CompanyRow;
use App\Records\PatternCompany;
use Carbon\CarbonImmutable;

/** Every pattern for one wearer, the one that costs least first, then what needs no further envelope, then the one with the fewest cautions; those without a plan last. */
final readonly class WhichPatternData
{
    /** @param  list<CompanyRowData>  $rows */
    private function __construct(
        public int $wearer_id,
        public string $wearer,
        public array $rows,
    ) {
    }

    public static function of(Wearer $wearer, User $user, CarbonImmutable $today): self
    {
        $makes = $user->makes()->whereRelation('card', 'wearer_id', $wearer->id)->with('card.readings', 'card.wearer')->get()->sortBy('id')->keyBy('pattern_id');
        $rows = $user->patterns()->get()->sortBy('name')
            ->map(static fn (Pattern $pattern): CompanyRow => (new PatternCompany($pattern, $user, knowsLikes: true))->row($wearer, $makes->get($pattern->id)))
            ->map(static fn (CompanyRow $row): CompanyRowData => CompanyRowData::of($row, $today));

        return new self($wearer->id, $wearer->name, array_values($rows->sortBy(self::rank(...))->all()));
    }

    /** @return array{float, int, int} costs that read alike count alike */
    private static function rank(CompanyRowData $row): array
    {
        return [round($row->cost ?? INF, 1), count($row->to_get), $row->cautions];
    }
}
