<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Models\Device;
use App\Models\User;
use Illuminate\Auth\AuthenticationException;
use Illuminate\Http\Request;
use Illuminate\Support\Facades\Auth;

/** The user whose records a request may touch. */
final class SignedIn
{
    /** @throws AuthenticationException when nobody is signed in */
    public static function user(Request $request): User
    {
        $user = $request->user();

        return $user instanceof User ? $user : throw new AuthenticationException;
    }

    /** Signs out here; nothing of the session is left. */
    public static function leave(Request $request): void
    {
        Device::query()->whereKey($request->session()->get(Device::KEY) ?? 0)->delete();
        Auth::logout();
        $request->session()->invalidate();
        $request->session()->regenerateToken();
    }

    /** What would shut others out of the demo workroom is refused there. */
    public static function keepDemo(User $user): void
    {
        abort_if($user->email === SessionController::DEMO_EMAIL, 403, 'Everyone shares the demo workroom: its account stays as it is.');
    }
}
