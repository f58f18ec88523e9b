<?php

declare(strict_types=1);

use App\Http\Middleware\RefusalAsPage;
use App\Http\Middleware\RefuseLargeBodies;
use App\Http\Middleware\RefuseMalformedBodies;
use App\Http\Middleware\SecurityHeaders;
use App\Http\RefusalResponse;
use App\Http\Reported;
use App\Http\TroubleResponse;
use App\Records\StillInBin;
use Illuminate\Database\Eloquent\ModelNotFoundException;
use Illuminate\Foundation\Application;
use Illuminate\Foundation\Configuration\Exceptions;
use Illuminate\Foundation\Configuration\Middleware;
use Illuminate\Http\JsonResponse;
use Illuminate\Http\Middleware\HandleCors;
use Symfony\Component\HttpKernel\Exception\NotFoundHttpException;
use Underbolt\Refusal;

return Application::configure(basePath: dirname(__DIR__))
    ->withRouting(web: __DIR__.'/../routes/web.php', commands: __DIR__.'/../routes/console.php')
    ->withCommands([__DIR__.'/../app/Console/Commands'])
    ->withMiddleware(function (Middleware $middleware): void {
        // Every request comes from our own origin, and the package behind this one is replaced.
        $middleware->remove(HandleCors::class);
        $middleware->prepend(RefuseLargeBodies::class);
        // Whatever refuses it, while a backup is put back too.
        $middleware->prepend(RefusalAsPage::class);
        $middleware->append(RefuseMalformedBodies::class);
        $middleware->append(SecurityHeaders::class);
        $middleware->redirectGuestsTo('/');
    })
    ->withExceptions(function (Exceptions $exceptions): void {
        $exceptions->dontReport(Refusal::class);
        $exceptions->report(static fn (Throwable $failure): bool => Reported::of($failure));
        $exceptions->render(static fn (Throwable $trouble) => TroubleResponse::of($trouble));
        $exceptions->render(static fn (NotFoundHttpException $missing) => $missing->getPrevious() instanceof ModelNotFoundException
            ? new JsonResponse(['message' => 'There is no such record of yours.'], 404)
            : null);
        $exceptions->dontReport(StillInBin::class);
        $exceptions->render(static fn (StillInBin $waits) => new JsonResponse(['message' => $waits->getMessage(), 'errors' => []], 409));
        $exceptions->render(static fn (Refusal $refusal) => RefusalResponse::of($refusal->faults()));
        $exceptions->shouldRenderJsonWhen(static fn ($request): bool => $request->is('api/*'));
    })
    ->create();
