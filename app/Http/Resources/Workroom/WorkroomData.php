<?php

declare(strict_types=1);

namespace App\Http\Resources\Workroom;

use App\Demo\DemoWorkroom;
use App\Http\Resources\Card\WearerData;
use App\Models\Make;
use App\Models\User;
use App\Models\Wearer;
use Carbon\CarbonImmutable;

final readonly class WorkroomData
{
    /**
     * @param  list<MakeSummary>  $makes
     * @param  list<WearerData>  $wearers
     * @param  list<PatternSummary>  $patterns
     * @param  bool  $has_demo  whether the demo's data are in it
     */
    public function __construct(
        public array $makes,
        public array $wearers,
        public array $patterns,
        public bool $has_demo,
    ) {
    }

    public static function of(User $user, CarbonImmutable $today): self
    {
        $makes = $user->makes()->with(['pattern', 'card.wearer', 'card.readings'])->get()->sortBy('id');
        $wearers = $user->wearers()->with('cards.readings')->get()->sortBy('name');
        $patterns = $user->patterns()->get()->sortBy('name');

        return new self(
            array_values($makes->map(static fn (Make $make): MakeSummary => MakeSummary::of($make, $user->unit))->all()),
            array_values($wearers->map(static fn (Wearer $wearer): WearerData => WearerData::of($wearer, $today))->all()),
            array_values($patterns->map(PatternSummary::of(...))->all()),
            DemoWorkroom::isIn($user),
        );
    }
}
