<?php

declare(strict_types=1);

namespace App\Http\Requests;

use App\Http\Controllers\SignedIn;
use App\Records\HtmlText;
use Illuminate\Foundation\Http\FormRequest;
use Illuminate\Validation\Rule;
use OpenApi\Attributes as OA;
use stdClass;
use Underbolt\ChartPaste\ChartPaste;
use Underbolt\ChartPaste\ChartPreview;
use Underbolt\ChartPaste\PastedTable;
use Underbolt\File\Typed\Node;
use Underbolt\Measure\Unit;

#[OA\Schema(required: ['text', 'unit'], properties: [
    new OA\Property(property: 'text', description: 'as pasted', type: 'string'),
    new OA\Property(property: 'unit', description: 'meant in the chart it goes to', type: 'string', enum: ['cm', 'in']),
    new OA\Property(property: 'html', description: 'the same as a web page has it, where the clipboard does', type: 'string', nullable: true),
    new OA\Property(property: 'house', description: 'whose words for rows are known', type: 'string', nullable: true),
    new OA\Property(
        property: 'told',
        description: 'the unit of the figures, where a person has said it',
        type: 'string',
        enum: ['cm', 'in'],
        nullable: true,
    ),
])]
final class ReadChartRequest extends FormRequest
{
    /** A page's table is mostly marks. */
    public const LARGEST_HTML = 5 * PastedTable::LARGEST_BYTES;

    /** @return array<string, list<mixed>> */
    public function rules(): array
    {
        return [
            'text' => ['required', 'string', 'max:'.PastedTable::LARGEST_BYTES],
            'html' => ['nullable', 'string', 'max:'.self::LARGEST_HTML],
            'unit' => ['required', Rule::enum(Unit::class)],
            'told' => ['nullable', Rule::enum(Unit::class)],
            'house' => ['nullable', 'string', 'max:'.Node::LONGEST_TEXT],
        ];
    }

    public function preview(): ChartPreview
    {
        // As it was sent: the framework trims texts, and here the tab that begins a line means something.
        $sent = json_decode($this->getContent(), true);
        $text = is_array($sent) && is_string($sent['text'] ?? null) ? $sent['text'] : '';

        return ChartPaste::read(
            HtmlText::of($this->string('html')->toString()) ?? $text,
            Unit::from($this->string('unit')->toString()),
            Unit::tryFrom($this->string('told')->toString()),
            $this->wordsOfHouse(),
        );
    }

    /** @return array<array-key, string> paths by label */
    private function wordsOfHouse(): array
    {
        $house = SignedIn::user($this)->houses()->where('name', $this->string('house')->toString())->first();
        $words = $house?->habits->row_words ?? null;

        return $words instanceof stdClass ? array_filter(get_object_vars($words), is_string(...)) : [];
    }
}
