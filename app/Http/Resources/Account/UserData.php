<?php

declare(strict_types=1);

namespace App\Http\Resources\Account;

use App\Models\RecoveryCode;
use App\Models\User;
use Underbolt\Measure\Unit;
use Underbolt\Paper\PageFormat;

final readonly class UserData
{
    /**
     * @param  value-of<Unit>  $unit
     * @param  'a4'|'letter'  $paper  that the printer holds
     * @param  value-of<PageFormat>  $drawn_on  what strips and pieces are drawn on
     * @param  int  $recovery_codes  that are left
     */
    public function __construct(
        public string $name,
        public string $email,
        public string $unit,
        public string $paper,
        public string $drawn_on,
        public int $recovery_codes,
    ) {
    }

    public static function of(User $user): self
    {
        return new self($user->name, $user->email, $user->unit->value, $user->paper === PageFormat::Letter ? 'letter' : 'a4', ($user->drawn_on ?? $user->paper)->value, RecoveryCode::query()->where('user_id', $user->id)->count());
    }
}
