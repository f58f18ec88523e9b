<?php

declare(strict_types=1);

namespace App\Http\Resources\Plan;

use Underbolt\Advice\Caution;

final readonly class CautionData
{
    /**
     * @param  string  $short  the same in a few words
     * @param  bool  $stops  something has to be found out or decided before the cloth is cut
     * @param  'measuring'|'other_way'|'length'|'pattern'|'cloth'|null  $mended_by  where that is done
     */
    public function __construct(
        public string $code,
        public ?string $level,
        public string $short,
        public string $text,
        public bool $stops,
        public ?string $mended_by,
    ) {
    }

    public static function of(Caution $caution): self
    {
        return new self($caution->code->value, $caution->level?->value, $caution->short(), $caution->text, $caution->code->stopsCut(), $caution->code->mendedBy()?->value);
    }
}
