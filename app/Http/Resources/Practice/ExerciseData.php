<?php

declare(strict_types=1);

namespace App\Http\Resources\Practice;

use App\Models\User;
use Carbon\CarbonImmutable;
use OpenApi\Attributes as OA;
use Underbolt\Practice\Exercises\Exercise;
use Underbolt\Practice\Exercises\Laying;

final readonly class ExerciseData
{
    /**
     * @param  value-of<Exercise>  $code
     * @param  ?LayingData  $laying  null where something is asked and no tape is laid
     * @param  list<string>  $figures  that it is practised on
     * @param  ?int  $box  from 0; null while it wasn't done
     */
    public function __construct(
        public string $code,
        public string $title,
        public ?LayingData $laying,
        public array $figures,
        public ?int $box,
        #[OA\Property(description: 'the day from which it is asked again; null while it wasn\'t done', format: 'date')] public ?string $due_on,
        public bool $is_due,
    ) {
    }

    public static function of(Exercise $exercise, User $user, CarbonImmutable $today): self
    {
        $lies = $user->practice[$exercise->value] ?? null;
        $due = $lies['due'] ?? null;
        $laying = Laying::of($exercise);

        return new self(
            code: $exercise->value,
            title: $exercise->title(),
            laying: $laying === null ? null : new LayingData($laying->point->value, $laying->task, $laying->asked),
            figures: $exercise->figures(),
            box: $lies['box'] ?? null,
            due_on: $due,
            is_due: $due === null || $due <= $today->toDateString(),
        );
    }
}
