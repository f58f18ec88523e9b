<?php

declare(strict_types=1);

namespace App\Records\Whole;

/** What of a kind of records was new, stood here as it is in the file, or stood here otherwise. */
final class Told
{
    /** @var list<string> names */
    public array $new = [];

    public int $same = 0;

    /** @var list<string> names */
    public array $different = [];
}
