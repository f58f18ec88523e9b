<?php

declare(strict_types=1);

namespace App\Http\Resources\Practice;

use App\Models\User;
use App\Practice\Figures;
use Carbon\CarbonImmutable;
use Underbolt\Practice\Exercises\Exercise;
use Underbolt\Practice\MeasuringHelp;

final readonly class PracticeData
{
    /**
     * @param  list<FigureData>  $figures
     * @param  list<ExerciseData>  $exercises  in the order in which they are learnt
     * @param  list<string>  $alone  what helps where nobody helps
     * @param  list<string>  $someone_else  what is owed to somebody who is measured
     */
    public function __construct(
        public array $figures,
        public array $exercises,
        public array $alone,
        public array $someone_else,
    ) {
    }

    public static function of(User $user, CarbonImmutable $today): self
    {
        $all = Figures::these(Figures::codes());
        $figures = array_map(FigureData::of(...), array_keys($all), $all);

        return new self($figures, array_map(static fn (Exercise $one): ExerciseData => ExerciseData::of($one, $user, $today), Exercise::cases()), MeasuringHelp::ALONE, MeasuringHelp::SOMEONE_ELSE);
    }
}
