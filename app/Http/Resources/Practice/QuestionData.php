<?php

declare(strict_types=1);

namespace App\Http\Resources\Practice;

use Underbolt\Practice\Exercises\Question;
use Underbolt\Practice\Exercises\TapePiece;

/** A question, without its answer. */
final readonly class QuestionData
{
    /**
     * @param  list<string>  $choices  none where a figure is asked for
     * @param  ?string  $figure  code of the body that it is about
     * @param  ?SeenTapeData  $tape  that lies on it
     * @param  list<string>  $in_figures  the picture for whom it says nothing
     */
    public function __construct(
        public string $text,
        public array $choices,
        public ?string $figure,
        public ?SeenTapeData $tape,
        public ?TapePieceData $piece,
        public array $in_figures,
    ) {
    }

    public static function of(Question $question): self
    {
        $piece = $question->piece;

        return new self(
            text: $question->text,
            choices: $question->choices,
            figure: $question->figure,
            tape: $question->tape === null ? null : SeenTapeData::of($question->tape),
            piece: $piece === null ? null : new TapePieceData($piece->unit->value, TapePiece::strokes($piece->unit), $piece->tip, $piece->meets),
            in_figures: $question->inFigures,
        );
    }
}
