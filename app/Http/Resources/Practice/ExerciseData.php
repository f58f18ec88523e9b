<?php

declare(strict_types=1);

namespace App\Http\Resources\Practice;

use App\Models\User;
use Carbon\CarbonImmutable;
use OpenApi\Attributes as OA;
use Underbolt\Practice\Exercise;
use Underbolt\Practice\TapePoint;

final readonly class ExerciseData
{
    /**
     * @param  value-of<Exercise>  $code
     * @param  value-of<TapePoint>  $point
     * @param  string  $task  what is to be done
     * @param  string  $asked  how somebody else has laid the tape, which is guessed about first
     * @param  list<string>  $figures  that it is practised on
     * @param  ?int  $box  from 0; null while it wasn't done
     */
    public function __construct(
        public string $code,
        public string $point,
        public string $title,
        public string $task,
        public string $asked,
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

        return new self(
            code: $exercise->value,
            point: $exercise->point()->value,
            title: $exercise->title(),
            task: $exercise->task(),
            asked: $exercise->asked(),
            figures: $exercise->figures(),
            box: $lies['box'] ?? null,
            due_on: $due,
            is_due: $due === null || $due <= $today->toDateString(),
        );
    }
}
