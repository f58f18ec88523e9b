<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Http\Requests\RegisterRequest;
use App\Http\Requests\SignInRequest;
use App\Http\Requests\UnitRequest;
use App\Http\Resources\Account\UserData;
use App\Models\User;
use Illuminate\Auth\SessionGuard;
use Illuminate\Database\UniqueConstraintViolationException;
use Illuminate\Http\JsonResponse;
use Illuminate\Http\Request;
use Illuminate\Http\Response;
use Illuminate\Support\Facades\Auth;
use Illuminate\Support\Facades\Cookie;
use Illuminate\Validation\ValidationException;
use OpenApi\Attributes as OA;

final class SessionController
{
    public const DEMO_EMAIL = 'demo@underbolt.example';

    #[OA\Get(path: '/api/me', operationId: 'me', responses: [
        new OA\Response(response: 200, description: 'who is signed in', content: new OA\JsonContent(ref: UserData::class)),
        new OA\Response(response: 401, ref: '#/components/responses/NotSignedIn'),
    ])]
    public function show(Request $request): JsonResponse
    {
        return new JsonResponse(UserData::of(SignedIn::user($request)));
    }

    #[OA\Post(path: '/api/register', operationId: 'register',
        requestBody: new OA\RequestBody(required: true, content: new OA\JsonContent(ref: RegisterRequest::class)),
        responses: [
            new OA\Response(response: 201, description: 'registered and signed in', content: new OA\JsonContent(ref: UserData::class)),
            new OA\Response(response: 422, ref: '#/components/responses/Refused'),
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
        requestBody: new OA\RequestBody(required: true, content: new OA\JsonContent(ref: SignInRequest::class)),
        responses: [
            new OA\Response(response: 200, description: 'signed in', content: new OA\JsonContent(ref: UserData::class)),
            new OA\Response(response: 422, ref: '#/components/responses/Refused'),
        ])]
    public function signIn(SignInRequest $request): JsonResponse
    {
        if (! Auth::attempt($request->credentials())) {
            throw ValidationException::withMessages(['email' => 'That e-mail address and password don\'t belong together.']);
        }

        return $this->open($request, SignedIn::user($request), 200, $request->boolean('stay'));
    }

    #[OA\Post(path: '/api/demo', operationId: 'openDemo', responses: [
        new OA\Response(response: 200, description: 'the demo workroom is open', content: new OA\JsonContent(ref: UserData::class)),
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

    #[OA\Patch(path: '/api/me', operationId: 'chooseUnit',
        requestBody: new OA\RequestBody(required: true, content: new OA\JsonContent(ref: UnitRequest::class)),
        responses: [new OA\Response(response: 200, description: 'kept', content: new OA\JsonContent(ref: UserData::class))])]
    public function update(UnitRequest $request): JsonResponse
    {
        $user = SignedIn::user($request);
        $user->update(['unit' => $request->unit()]);

        return new JsonResponse(UserData::of($user));
    }

    private function open(Request $request, User $user, int $status, bool $stays): JsonResponse
    {
        // Nothing of whoever was signed in here before, and nobody who stayed comes back when this session ends.
        $request->session()->invalidate();
        $guard = Auth::guard('web');
        assert($guard instanceof SessionGuard);
        Cookie::queue(Cookie::forget($guard->getRecallerName()));
        $guard->login($user, $stays);
        $request->session()->regenerateToken();

        return new JsonResponse(UserData::of($user), $status);
    }
}
