<?php

declare(strict_types=1);

namespace App\Http\Resources\Account;

use App\Records\Whole\Told;

final readonly class BroughtBackData
{
    /** @param  list<BroughtKindData>  $kinds  those that the file has any of */
    private function __construct(public array $kinds, public bool $is_written)
    {
    }

    /** @param  array<string, Told>  $told  by kind */
    public static function of(array $told, bool $isWritten): self
    {
        $kinds = [];
        foreach ($told as $kind => $of) {
            if ($of->new !== [] || $of->same > 0 || $of->different !== []) {
                $kinds[] = new BroughtKindData($kind, $of->new, $of->same, $of->different);
            }
        }

        return new self($kinds, $isWritten);
    }
}
