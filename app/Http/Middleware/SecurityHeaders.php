<?php

declare(strict_types=1);

namespace App\Http\Middleware;

use Closure;
use Illuminate\Http\Request;
use Illuminate\Support\Facades\Vite;
use Symfony\Component\HttpFoundation\Response;

/** Keeps every page to its own origin: nothing is loaded from, sent to or framed by anyone else. */
final class SecurityHeaders
{
    /** @param  Closure(Request): Response  $next */
    public function handle(Request $request, Closure $next): Response
    {
        $response = $next($request);
        $nonce = Vite::cspNonce();
        $response->headers->add([
            // The interface library writes its theme into style elements that carry the nonce.
            'Content-Security-Policy' => "default-src 'none'; script-src 'self'; style-src 'self' 'nonce-{$nonce}'; "
                ."img-src 'self' data:; font-src 'self'; connect-src 'self'; form-action 'self'; base-uri 'none'; frame-ancestors 'none'",
            'X-Content-Type-Options' => 'nosniff',
            'Referrer-Policy' => 'same-origin',
            'Permissions-Policy' => 'camera=(), geolocation=(), microphone=(), payment=(), usb=()',
            // Once it was reached safely it is never asked for otherwise.
            ...($request->secure() ? ['Strict-Transport-Security' => 'max-age=31536000'] : []),
        ]);
        // Which PHP it is helps nobody but those who look for its faults.
        header_remove('X-Powered-By');

        return $response;
    }
}
