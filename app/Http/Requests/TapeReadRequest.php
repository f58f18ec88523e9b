<?php

declare(strict_types=1);

namespace App\Http\Requests;

use App\Http\Resources\Practice\PlacingDocument;
use App\Models\Pattern;
use App\Practice\Figures;
use Illuminate\Foundation\Http\FormRequest;
use Illuminate\Support\Facades\Auth;
use Illuminate\Validation\Rule;
use OpenApi\Attributes as OA;
use Underbolt\File\PracticeReader;
use Underbolt\File\Typed\FaultyFile;
use Underbolt\Practice\Exercises\Exercise;
use Underbolt\Practice\Exercises\Laying;
use Underbolt\Practice\Figure;
use Underbolt\Practice\Placing;
use UnexpectedValueException;

#[OA\Schema(required: ['exercise', 'figure'], properties: [
    new OA\Property(property: 'exercise', type: 'string', enum: Exercise::class),
    new OA\Property(property: 'figure', description: 'code of one that ships', type: 'string'),
    new OA\Property(property: 'placing', ref: PlacingDocument::class, description: 'as it was laid, which decides; left out, the one that is asked about first'),
    new OA\Property(property: 'pattern', description: 'whose chart says the size; the demo\'s where left out', type: 'integer', nullable: true),
])]
final class TapeReadRequest extends FormRequest
{
    /** @return array<string, list<mixed>> */
    public function rules(): array
    {
        return [
            'exercise' => ['required', Rule::in(Exercise::laid())],
            'figure' => ['required', Rule::in(Figures::codes())],
            'placing' => ['nullable', 'array', new TypedDocument],
            'pattern' => ['nullable', 'integer', Rule::exists(Pattern::class, 'id')->where('user_id', Auth::id())->whereNull('bin_entry_id')],
        ];
    }

    public function exercise(): Exercise
    {
        return Exercise::from($this->string('exercise')->toString());
    }

    private function laying(): Laying
    {
        return Laying::of($this->exercise()) ?? throw new UnexpectedValueException('the rules let none through at which no tape is laid');
    }

    public function figure(): Figure
    {
        return Figures::named($this->string('figure')->toString()) ?? throw new UnexpectedValueException('the rules let no other figure through');
    }

    /** Whether it is one's own, by which the exercise is judged. */
    public function decides(): bool
    {
        return $this->input('placing') !== null;
    }

    /** @throws FaultyFile naming every fault met */
    public function placing(Figure $figure): Placing
    {
        if (! $this->decides()) {
            return $this->laying()->askedAs($figure);
        }
        $typed = TypedDocument::in($this->getContent(), 'placing');
        $typed->point = $this->laying()->point->value;

        return PracticeReader::placed($typed, $figure);
    }
}
