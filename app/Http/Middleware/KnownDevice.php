<?php

declare(strict_types=1);

namespace App\Http\Middleware;

use App\Http\Controllers\SignedIn;
use App\Models\Device;
use Carbon\CarbonImmutable;
use Closure;
use Illuminate\Auth\AuthenticationException;
use Illuminate\Auth\SessionGuard;
use Illuminate\Http\Request;
use Illuminate\Support\Facades\Auth;
use Symfony\Component\HttpFoundation\Response;

/** A browser that was signed out from another is signed out, whether its session goes on or it stayed signed in. */
final class KnownDevice
{
    /** When it was last seen is written down no oftener. */
    private const HOURS = 1;

    /**
     * @param  Closure(Request): Response  $next
     *
     * @throws AuthenticationException
     */
    public function handle(Request $request, Closure $next): Response
    {
        $user = SignedIn::user($request);
        $id = $request->session()->get(Device::KEY);
        $guard = Auth::guard('web');
        $cameBack = $id === null && $guard instanceof SessionGuard && $guard->viaRemember();
        if ($id === null && ! $cameBack) {
            // Signed in before devices were counted: until this session ends.
            return $next($request);
        }
        $token = $request->cookie(Device::COOKIE);
        $mine = Device::query()->where('user_id', $user->id);
        $device = $cameBack ? $mine->where('token', hash('sha256', is_string($token) ? $token : ''))->first() : $mine->whereKey($id)->first();
        if ($device === null) {
            SignedIn::leave($request);
            throw new AuthenticationException;
        }
        $request->session()->put(Device::KEY, $device->id);
        if ($device->seen_at->isBefore(CarbonImmutable::now()->subHours(self::HOURS))) {
            $device->update(['seen_at' => CarbonImmutable::now()]);
        }

        return $next($request);
    }
}
