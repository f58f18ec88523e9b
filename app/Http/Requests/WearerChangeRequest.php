<?php

declare(strict_types=1);

namespace App\Http\Requests;

use App\Models\Wearer;
use Carbon\CarbonImmutable;
use Illuminate\Foundation\Http\FormRequest;
use Illuminate\Validation\Rule;
use OpenApi\Attributes as OA;
use Underbolt\File\Typed\Node;
use Underbolt\Measure\Unit;

#[OA\Schema(required: ['name', 'notes', 'unit', 'agreed', 'sizes_hidden', 'archived', 'version'], properties: [
    new OA\Property(property: 'name', type: 'string'),
    new OA\Property(property: 'notes', type: 'string'),
    new OA\Property(property: 'unit', type: 'string', enum: ['cm', 'in'], nullable: true),
    new OA\Property(
        property: 'agreed',
        description: 'someone else agreed to being measured and to the figures being kept',
        type: 'boolean',
    ),
    new OA\Property(property: 'sizes_hidden', description: 'sizes are called by the place of their line', type: 'boolean'),
    new OA\Property(property: 'version', description: 'as it was seen', type: 'integer'),
    new OA\Property(property: 'archived', description: 'put away, never deleted', type: 'boolean'),
])]
final class WearerChangeRequest extends FormRequest
{
    /** @return array<string, list<mixed>> */
    public function rules(): array
    {
        return [
            'name' => ['required', 'string', 'max:'.Node::LONGEST_TEXT],
            'notes' => ['present', 'nullable', 'string', 'max:4000'],
            'unit' => ['present', 'nullable', Rule::enum(Unit::class)],
            'agreed' => ['required', 'boolean'],
            'sizes_hidden' => ['required', 'boolean'],
            'archived' => ['required', 'boolean'],
            'version' => ['required', 'integer'],
        ];
    }

    /**
     * The day of an agreement and the time of putting away stay what they were while the answer does.
     *
     * @return array<string, mixed>
     */
    public function changes(Wearer $wearer, CarbonImmutable $now): array
    {
        return [
            'name' => $this->string('name')->toString(),
            'notes' => $this->string('notes')->toString(),
            'unit' => Unit::tryFrom($this->string('unit')->toString()),
            'sizes_hidden' => $this->boolean('sizes_hidden'),
            'agreed_on' => $this->boolean('agreed') ? $wearer->agreed_on ?? $now : null,
            'archived_at' => $this->boolean('archived') ? $wearer->archived_at ?? $now : null,
        ];
    }
}
