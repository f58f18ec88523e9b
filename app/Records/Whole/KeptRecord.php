<?php

declare(strict_types=1);

namespace App\Records\Whole;

use stdClass;

/** One record of a file that holds everything, looked at and believed. */
final readonly class KeptRecord
{
    /**
     * @param  string  $like  what it would be among those of its kind, such as its name
     * @param  string  $name  to be told by
     * @param  array<string, mixed>  $attributes  what it keeps
     * @param  list<self>  $inside  cards of a wearer, readings of a card, drawings of a pattern
     */
    public function __construct(public string $like, public string $name, public array $attributes, public array $inside = [], public stdClass $company = new stdClass)
    {
    }
}
