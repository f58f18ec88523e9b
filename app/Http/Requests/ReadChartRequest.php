<?php

declare(strict_types=1);

namespace App\Http\Requests;

use Illuminate\Foundation\Http\FormRequest;
use Illuminate\Validation\Rule;
use OpenApi\Attributes as OA;
use Underbolt\Measure\Unit;
use Underbolt\Pattern\ChartMeaning;
use Underbolt\Sheet\PastedTable;
use Underbolt\Sheet\SheetPreview;
use Underbolt\Sheet\SheetReader;

#[OA\Schema(required: ['text', 'unit'], properties: [
    new OA\Property(property: 'text', description: 'as pasted', type: 'string'),
    new OA\Property(property: 'unit', description: 'meant in the sheet it goes to', type: 'string', enum: ['cm', 'in']),
    new OA\Property(
        property: 'meaning',
        description: 'which figure of a range counts',
        type: 'string',
        enum: ['upper_limit', 'middle'],
        nullable: true,
    ),
])]
final class ReadChartRequest extends FormRequest
{
    /** @return array<string, list<mixed>> */
    public function rules(): array
    {
        return [
            'text' => ['required', 'string', 'max:'.PastedTable::LARGEST_BYTES],
            'unit' => ['required', Rule::enum(Unit::class)],
            'meaning' => ['nullable', Rule::enum(ChartMeaning::class)],
        ];
    }

    public function preview(): SheetPreview
    {
        // As it was sent: the framework trims texts, and here the tab that begins a line means something.
        $sent = json_decode($this->getContent(), true);
        $text = is_array($sent) && is_string($sent['text'] ?? null) ? $sent['text'] : '';

        return SheetReader::read(
            $text,
            Unit::from($this->string('unit')->toString()),
            ChartMeaning::tryFrom($this->string('meaning')->toString()),
        );
    }
}
