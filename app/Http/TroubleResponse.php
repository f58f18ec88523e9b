<?php

declare(strict_types=1);

namespace App\Http;

use ErrorException;
use Illuminate\Http\JsonResponse;
use PDOException;
use Symfony\Component\HttpKernel\Exception\HttpException;
use Throwable;
use UnexpectedValueException;

/** What a person can do when the disk or the database behind the application won't have it. */
final class TroubleResponse
{
    private const SENTENCES = [
        'database is locked' => [503, 'The workroom is busy. What you typed is still here; try again.'],
        'database or disk is full' => [507, self::FULL],
        'disk I/O error' => [507, self::FULL],
        'No space left on device' => [507, self::FULL],
        'readonly database' => [503, self::READ_ONLY],
        'Read-only file system' => [503, self::READ_ONLY],
        'unable to open database file' => [503, 'The workroom can’t be reached just now. What you typed is still here; try again.'],
    ];

    private const FULL = 'The disk of the server is full, or failing: this was not kept. What you typed is still here; make room there, then try again.';

    private const READ_ONLY = 'The workroom can only be read just now: this was not kept. What you typed is still here.';

    private const PUT_BACK = 'The workroom is being put back from a backup. What you typed is still here; try again in a minute.';

    /** Null for any other trouble. */
    public static function of(Throwable $trouble): ?JsonResponse
    {
        if ($trouble instanceof HttpException && $trouble->getStatusCode() === 503) {
            return self::told(503, self::PUT_BACK);
        }
        // From a statement or the end of a transaction, a file, or the log. A refusal may hold such words as somebody typed them.
        if (! $trouble instanceof PDOException && ! $trouble instanceof ErrorException && ! $trouble instanceof UnexpectedValueException) {
            return null;
        }
        foreach (self::SENTENCES as $reason => [$status, $sentence]) {
            if (str_contains($trouble->getMessage(), $reason)) {
                return self::told($status, $sentence);
            }
        }

        return null;
    }

    private static function told(int $status, string $sentence): JsonResponse
    {
        return new JsonResponse(['message' => $sentence, 'errors' => []], $status, ['Retry-After' => '2']);
    }
}
