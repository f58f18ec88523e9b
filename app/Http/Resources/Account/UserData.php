<?php

declare(strict_types=1);

namespace App\Http\Resources\Account;

use App\Models\User;
use Underbolt\Measure\Unit;

final readonly class UserData
{
    /** @param  value-of<Unit>  $unit */
    public function __construct(
        public string $name,
        public string $email,
        public string $unit,
    ) {
    }

    public static function of(User $user): self
    {
        return new self($user->name, $user->email, $user->unit->value);
    }
}
