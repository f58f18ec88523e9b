<?php

declare(strict_types=1);

namespace App\Http\Requests;

use Illuminate\Foundation\Http\FormRequest;
use Illuminate\Validation\Rule;
use OpenApi\Attributes as OA;
use Underbolt\Measure\Unit;
use Underbolt\Paper\PageFormat;

/** What an account remembers of how things are shown and printed; what is left out stays. */
#[OA\Schema(properties: [
    new OA\Property(property: 'unit', type: 'string', enum: ['cm', 'in']),
    new OA\Property(property: 'paper', description: 'that the printer holds', type: 'string', enum: ['a4', 'letter']),
    new OA\Property(property: 'drawn_on', description: 'what strips and pieces are drawn on', type: 'string', enum: PageFormat::class),
])]
final class RememberedRequest extends FormRequest
{
    /** @return array<string, list<mixed>> */
    public function rules(): array
    {
        return [
            'unit' => ['required_without_all:paper,drawn_on', Rule::enum(Unit::class)],
            'drawn_on' => ['sometimes', 'required', Rule::enum(PageFormat::class)],
            'paper' => ['sometimes', 'required', Rule::enum(PageFormat::class)->only([PageFormat::A4, PageFormat::Letter])],
        ];
    }

    /** @return array<string, string> */
    public function remembered(): array
    {
        /** @var array<string, string> $given */
        $given = $this->validated();

        return $given;
    }
}
