<?php

declare(strict_types=1);

namespace App\Http;

use Illuminate\Database\QueryException;
use Illuminate\Support\Facades\Log;
use Throwable;

/** What is written down of a failure: what and where, and nothing of anybody's names and figures. */
final class Reported
{
    private const MOST_STEPS = 12;

    /** @return false as the framework's own way would write the values of a statement into the log */
    public static function of(Throwable $failure): bool
    {
        $about = $failure instanceof QueryException
            ? ['sql' => $failure->getSql(), 'reason' => $failure->getPrevious()?->getMessage() ?? '']
            : ['reason' => $failure->getMessage()];
        $steps = array_map(static fn (array $step): string => ($step['file'] ?? '').':'.($step['line'] ?? 0), array_slice($failure->getTrace(), 0, self::MOST_STEPS));
        Log::error($failure::class, [...$about, 'at' => "{$failure->getFile()}:{$failure->getLine()}", 'from' => $steps]);

        return false;
    }
}
