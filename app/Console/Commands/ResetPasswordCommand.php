<?php

declare(strict_types=1);

namespace App\Console\Commands;

use App\Models\User;
use Illuminate\Console\Command;
use Illuminate\Support\Str;

/** For one who has lost the password, by whoever runs the server: a new one, told this once; everywhere else it signs out. */
final class ResetPasswordCommand extends Command
{
    protected $signature = 'underbolt:reset-password {address : of the account}';

    protected $description = 'Give an account a new password';

    private const LETTERS = 16;

    public function handle(): int
    {
        $address = $this->argument('address');
        $user = User::query()->where('email', mb_strtolower(is_string($address) ? $address : ''))->first();
        if ($user === null) {
            $this->error('No account has this address.');

            return self::FAILURE;
        }
        $password = Str::password(self::LETTERS, symbols: false);
        $user->changePassword($password);
        $this->line("The new password is  {$password}  : hand it on, and have it changed after signing in.");

        return self::SUCCESS;
    }
}
