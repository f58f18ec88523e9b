<?php

declare(strict_types=1);

namespace App\Providers;

use App\Http\Controllers\SignedIn;
use App\Http\FileSessions;
use Illuminate\Cache\RateLimiting\Limit;
use Illuminate\Database\Eloquent\Model;
use Illuminate\Database\Events\TransactionBeginning;
use Illuminate\Filesystem\Filesystem;
use Illuminate\Http\JsonResponse;
use Illuminate\Http\Request;
use Illuminate\Support\Facades\Event;
use Illuminate\Support\Facades\RateLimiter;
use Illuminate\Support\Facades\Session;
use Illuminate\Support\Facades\Vite;
use Illuminate\Support\ServiceProvider;

final class AppServiceProvider extends ServiceProvider
{
    public function boot(): void
    {
        Model::shouldBeStrict();
        Vite::useCspNonce();
        // Who begins by reading would be refused, not wait, where another writes before it does: so each begins by writing nothing.
        Event::listen(static fn (TransactionBeginning $begun): bool => $begun->connection->transactionLevel() > 1 || $begun->connection->statement('update migrations set batch = batch where 0'));
        Session::extend('file', static fn (): FileSessions => new FileSessions(
            new Filesystem,
            storage_path('framework/sessions'),
            config()->integer('session.lifetime'),
        ));
        RateLimiter::for('tape', static fn (Request $request): Limit => Limit::perMinute(120)->by('tape:'.$request->ip()));
        RateLimiter::for('uploads', static fn (Request $request): Limit => Limit::perMinute(30)->by('uploads:'.SignedIn::user($request)->id));
        RateLimiter::for('account', static fn (Request $request): Limit => Limit::perMinute(5)->by('account:'.SignedIn::user($request)->id)->response(self::tooMany(...)));
        RateLimiter::for('sign-in', static fn (Request $request): array => [
            Limit::perMinute(5)->by(
                'name:'.mb_strtolower(self::text($request, 'email')).'|'.$request->ip(),
            )->response(self::tooMany(...)),
            Limit::perMinute(config()->integer('app.sign_ins'))->by('address:'.$request->ip())->response(self::tooMany(...)),
        ]);
    }

    /** Nothing is validated yet: anything may stand there. */
    private static function text(Request $request, string $key): string
    {
        $typed = $request->input($key);

        return is_string($typed) ? $typed : '';
    }

    private static function tooMany(): JsonResponse
    {
        return new JsonResponse(['message' => 'Too many tries. Wait a minute, then try again.'], 429);
    }
}
