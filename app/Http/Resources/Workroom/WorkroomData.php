<?php

declare(strict_types=1);

namespace App\Http\Resources\Workroom;

use App\Demo\DemoWorkroom;
use App\Http\Resources\Card\WearerData;
use App\Models\Make;
use App\Models\User;
use Carbon\CarbonImmutable;

final readonly class WorkroomData
{
    /**
     * @param  list<MakeSummary>  $makes  those touched last, the worn ones after all others
     * @param  int  $all_makes  how many there are of which these are some
     * @param  list<WearerData>  $wearers
     * @param  list<PatternSummary>  $patterns
     * @param  bool  $has_demo  whether the demo's data are in it
     */
    public function __construct(
        public array $makes,
        public int $all_makes,
        public array $wearers,
        public array $patterns,
        public bool $has_demo,
    ) {
    }

    public static function of(User $user, CarbonImmutable $today, MakesAsked $asked = new MakesAsked): self
    {
        [$makes, $all] = $asked->of($user);
        $told = MakeTelling::all($user, $makes);

        return new self(
            array_map(static fn (Make $make): MakeSummary => MakeSummary::of($make, $told[$make->id]), $makes),
            $all,
            WearerData::all($user, $today),
            PatternSummary::all($user),
            DemoWorkroom::isIn($user),
        );
    }
}
