<?php

declare(strict_types=1);

namespace App\Http\Resources\Fitting;

use Underbolt\Pattern\Paper\PatternFile;

/** A file of the pattern that is to be printed. */
final readonly class FileData
{
    private function __construct(
        public string $name,
        public ?string $cup,
        public ?string $range,
        public ?string $sheet,
    ) {
    }

    public static function of(PatternFile $file): self
    {
        return new self($file->name, $file->cup, $file->range, $file->sheet);
    }
}
