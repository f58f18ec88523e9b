<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use Closure;
use Symfony\Component\HttpFoundation\StreamedResponse;

/** An answer of many lines, each of them JSON and sent as soon as it is said. */
final class LineByLine
{
    /** @param  Closure(Closure(object): void): void  $work  is given what says a line */
    public static function of(Closure $work): StreamedResponse
    {
        return new StreamedResponse(static fn () => $work(static function (object $line): void {
            echo json_encode($line, JSON_THROW_ON_ERROR | JSON_PRESERVE_ZERO_FRACTION | JSON_UNESCAPED_UNICODE | JSON_INVALID_UTF8_SUBSTITUTE), "\n";
            flush();
        }), 200, ['Content-Type' => 'application/x-ndjson', 'X-Accel-Buffering' => 'no', 'Cache-Control' => 'no-store']);
    }
}
