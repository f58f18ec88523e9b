<?php

declare(strict_types=1);

namespace App\Http\Resources\Practice;

use Underbolt\Practice\Exercises\Question;

/** What became of an answer. */
final readonly class AnsweredData
{
    /**
     * @param  ?int  $right  place of the right choice; null where a figure was asked for
     * @param  ?int  $right_nm  the figure; null where there was a choice
     * @param  list<string>  $told  why
     * @param  ?SeenTapeData  $tape  that was laid wrong
     * @param  ?float  $belongs_at  the height where it belongs
     */
    public function __construct(
        public bool $is_right,
        public ?int $right,
        public ?int $right_nm,
        public array $told,
        public ?SeenTapeData $tape,
        public ?float $belongs_at,
    ) {
    }

    public static function of(Question $question, bool $isRight): self
    {
        $answer = $question->answer;

        return new self(
            is_right: $isRight,
            right: is_int($answer) ? $answer : null,
            right_nm: is_int($answer) ? null : $answer->nanometres,
            told: $question->told,
            tape: $question->afterwards === null ? null : SeenTapeData::of($question->afterwards),
            belongs_at: $question->belongsAt,
        );
    }
}
