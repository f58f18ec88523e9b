<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Http\Requests\AccountRequest;
use Illuminate\Http\Response;
use Illuminate\Support\Facades\Auth;
use OpenApi\Attributes as OA;

/** What a user does with the account itself, each time with its password. */
final class AccountController
{
    #[OA\Put(path: '/api/me/password', operationId: 'changePassword',
        requestBody: new OA\RequestBody(required: true, content: new OA\JsonContent(ref: AccountRequest::class)),
        responses: [
            new OA\Response(response: 204, description: 'changed; everywhere else one is signed out'),
            new OA\Response(response: 422, ref: '#/components/responses/Refused'),
        ])]
    public function password(AccountRequest $request): Response
    {
        $user = SignedIn::user($request);
        self::keepDemo($user->email);
        $user->changePassword($request->string('password')->toString());

        return new Response(status: 204);
    }

    #[OA\Delete(path: '/api/me/sessions', operationId: 'signOutElsewhere',
        requestBody: new OA\RequestBody(required: true, content: new OA\JsonContent(ref: AccountRequest::class)),
        responses: [
            new OA\Response(response: 204, description: 'everywhere else one is signed out'),
            new OA\Response(response: 422, ref: '#/components/responses/Refused'),
        ])]
    public function signOutElsewhere(AccountRequest $request): Response
    {
        Auth::logoutOtherDevices($request->string('current')->toString());

        return new Response(status: 204);
    }

    #[OA\Delete(path: '/api/me', operationId: 'deleteAccount',
        requestBody: new OA\RequestBody(required: true, content: new OA\JsonContent(ref: AccountRequest::class)),
        responses: [
            new OA\Response(response: 204, description: 'gone, with everything in it'),
            new OA\Response(response: 422, ref: '#/components/responses/Refused'),
        ])]
    public function destroy(AccountRequest $request): Response
    {
        $user = SignedIn::user($request);
        self::keepDemo($user->email);
        SignedIn::leave($request);
        $user->delete();

        return new Response(status: 204);
    }

    private static function keepDemo(string $email): void
    {
        abort_if($email === SessionController::DEMO_EMAIL, 403, 'The demo workroom stays open to everyone.');
    }
}
