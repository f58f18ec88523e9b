<?php

declare(strict_types=1);

namespace App\Http\Resources\Plan;

use Underbolt\Advice\Caution;

final readonly class CautionData
{
    /** @param  bool  $stops  something has to be found out or decided before the cloth is cut */
    public function __construct(
        public string $code,
        public ?string $level,
        public string $text,
        public bool $stops,
    ) {
    }

    public static function of(Caution $caution): self
    {
        return new self($caution->code->value, $caution->level?->value, $caution->text, $caution->code->stopsCut());
    }
}
