<?php

declare(strict_types=1);

namespace App\Http\Resources\Account;

use App\Models\User;
use OpenApi\Attributes as OA;

#[OA\Schema]
final readonly class UserData
{
    public function __construct(
        #[OA\Property] public string $name,
        #[OA\Property] public string $email,
        #[OA\Property(enum: ['cm', 'in'])] public string $unit,
    ) {
    }

    public static function of(User $user): self
    {
        return new self($user->name, $user->email, $user->unit->value);
    }
}
