<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Contract\Answer;
use App\Http\Requests\SeenRequest;
use App\Http\Resources\Account\Problem;
use App\Http\Resources\Workroom\BinEntryData;
use App\Models\BinEntry;
use App\Models\Card;
use App\Models\House;
use App\Models\Make;
use App\Models\Nest;
use App\Models\Pattern;
use App\Models\Wearer;
use App\Records\Bin;
use Carbon\CarbonImmutable;
use Illuminate\Http\JsonResponse;
use Illuminate\Http\Request;
use Illuminate\Http\Response;
use OpenApi\Attributes as OA;
use Underbolt\Nest\DrawnPiece;

/** Deletes, if the record still is as it was seen, and brings back. */
final class BinController
{
    #[OA\Get(path: '/api/bin', operationId: 'bin', responses: [
        new OA\Response(
            response: 200,
            description: 'what was deleted, newest first',
            content: new OA\JsonContent(type: 'array', items: new OA\Items(ref: BinEntryData::class)),
        ),
    ])]
    public function index(Request $request): JsonResponse
    {
        $entries = SignedIn::user($request)->binEntries()->get()->sortByDesc('id');

        return new JsonResponse($entries->values()->map(static fn (BinEntry $entry): BinEntryData => BinEntryData::of($entry, CarbonImmutable::now())));
    }

    #[OA\Post(path: '/api/bin/{entry}/restore', operationId: 'bringBack',
        responses: [
            new OA\Response(response: 204, description: 'as it was'),
            new OA\Response(response: 409, description: 'what it needs is not there', content: new OA\JsonContent(ref: Problem::class)),
        ])]
    public function restore(BinEntry $entry): Response
    {
        Bin::restore($entry);

        return new Response(status: 204);
    }

    #[OA\Delete(path: '/api/bin/{entry}', operationId: 'deleteForGood',
        responses: [
            new OA\Response(response: 204, description: 'gone for good'),
            new OA\Response(response: 409, description: 'a make needs it', content: new OA\JsonContent(ref: Problem::class)),
        ])]
    public function letGo(BinEntry $entry): Response
    {
        abort_unless(Bin::letGo($entry), 409, 'A make is planned from this card: it stays as long as the make.');

        return new Response(status: 204);
    }

    #[OA\Delete(path: '/api/wearers/{wearer}', operationId: 'deleteWearer',
        responses: [
            new Answer(BinEntryData::class, 'in the bin, with all cards and makes'),
            new OA\Response(response: 409, description: 'changed elsewhere: nothing is deleted', content: new OA\JsonContent(ref: Problem::class)),
        ])]
    public function wearer(SeenRequest $request, Wearer $wearer): JsonResponse
    {
        return self::put($request, $wearer);
    }

    #[OA\Delete(path: '/api/cards/{card}', operationId: 'deleteCard',
        responses: [
            new Answer(BinEntryData::class, 'in the bin; makes planned from it stay'),
            new OA\Response(response: 409, description: 'changed elsewhere: nothing is deleted', content: new OA\JsonContent(ref: Problem::class)),
        ])]
    public function card(SeenRequest $request, Card $card): JsonResponse
    {
        return self::put($request, $card);
    }

    #[OA\Delete(path: '/api/patterns/{pattern}', operationId: 'deletePattern',
        responses: [
            new Answer(BinEntryData::class, 'in the bin, with its makes'),
            new OA\Response(response: 409, description: 'changed elsewhere: nothing is deleted', content: new OA\JsonContent(ref: Problem::class)),
        ])]
    public function pattern(SeenRequest $request, Pattern $pattern): JsonResponse
    {
        return self::put($request, $pattern);
    }

    #[OA\Delete(path: '/api/makes/{make}', operationId: 'deleteMake',
        responses: [
            new Answer(BinEntryData::class, 'in the bin'),
            new OA\Response(response: 409, description: 'changed elsewhere: nothing is deleted', content: new OA\JsonContent(ref: Problem::class)),
        ])]
    public function make(SeenRequest $request, Make $make): JsonResponse
    {
        return self::put($request, $make);
    }

    #[OA\Delete(path: '/api/houses/{house}', operationId: 'deleteHouse',
        responses: [
            new Answer(BinEntryData::class, 'in the bin; its patterns keep what they say themselves'),
            new OA\Response(response: 409, description: 'changed elsewhere: nothing is deleted', content: new OA\JsonContent(ref: Problem::class)),
        ])]
    public function house(SeenRequest $request, House $house): JsonResponse
    {
        return self::put($request, $house);
    }

    #[OA\Delete(path: '/api/patterns/{pattern}/nests/{piece}', operationId: 'takeNestAway',
        parameters: [
            new OA\Parameter(name: 'piece', in: 'path', required: true, schema: new OA\Schema(type: 'string', enum: DrawnPiece::ALL)),
        ],
        responses: [
            new Answer(BinEntryData::class, 'in the bin, with its marks'),
            new OA\Response(response: 409, description: 'changed elsewhere: nothing is deleted', content: new OA\JsonContent(ref: Problem::class)),
        ])]
    public function nest(SeenRequest $request, Pattern $pattern, string $piece): JsonResponse
    {
        return self::put($request, $pattern->nests()->where('piece', $piece)->firstOrFail());
    }

    private static function put(SeenRequest $request, Wearer|Card|Pattern|Make|House|Nest $record): JsonResponse
    {
        $entry = $record->changeSince($request->integer('version'), static fn (): BinEntry => Bin::put($record));

        return $entry === null
            ? abort(409, 'This was changed elsewhere meanwhile: look at it again before it goes.')
            : new JsonResponse(BinEntryData::of($entry, CarbonImmutable::now()));
    }
}
