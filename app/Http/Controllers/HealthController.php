<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use Illuminate\Http\Response;
use Illuminate\Support\Facades\DB;

/** Whether the workroom can be reached; the framework's own page for this fetches fonts from elsewhere. */
final class HealthController
{
    public function __invoke(): Response
    {
        DB::select('select 1 from users limit 1');

        return new Response("up\n", 200, ['Content-Type' => 'text/plain; charset=utf-8', 'Cache-Control' => 'no-store']);
    }
}
