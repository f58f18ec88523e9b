<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Contract\Answer;
use App\Http\Requests\RegisterRequest;
use App\Http\Requests\RememberedRequest;
use App\Http\Requests\SignInRequest;
use App\Http\Resources\Account\UserData;
use App\Models\Device;
use App\Models\User;
use Illuminate\Auth\SessionGuard;
use Illuminate\Database\UniqueConstraintViolationException;
use Illuminate\Http\JsonResponse;
use Illuminate\Http\Request;
use Illuminate\Http\Response;
use Illuminate\Support\Facades\Auth;
use Illuminate\Support\Facades\Cache;
use Illuminate\Support\Facades\Cookie;
use Illuminate\Support\Facades\Hash;
use Illuminate\Support\Str;
use Illuminate\Validation\ValidationException;
use OpenApi\Attributes as OA;

final class SessionController
{
    public const DEMO_EMAIL = 'demo@underbolt.example';

    /** Who stays signed in stays for so long, as the framework has it: 400 days. */
    private const STAYS_MINUTES = 576_000;

    #[OA\Get(path: '/api/me', operationId: 'me', responses: [
        new Answer(UserData::class, 'who is signed in'),
        new OA\Response(response: 401, ref: '#/components/responses/NotSignedIn'),
    ])]
    public function show(Request $request): JsonResponse
    {
        return new JsonResponse(UserData::of(SignedIn::user($request)));
    }

    #[OA\Post(path: '/api/register', operationId: 'register',
        responses: [
            new Answer(UserData::class, 'registered and signed in', 201),
        ])]
    public function register(RegisterRequest $request): JsonResponse
    {
        try {
            $user = User::query()->create($request->account());
        } catch (UniqueConstraintViolationException) {
            // Somebody was quicker between the look and the writing.
            throw ValidationException::withMessages(['email' => 'This e-mail address has an account already.']);
        }

        return $this->open($request, $user, 201, $request->boolean('stay'));
    }

    #[OA\Post(path: '/api/sign-in', operationId: 'signIn',
        responses: [
            new Answer(UserData::class, 'signed in'),
        ])]
    public function signIn(SignInRequest $request): JsonResponse
    {
        ['email' => $email, 'password' => $password] = $request->credentials();
        $user = User::called($email);
        // An unknown address takes as long as a known one.
        if (! Hash::check($password, $user === null ? self::nobody() : $user->password) || $user === null) {
            throw ValidationException::withMessages(['email' => 'That e-mail address and password don\'t belong together.']);
        }

        return $this->open($request, $user, 200, $request->boolean('stay'));
    }

    /** What is compared with where there is no account: made as a password's is. */
    private static function nobody(): string
    {
        $hash = Cache::rememberForever('the password of nobody', static fn (): string => Hash::make(Str::random(40)));
        assert(is_string($hash));

        return $hash;
    }

    #[OA\Post(path: '/api/demo', operationId: 'openDemo', responses: [
        new Answer(UserData::class, 'the demo workroom is open'),
        new OA\Response(response: 404, ref: '#/components/responses/NotFound'),
    ])]
    public function demo(Request $request): JsonResponse
    {
        abort_unless(config('app.demo') === true, 404);

        return $this->open($request, User::query()->where('email', self::DEMO_EMAIL)->firstOrFail(), 200, true);
    }

    #[OA\Post(path: '/api/sign-out', operationId: 'signOut', responses: [new OA\Response(response: 204, description: 'signed out')])]
    public function signOut(Request $request): Response
    {
        SignedIn::leave($request);

        return new Response(status: 204);
    }

    #[OA\Patch(path: '/api/me', operationId: 'remember',
        responses: [new Answer(UserData::class, 'kept')])]
    public function update(RememberedRequest $request): JsonResponse
    {
        $user = SignedIn::user($request);
        $user->update($request->remembered());

        return new JsonResponse(UserData::of($user));
    }

    public function open(Request $request, User $user, int $status, bool $stays): JsonResponse
    {
        // Nothing of whoever was signed in here before, and nobody who stayed comes back when this session ends.
        $request->session()->invalidate();
        $guard = Auth::guard('web');
        assert($guard instanceof SessionGuard);
        Cookie::queue(Cookie::forget($guard->getRecallerName()));
        $guard->login($user, $stays);
        $request->session()->regenerateToken();
        [$device, $token] = Device::begin($user, $request);
        $request->session()->put(Device::KEY, $device->id);
        Cookie::queue(Cookie::make(Device::COOKIE, $token, $stays ? self::STAYS_MINUTES : 0));

        return new JsonResponse(UserData::of($user), $status);
    }
}
