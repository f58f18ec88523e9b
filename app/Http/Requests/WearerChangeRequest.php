<?php

declare(strict_types=1);

namespace App\Http\Requests;

use App\Http\Resources\Card\WardrobeDocument;
use App\Models\Wearer;
use Carbon\CarbonImmutable;
use Illuminate\Foundation\Http\FormRequest;
use Illuminate\Validation\Rule;
use OpenApi\Attributes as OA;
use stdClass;
use Underbolt\File\Keys\WardrobeKeys;
use Underbolt\File\Shape\ObjectShape;
use Underbolt\File\Typed\FaultLog;
use Underbolt\File\Typed\FaultyFile;
use Underbolt\File\Typed\Node;
use Underbolt\File\WardrobeReader;
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
    new OA\Property(property: 'wardrobe', ref: WardrobeDocument::class, description: 'what fits, laid flat; as it was where it is left out'),
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
            'wardrobe' => ['sometimes', 'array', new TypedDocument],
            'version' => ['required', 'integer'],
        ];
    }

    /**
     * The day of an agreement and the time of putting away stay what they were while the answer does.
     *
     * @param  Unit  $unit  meant in the wardrobe where a length names none
     * @return array<string, mixed>
     *
     * @throws FaultyFile naming every fault of the wardrobe
     */
    public function changes(Wearer $wearer, Unit $unit, CarbonImmutable $now): array
    {
        return [
            'name' => $this->string('name')->toString(),
            'notes' => $this->string('notes')->toString(),
            'unit' => Unit::tryFrom($this->string('unit')->toString()),
            'sizes_hidden' => $this->boolean('sizes_hidden'),
            'agreed_on' => $this->boolean('agreed') ? $wearer->agreed_on ?? $now : null,
            'archived_at' => $this->boolean('archived') ? $wearer->archived_at ?? $now : null,
            ...($this->has('wardrobe') ? ['wardrobe' => $this->wardrobe($unit)] : []),
        ];
    }

    /** @throws FaultyFile */
    private function wardrobe(Unit $unit): stdClass
    {
        $typed = (new ObjectShape(new WardrobeKeys))->wordedObject(TypedDocument::in($this->getContent(), 'wardrobe'), $unit);
        $log = new FaultLog;
        WardrobeReader::read(Node::root($typed, 'wardrobe', $unit, $log));

        return $log->faults() === [] ? $typed : throw $log->refusal();
    }
}
