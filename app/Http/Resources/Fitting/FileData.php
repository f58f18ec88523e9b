<?php

declare(strict_types=1);

namespace App\Http\Resources\Fitting;

use OpenApi\Attributes as OA;
use Underbolt\Pattern\Paper\PatternFile;

#[OA\Schema(description: 'a file of the pattern that is to be printed')]
final readonly class FileData
{
    private function __construct(
        #[OA\Property] public string $name,
        #[OA\Property(nullable: true)] public ?string $cup,
        #[OA\Property(nullable: true)] public ?string $range,
        #[OA\Property(nullable: true)] public ?string $sheet,
    ) {
    }

    public static function of(PatternFile $file): self
    {
        return new self($file->name, $file->cup, $file->range, $file->sheet);
    }
}
