<?php

declare(strict_types=1);

namespace Underbolt\Practice\Exercises;

use Underbolt\Measure\Length;
use Underbolt\Practice\Placing;

/** A question of an exercise where no tape is laid: something to choose from, or a figure to read. */
final readonly class Question
{
    /**
     * @param  list<string>  $choices  none where a figure is asked for
     * @param  int|Length  $answer  which of them is right, or the figure
     * @param  list<string>  $told  afterwards: why
     * @param  ?string  $figure  code of the body that it is about
     * @param  ?Placing  $tape  that lies on it, its height said
     * @param  list<string>  $inFigures  the picture for whom it says nothing
     * @param  ?Placing  $afterwards  a tape that is shown once it is answered, its height said
     * @param  ?float  $belongsAt  where a tape belongs, told then; millimetres
     */
    private function __construct(
        public string $text,
        public array $choices,
        public int|Length $answer,
        public array $told,
        public ?string $figure,
        public ?Placing $tape,
        public ?TapePiece $piece,
        public array $inFigures,
        public ?Placing $afterwards,
        public ?float $belongsAt,
    ) {
    }

    /**
     * @param  non-empty-list<array{string, bool}>  $choices  each with whether it is right
     * @param  list<string>  $told
     * @param  list<string>  $inFigures
     */
    public static function choice(string $text, array $choices, array $told, ?string $figure = null, ?Placing $tape = null, array $inFigures = [], ?Placing $afterwards = null, ?float $belongsAt = null): self
    {
        return new self(
            text: $text,
            choices: array_column($choices, 0),
            answer: (int) array_search(true, array_column($choices, 1), true),
            told: $told,
            figure: $figure,
            tape: $tape,
            piece: null,
            inFigures: $inFigures,
            afterwards: $afterwards,
            belongsAt: $belongsAt,
        );
    }

    /** @param  list<string>  $told */
    public static function reading(string $text, TapePiece $piece, array $told): self
    {
        return new self(
            text: $text,
            choices: [],
            answer: $piece->girth(),
            told: $told,
            figure: null,
            tape: null,
            piece: $piece,
            inFigures: [$piece->words()],
            afterwards: null,
            belongsAt: null,
        );
    }

    public function isRight(int|Length $answer): bool
    {
        return match (true) {
            $answer instanceof Length && $this->answer instanceof Length => $this->piece?->readsAs($answer) ?? false,
            default => $answer === $this->answer,
        };
    }
}
