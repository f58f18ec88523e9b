<?php

declare(strict_types=1);

namespace Underbolt\Company;

use Underbolt\Measure\Length;

/** A cloth in one width, for all who need it. */
final readonly class ClothSum
{
    /**
     * @param  ?string  $view  null where it is for every view
     * @param  ?Length  $width  null where the table doesn't say it
     * @param  Length  $amount  of all whose amount is printed
     * @param  int<0, max>  $wearers  who need it
     * @param  int<0, max>  $unknown  of them, those whose amount is not printed as a length
     */
    public function __construct(
        public string $name,
        public ?string $view,
        public ?Length $width,
        public Length $amount,
        public int $wearers,
        public int $unknown,
    ) {
    }

    public function with(?Length $amount): self
    {
        return new self(
            $this->name,
            $this->view,
            $this->width,
            $amount === null ? $this->amount : $this->amount->plus($amount),
            $this->wearers + 1,
            $this->unknown + ($amount === null ? 1 : 0),
        );
    }
}
