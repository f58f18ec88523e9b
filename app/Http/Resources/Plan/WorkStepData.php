<?php

declare(strict_types=1);

namespace App\Http\Resources\Plan;

use App\Http\Resources\Paper\StepAmountData;
use Underbolt\Planning\Plan;
use Underbolt\Work\Pictures\StepPicture;
use Underbolt\Work\Steps\Step;
use Underbolt\Work\Steps\StepAmount;
use Underbolt\Work\Steps\StepKind;

final readonly class WorkStepData
{
    /**
     * @param  value-of<StepKind>  $kind
     * @param  list<string>  $how  what the hands do for it, one after the other
     * @param  list<StepAmountData>  $amounts  that are applied, each with its place
     * @param  list<string>  $pieces
     * @param  ?StepPictureData  $picture  null where words say it better
     */
    public function __construct(
        public string $id,
        public string $kind,
        public string $short,
        public array $how,
        public array $amounts,
        public array $pieces,
        public ?StepPictureData $picture,
    ) {
    }

    public static function of(Step $step, Plan $plan): self
    {
        return new self(id: $step->id, kind: $step->kind->value, short: $step->short, how: $step->how, amounts: array_map(static fn (StepAmount $one): StepAmountData => StepAmountData::of($one, $plan), $step->amounts), pieces: $step->pieces(), picture: StepPictureData::ofAny(StepPicture::of($step, $plan->make->unit)));
    }
}
