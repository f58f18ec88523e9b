<?php

declare(strict_types=1);

namespace App\Http\Requests;

use App\Http\Resources\Plan\ChoicesDocument;
use Illuminate\Foundation\Http\FormRequest;
use OpenApi\Attributes as OA;
use stdClass;

#[OA\Schema(required: ['choices'], properties: [new OA\Property(property: 'choices', ref: ChoicesDocument::class)])]
final class ChoicesRequest extends FormRequest
{
    /** @return array<string, list<mixed>> */
    public function rules(): array
    {
        return ['choices' => ['present', 'array', new TypedDocument]];
    }

    public function choices(): stdClass
    {
        return TypedDocument::in($this->getContent(), 'choices');
    }
}
