<?php

declare(strict_types=1);

namespace App\Http\Resources\Plan;

use Underbolt\Work\ShoppingNeed;

final readonly class NeedData
{
    /**
     * @param  string  $key  what it is ticked by: a cloth in whatever width
     * @param  ?string  $text  as typed, where that says more than the amount
     */
    public function __construct(
        public string $key,
        public string $name,
        public ?string $view,
        public ?int $width_nm,
        public ?int $amount_nm,
        public ?string $text,
    ) {
    }

    public static function of(ShoppingNeed $need): self
    {
        return new self($need->key(), $need->name, $need->view, $need->width?->nanometres, $need->amount?->nanometres, $need->text);
    }
}
