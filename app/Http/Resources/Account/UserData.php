<?php

declare(strict_types=1);

namespace App\Http\Resources\Account;

use App\Models\User;
use Underbolt\Measure\Unit;
use Underbolt\Paper\PageFormat;

final readonly class UserData
{
    /**
     * @param  value-of<Unit>  $unit
     * @param  'a4'|'letter'  $paper  that the printer holds
     */
    public function __construct(
        public string $name,
        public string $email,
        public string $unit,
        public string $paper,
    ) {
    }

    public static function of(User $user): self
    {
        return new self($user->name, $user->email, $user->unit->value, $user->paper === PageFormat::Letter ? 'letter' : 'a4');
    }
}
