<?php

declare(strict_types=1);

namespace App\Http\Resources\Practice;

use App\Models\User;
use App\Practice\Figures;
use Carbon\CarbonImmutable;
use Underbolt\Practice\Exercise;

final readonly class PracticeData
{
    /**
     * @param  list<FigureData>  $figures
     * @param  list<ExerciseData>  $exercises  in the order in which they are learnt
     */
    public function __construct(
        public array $figures,
        public array $exercises,
    ) {
    }

    public static function of(User $user, CarbonImmutable $today): self
    {
        $figures = [];
        foreach (Figures::codes() as $code) {
            $figure = Figures::named($code);
            if ($figure !== null) {
                $figures[] = FigureData::of($code, $figure);
            }
        }

        return new self($figures, array_map(static fn (Exercise $one): ExerciseData => ExerciseData::of($one, $user, $today), Exercise::cases()));
    }
}
