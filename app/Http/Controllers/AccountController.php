<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Contract\Answer;
use App\Http\Requests\AccountRequest;
use App\Http\Requests\BringBackRequest;
use App\Http\Resources\Account\BringingLineData;
use App\Http\Resources\Account\BroughtBackData;
use App\Http\Resources\Account\DeviceData;
use App\Http\Resources\Account\DeviceListData;
use App\Http\Resources\Account\HoldsData;
use App\Http\Resources\Account\Problem;
use App\Models\Device;
use App\Records\Everything;
use App\Records\Whole\BringBack;
use Closure;
use Illuminate\Http\JsonResponse;
use Illuminate\Http\Request;
use Illuminate\Http\Response;
use Illuminate\Support\Facades\Auth;
use Illuminate\Support\Facades\Cache;
use Illuminate\Validation\ValidationException;
use OpenApi\Attributes as OA;
use Symfony\Component\HttpFoundation\BinaryFileResponse;
use Symfony\Component\HttpFoundation\StreamedResponse;
use Throwable;

/** What a user does with the account itself; what changes it asks for the password. */
final class AccountController
{
    private const MOST_DEVICES = 50;

    /** A server that was killed meanwhile lets the next one in after so long. */
    private const ARRIVES_SECONDS = 300;

    #[OA\Get(path: '/api/me/everything.zip', operationId: 'everything', responses: [
        new OA\Response(response: 200, description: 'all that is kept here', content: new OA\MediaType(mediaType: 'application/zip')),
    ])]
    public function everything(Request $request): BinaryFileResponse
    {
        return (new BinaryFileResponse(Everything::file(SignedIn::user($request)), 200, ['Content-Type' => 'application/zip'], contentDisposition: 'attachment'))
            ->setContentDisposition('attachment', 'underbolt-everything.zip')
            ->deleteFileAfterSend();
    }

    #[OA\Put(path: '/api/me/password', operationId: 'changePassword',
        responses: [
            new OA\Response(response: 204, description: 'changed; everywhere else one is signed out'),
        ])]
    public function password(AccountRequest $request): Response
    {
        $user = SignedIn::user($request);
        SignedIn::keepDemo($user);
        $user->changePassword($request->string('password')->toString());
        self::leaveElsewhere($request);

        return new Response(status: 204);
    }

    #[OA\Delete(path: '/api/me/sessions', operationId: 'signOutElsewhere',
        responses: [
            new OA\Response(response: 204, description: 'everywhere else one is signed out'),
        ])]
    public function signOutElsewhere(AccountRequest $request): Response
    {
        Auth::logoutOtherDevices($request->string('current')->toString());
        self::leaveElsewhere($request);

        return new Response(status: 204);
    }

    #[OA\Delete(path: '/api/me', operationId: 'deleteAccount',
        responses: [
            new OA\Response(response: 204, description: 'gone, with everything in it'),
        ])]
    public function destroy(AccountRequest $request): Response
    {
        $user = SignedIn::user($request);
        SignedIn::keepDemo($user);
        SignedIn::leave($request);
        $user->delete();

        return new Response(status: 204);
    }

    #[OA\Post(path: '/api/me/everything', operationId: 'bringEverythingBack',
        requestBody: new OA\RequestBody(required: true, content: new OA\MediaType(mediaType: 'multipart/form-data', schema: new OA\Schema(
            required: ['file', 'write', 'takes'], properties: [
                new OA\Property(property: 'file', type: 'string', format: 'binary'),
                new OA\Property(property: 'write', description: 'else it is only told', type: 'string', enum: ['0', '1']),
                new OA\Property(property: 'takes', description: 'whether the file takes the place of what stands here otherwise', type: 'string', enum: ['0', '1']),
            ],
        ))),
        responses: [
            new OA\Response(response: 200, description: 'a line of JSON for how far it is, again and again, and one for what came of it', content: new OA\MediaType(
                mediaType: 'application/x-ndjson',
                schema: new OA\Schema(ref: BringingLineData::class),
            )),
            new OA\Response(response: 409, description: 'something is being brought back already', content: new OA\JsonContent(ref: Problem::class)),
        ])]
    public function bringBack(BringBackRequest $request): StreamedResponse
    {
        $user = SignedIn::user($request);
        $records = $request->records();
        $lock = Cache::lock("arriving {$user->id}", self::ARRIVES_SECONDS);
        abort_unless($lock->get() === true, 409, 'A file is being brought back already: wait until it is in.');

        return LineByLine::of(static function (Closure $tell) use ($user, $records, $request, $lock): void {
            // Whoever goes away meanwhile stops it: then what was written has to go again.
            ignore_user_abort(true);
            $shown = -1;
            $goesOn = static function (int $record) use ($records, $tell, &$shown): bool {
                $done = intdiv(100 * $record, max(1, $records->count));
                if ($done !== $shown) {
                    $tell(new BringingLineData(done: $shown = $done));
                }

                return connection_aborted() === 0;
            };
            $write = $request->boolean('write');
            try {
                $told = $write
                    ? BringBack::write($user, $records->each(), $request->boolean('takes'), $goesOn)
                    : BringBack::look($user, $records->each(), $request->boolean('takes'), $goesOn);
                $tell(new BringingLineData(brought: $told === null ? null : BroughtBackData::of($told, $write)));
            } catch (ValidationException $refusal) {
                $tell(new BringingLineData(failed: $refusal->getMessage()));
            } catch (Throwable $failure) {
                report($failure);
                $tell(new BringingLineData(failed: 'This could not be brought in just now, and nothing of it is kept. Try again in a moment.'));
            } finally {
                $lock->release();
            }
        });
    }

    #[OA\Get(path: '/api/me/holds', operationId: 'holds',
        responses: [
            new Answer(HoldsData::class, 'how much goes with the account'),
        ])]
    public function holds(Request $request): JsonResponse
    {
        return new JsonResponse(HoldsData::of(SignedIn::user($request)));
    }

    #[OA\Get(path: '/api/me/devices', operationId: 'devices',
        responses: [
            new Answer(DeviceListData::class, 'where one is signed in'),
        ])]
    public function devices(Request $request): JsonResponse
    {
        $user = SignedIn::user($request);
        $here = $request->session()->get(Device::KEY);
        // The demo is everybody's: who else looks at it is nobody's business.
        $shown = $user->email === SessionController::DEMO_EMAIL ? 0 : self::MOST_DEVICES;
        $devices = [];
        foreach ($user->devices()->get()->sortByDesc('seen_at')->take($shown) as $device) {
            $devices[] = DeviceData::of($device, is_int($here) ? $here : null);
        }

        return new JsonResponse(new DeviceListData($devices));
    }

    #[OA\Delete(path: '/api/me/devices/{device}', operationId: 'signOutDevice',
        responses: [
            new OA\Response(response: 204, description: 'signed out there'),
            new OA\Response(response: 404, ref: '#/components/responses/NotFound'),
        ])]
    public function signOutDevice(Request $request, int $device): Response
    {
        $user = SignedIn::user($request);
        SignedIn::keepDemo($user);
        $gone = Device::query()->where('user_id', $user->id)->whereKey($device)->delete();
        abort_if($gone === 0, 404, 'There is no such record of yours.');

        return new Response(status: 204);
    }

    /** Nowhere but here is the account signed in any longer. */
    private static function leaveElsewhere(Request $request): void
    {
        Device::query()->where('user_id', SignedIn::user($request)->id)->whereKeyNot($request->session()->get(Device::KEY) ?? 0)->delete();
    }
}
