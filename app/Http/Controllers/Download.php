<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use Illuminate\Http\Response;
use Illuminate\Support\Str;
use Symfony\Component\HttpFoundation\HeaderUtils;

/** Something that is written for a request, with its type and its name. */
final class Download
{
    /** To be kept as a file. */
    public static function kept(string $content, string $type, string $name): Response
    {
        return self::named($content, $type, HeaderUtils::DISPOSITION_ATTACHMENT, $name);
    }

    /** To be looked at first. */
    public static function shown(string $content, string $type, string $name): Response
    {
        return self::named($content, $type, HeaderUtils::DISPOSITION_INLINE, $name);
    }

    /** The name in any script, and for the oldest browsers in the letters of ours (RFC 6266, RFC 8187). */
    private static function named(string $content, string $type, string $how, string $name): Response
    {
        $plain = trim((string) preg_replace('/[^\w.-]+/', '', Str::ascii($name)), '-');

        return new Response($content, 200, ['Content-Type' => $type, 'Content-Disposition' => HeaderUtils::makeDisposition($how, $name, str_starts_with($plain, '.') || $plain === '' ? "underbolt{$plain}" : $plain)]);
    }
}
