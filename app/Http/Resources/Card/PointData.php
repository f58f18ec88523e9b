<?php

declare(strict_types=1);

namespace App\Http\Resources\Card;

use Underbolt\Measure\DressStand;
use Underbolt\Measure\PointGuide;
use Underbolt\Measure\StandView;
use Underbolt\Practice\Exercises\Exercise;

final readonly class PointData
{
    /**
     * @param  string  $where  where the tape lies
     * @param  string  $mistake  what prevents the usual mistake
     * @param  string  $other_way  for someone who can't stand, bend or raise the arms
     * @param  value-of<StandView>  $view  the side the dress stand is seen from
     * @param  ?value-of<Exercise>  $practice  where it is practised
     */
    public function __construct(
        public string $code,
        public string $name,
        public string $where,
        public string $mistake,
        public string $trick,
        public string $other_way,
        public string $view,
        public StandData $stand,
        public ?string $practice,
    ) {
    }

    public static function of(PointGuide $guide): self
    {
        return new self(
            code: $guide->point->value,
            name: $guide->name,
            where: $guide->where,
            mistake: $guide->mistake,
            trick: $guide->trick,
            other_way: $guide->otherWay,
            view: $guide->tape->view->value,
            stand: StandData::of(DressStand::with($guide->tape)),
            practice: Exercise::at($guide->point)?->value,
        );
    }
}
