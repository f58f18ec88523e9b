<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Contract\Answer;
use App\Http\Requests\AccountRequest;
use App\Http\Requests\RecoverRequest;
use App\Http\Resources\Account\RecoveryCodesData;
use App\Http\Resources\Account\UserData;
use App\Models\Device;
use App\Models\RecoveryCode;
use App\Models\User;
use Illuminate\Http\JsonResponse;
use Illuminate\Validation\ValidationException;
use OpenApi\Attributes as OA;

/** For one who has lost the password, where no mail is sent: codes that were written down. */
final class RecoveryController
{
    #[OA\Post(path: '/api/me/recovery-codes', operationId: 'makeRecoveryCodes',
        responses: [
            new Answer(RecoveryCodesData::class, 'ten new ones, in the place of all before'),
        ])]
    public function codes(AccountRequest $request): JsonResponse
    {
        $user = SignedIn::user($request);
        SignedIn::keepDemo($user);

        return new JsonResponse(new RecoveryCodesData(RecoveryCode::make($user)));
    }

    #[OA\Post(path: '/api/recover', operationId: 'recover',
        responses: [
            new Answer(UserData::class, 'the password is the new one, and everywhere else one is signed out'),
        ])]
    public function recover(RecoverRequest $request, SessionController $session): JsonResponse
    {
        $user = User::called($request->string('email')->toString());
        if (! RecoveryCode::use($user, $request->string('code')->toString()) || $user === null) {
            throw ValidationException::withMessages(['code' => 'This is no code of that address, or it was used already.']);
        }
        $user->changePassword($request->string('password')->toString());
        Device::query()->where('user_id', $user->id)->delete();

        return $session->open($request, $user, 200, false);
    }
}
