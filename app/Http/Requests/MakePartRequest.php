<?php

declare(strict_types=1);

namespace App\Http\Requests;

use App\Models\Make;
use Illuminate\Foundation\Http\FormRequest;
use stdClass;
use Underbolt\Altering\PaperWay;

/** A part of a make as it was typed, named by its address: choices, fitting, verdict or cloth. */
final class MakePartRequest extends FormRequest
{
    /** @return array<string, list<mixed>> */
    public function rules(): array
    {
        return [$this->part() => ['present', 'array', new TypedDocument], 'version' => ['required', 'integer']];
    }

    public function document(): stdClass
    {
        return TypedDocument::in($this->getContent(), $this->part());
    }

    /** @return array{choices: stdClass} as they are kept: sizes by the pattern's own names */
    public function choices(Make $make): array
    {
        return ['choices' => $make->sizeWords()->kept($this->document())];
    }

    /** Null where the choices don't say. */
    public function wayToCloth(): ?PaperWay
    {
        $said = $this->document()->paper ?? null;

        return is_string($said) ? PaperWay::tryFrom($said) : null;
    }

    private function part(): string
    {
        $end = basename($this->path());

        // On the pattern's own lines sizes are chosen as on the bench.
        return $end === 'nest' ? 'choices' : $end;
    }
}
