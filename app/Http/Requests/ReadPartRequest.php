<?php

declare(strict_types=1);

namespace App\Http\Requests;

use App\Records\HtmlText;
use Illuminate\Foundation\Http\FormRequest;
use Illuminate\Validation\Rule;
use OpenApi\Attributes as OA;
use Underbolt\ChartPaste\Part\PastedCloth;
use Underbolt\ChartPaste\Part\PastedCups;
use Underbolt\ChartPaste\Part\PastedFits;
use Underbolt\ChartPaste\Part\PastedPart;
use Underbolt\ChartPaste\Part\PastedPieces;
use Underbolt\ChartPaste\Part\PatternNames;
use Underbolt\ChartPaste\PastedTable;
use Underbolt\File\Typed\Node;
use Underbolt\Measure\Unit;
use Underbolt\Pattern\Pattern;

#[OA\Schema(required: ['part', 'text', 'unit', 'sizes'], properties: [
    new OA\Property(property: 'part', description: 'where the table belongs', type: 'string', enum: ['cups', 'cloth', 'fits', 'pieces']),
    new OA\Property(property: 'text', description: 'as pasted', type: 'string'),
    new OA\Property(property: 'html', description: 'the same as a web page has it, where the clipboard does', type: 'string', nullable: true),
    new OA\Property(property: 'unit', description: 'meant in the pattern', type: 'string', enum: ['cm', 'in']),
    new OA\Property(property: 'told', description: 'the unit of the figures, where a person has said it', type: 'string', nullable: true),
    new OA\Property(property: 'sizes', description: 'of the pattern', type: 'array', items: new OA\Items(type: 'string')),
    new OA\Property(property: 'views', type: 'array', items: new OA\Items(type: 'string')),
    new OA\Property(property: 'ranges', description: 'names of the envelopes', type: 'array', items: new OA\Items(type: 'string')),
    new OA\Property(property: 'fits', type: 'array', items: new OA\Items(type: 'string')),
    new OA\Property(property: 'cups', type: 'array', items: new OA\Items(type: 'string')),
])]
final class ReadPartRequest extends FormRequest
{
    /** @return array<string, list<mixed>> */
    public function rules(): array
    {
        $names = ['array', 'max:'.Pattern::MOST_SIZES];

        return [
            'part' => ['required', 'string', 'in:cups,cloth,fits,pieces'],
            'text' => ['required', 'string', 'max:'.PastedTable::LARGEST_BYTES],
            'html' => ['nullable', 'string', 'max:'.ReadChartRequest::LARGEST_HTML],
            'unit' => ['required', Rule::enum(Unit::class)],
            'told' => ['nullable', $this->input('part') === 'cloth' ? 'in:m,yd' : Rule::enum(Unit::class)],
            'sizes' => ['present', ...$names],
            'views' => $names,
            'fits' => $names,
            'cups' => $names,
            'ranges' => $names,
            'ranges.*' => ['string', 'max:'.Node::LONGEST_TEXT],
            'sizes.*' => ['string', 'max:40'],
            'views.*' => ['string', 'max:'.Node::LONGEST_TEXT],
            'cups.*' => ['string', 'max:'.Node::LONGEST_TEXT],
            'fits.*' => ['string', 'max:'.Node::LONGEST_TEXT],
        ];
    }

    public function part(): PastedPart
    {
        $text = HtmlText::of($this->string('html')->toString()) ?? $this->string('text')->toString();
        $typedIn = Unit::from($this->string('unit')->toString());
        $told = $this->string('told')->toString();

        return match ($this->string('part')->toString()) {
            'cups' => PastedCups::read($text, $typedIn, Unit::tryFrom($told), $this->names('ranges'), $this->names('sizes')),
            'cloth' => PastedCloth::read($text, $typedIn, $this->names('sizes'), $told === '' ? null : $told),
            'pieces' => PastedPieces::read($text, new PatternNames($this->names('sizes'), $this->names('fits'), $this->names('views'), $this->names('cups'))),
            default => PastedFits::read($text, $typedIn, $this->names('sizes'), $this->names('views'), $this->names('fits'), Unit::tryFrom($told)),
        };
    }

    /** @return list<string> */
    private function names(string $key): array
    {
        return array_values(array_filter((array) $this->input($key), is_string(...)));
    }
}
