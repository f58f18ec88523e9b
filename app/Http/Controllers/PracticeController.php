<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Contract\Answer;
use App\Demo\DemoWorkroom;
use App\Http\Requests\AnswerQuestionRequest;
use App\Http\Requests\QuestionRequest;
use App\Http\Requests\TapeReadRequest;
use App\Http\Resources\Practice\AnsweredData;
use App\Http\Resources\Practice\PracticeData;
use App\Http\Resources\Practice\QuestionData;
use App\Http\Resources\Practice\ReadTapeData;
use App\Models\Pattern;
use App\Models\User;
use Carbon\CarbonImmutable;
use Illuminate\Http\JsonResponse;
use Illuminate\Http\Request;
use OpenApi\Attributes as OA;
use Underbolt\File\Typed\FaultLog;
use Underbolt\Pattern\Pattern as CorePattern;
use Underbolt\Practice\Box;
use Underbolt\Practice\Exercises\Exercise;
use Underbolt\Practice\TapeReading;

final class PracticeController
{
    #[OA\Get(path: '/api/practice', operationId: 'practice',
        responses: [
            new Answer(PracticeData::class, 'the bodies and what is practised on them'),
        ])]
    public function index(Request $request): JsonResponse
    {
        return new JsonResponse(PracticeData::of(SignedIn::user($request), CarbonImmutable::today()));
    }

    #[OA\Post(path: '/api/practice/readings', operationId: 'readTape',
        responses: [
            new Answer(ReadTapeData::class, 'what the tape reads as it was laid; an own one moves the exercise to its next box'),
        ])]
    public function read(TapeReadRequest $request): JsonResponse
    {
        $user = SignedIn::user($request);
        $figure = $request->figure();
        $placing = $request->placing($figure);
        $read = ReadTapeData::of($figure, $placing, TapeReading::of($figure, $placing), self::pattern($request), $user->unit);
        if ($request->decides()) {
            self::remember($user, $request->exercise(), $read->is_right);
        }

        return new JsonResponse($read);
    }

    #[OA\Get(path: '/api/practice/questions/{exercise}', operationId: 'question',
        parameters: [
            new OA\Parameter(name: 'exercise', in: 'path', required: true, schema: new OA\Schema(type: 'string', enum: Exercise::class)),
            new OA\Parameter(name: 'seed', description: 'the same draws the same question again', in: 'query', required: true, schema: new OA\Schema(type: 'integer')),
        ],
        responses: [
            new Answer(QuestionData::class, 'what is asked'),
        ])]
    public function question(QuestionRequest $request, Exercise $exercise): JsonResponse
    {
        return new JsonResponse(QuestionData::of($request->question($exercise)));
    }

    #[OA\Post(path: '/api/practice/questions/{exercise}', operationId: 'answerQuestion',
        parameters: [
            new OA\Parameter(name: 'exercise', in: 'path', required: true, schema: new OA\Schema(type: 'string', enum: Exercise::class)),
        ],
        responses: [
            new Answer(AnsweredData::class, 'whether it is right, and why; it moves the exercise to its next box'),
        ])]
    public function answer(AnswerQuestionRequest $request, Exercise $exercise): JsonResponse
    {
        $question = $request->question($exercise);
        $isRight = $question->isRight($request->answered($question));
        self::remember(SignedIn::user($request), $exercise, $isRight);

        return new JsonResponse(AnsweredData::of($question, $isRight));
    }

    private static function pattern(TapeReadRequest $request): ?CorePattern
    {
        $id = $request->input('pattern');

        return is_int($id) ? Pattern::query()->find($id)?->toCore(new FaultLog) : DemoWorkroom::pattern();
    }

    /** What is right is asked again after twice as many days; asked before it is due it stays where it lies, unless it is wrong. */
    private static function remember(User $user, Exercise $exercise, bool $isRight): void
    {
        $today = CarbonImmutable::today();
        $lies = $user->practice[$exercise->value] ?? null;
        if ($lies !== null && $isRight && $lies['due'] > $today->toDateString()) {
            return;
        }
        $box = Box::after($lies === null ? null : Box::numbered($lies['box']), $isRight);
        $user->update(['practice' => [...$user->practice, $exercise->value => ['box' => $box->number, 'due' => $today->addDays($box->days())->toDateString()]]]);
    }
}
