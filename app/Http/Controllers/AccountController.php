<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Http\Requests\AccountRequest;
use App\Records\Everything;
use Illuminate\Http\Request;
use Illuminate\Http\Response;
use Illuminate\Support\Facades\Auth;
use OpenApi\Attributes as OA;

/** What a user does with the account itself; what changes it asks for the password. */
final class AccountController
{
    #[OA\Get(path: '/api/me/everything.zip', operationId: 'everything', responses: [
        new OA\Response(response: 200, description: 'all that is kept here', content: new OA\MediaType(mediaType: 'application/zip')),
    ])]
    public function everything(Request $request): Response
    {
        return Download::kept(Everything::of(SignedIn::user($request)), 'application/zip', 'underbolt-everything.zip');
    }

    #[OA\Put(path: '/api/me/password', operationId: 'changePassword',
        responses: [
            new OA\Response(response: 204, description: 'changed; everywhere else one is signed out'),
        ])]
    public function password(AccountRequest $request): Response
    {
        $user = SignedIn::user($request);
        self::keepDemo($user->email);
        $user->changePassword($request->string('password')->toString());

        return new Response(status: 204);
    }

    #[OA\Delete(path: '/api/me/sessions', operationId: 'signOutElsewhere',
        responses: [
            new OA\Response(response: 204, description: 'everywhere else one is signed out'),
        ])]
    public function signOutElsewhere(AccountRequest $request): Response
    {
        Auth::logoutOtherDevices($request->string('current')->toString());

        return new Response(status: 204);
    }

    #[OA\Delete(path: '/api/me', operationId: 'deleteAccount',
        responses: [
            new OA\Response(response: 204, description: 'gone, with everything in it'),
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
