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
])]
final class RememberedRequest extends FormRequest
{
    /** @return array<string, list<mixed>> */
    public function rules(): array
    {
        return [
            'unit' => ['required_without:paper', Rule::enum(Unit::class)],
            'paper' => ['required_without:unit', Rule::enum(PageFormat::class)->only([PageFormat::A4, PageFormat::Letter])],
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
